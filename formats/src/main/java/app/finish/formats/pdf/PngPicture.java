package app.finish.formats.pdf;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.OutputStream;
import javax.imageio.IIOImage;
import javax.imageio.ImageIO;
import javax.imageio.ImageTypeSpecifier;
import javax.imageio.ImageWriter;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.metadata.IIOMetadataNode;
import javax.imageio.stream.ImageOutputStream;

/// A picture as PNG that says how many of its dots are an inch and what it shows.
final class PngPicture {
  private static final String FORM = "javax_imageio_png_1.0";
  private static final double INCHES_IN_A_METRE = 39.3701;

  private PngPicture() {}

  /// Writes it.
  ///
  /// @param dots how many dots are an inch
  /// @param description what it shows; the keyword is the one that the PNG specification names
  static void write(BufferedImage image, float dots, String description, OutputStream out)
      throws IOException {
    ImageIO.setUseCache(false);
    ImageWriter writer = ImageIO.getImageWritersByFormatName("png").next();
    try (ImageOutputStream stream = ImageIO.createImageOutputStream(out)) {
      IIOMetadata about =
          writer.getDefaultImageMetadata(
              ImageTypeSpecifier.createFromRenderedImage(image), writer.getDefaultWriteParam());
      IIOMetadataNode root = new IIOMetadataNode(FORM);
      IIOMetadataNode size = new IIOMetadataNode("pHYs");
      String each = "" + Math.round(dots * INCHES_IN_A_METRE);
      size.setAttribute("pixelsPerUnitXAxis", each);
      size.setAttribute("pixelsPerUnitYAxis", each);
      size.setAttribute("unitSpecifier", "meter");
      root.appendChild(size);
      IIOMetadataNode texts = new IIOMetadataNode("iTXt");
      IIOMetadataNode text = new IIOMetadataNode("iTXtEntry");
      text.setAttribute("keyword", "Description");
      text.setAttribute("compressionFlag", "FALSE");
      text.setAttribute("compressionMethod", "0");
      text.setAttribute("languageTag", "");
      text.setAttribute("translatedKeyword", "");
      text.setAttribute("text", description);
      texts.appendChild(text);
      root.appendChild(texts);
      about.mergeTree(FORM, root);
      writer.setOutput(stream);
      writer.write(new IIOImage(image, null, about));
    } finally {
      writer.dispose();
    }
  }
}
