package app.finish.formats.pdf;

import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Problem;
import app.finish.formats.io.Kept;
import app.finish.formats.io.PicturePaper;
import app.finish.formats.io.Sent;
import app.finish.formats.io.TableWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/// Writes PNG: the first table, on a paper just large enough, at 200 dots an inch. It draws the
/// PDF, so that the two can't differ.
public final class PngWriter implements TableWriter {
  private static final float DOTS_PER_INCH = 200;
  private static final double LARGEST = 12_000;

  private final Fonts fonts;

  /// A writer that draws with these fonts.
  public PngWriter(Fonts fonts) {
    this.fonts = fonts;
  }

  @Override
  public Paper paper(Paper chosen) {
    return PicturePaper.of(chosen);
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    Sent drawn = sent.first().on(paper(sent.paper()));
    if (drawn.items().isEmpty()) {
      throw new Problem("There is no table to draw. Bring one in first.");
    }
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    new PdfWriter(fonts).write(drawn, pdf);
    Proof.Page page = drawn.tables().getFirst().proof(drawn.paper()).pages().getFirst();
    double longest = Math.max(page.width(), page.height()) * DOTS_PER_INCH / 72;
    float dots = longest > LARGEST ? (float) (DOTS_PER_INCH * LARGEST / longest) : DOTS_PER_INCH;
    try (PDDocument document = Loader.loadPDF(pdf.toByteArray())) {
      BufferedImage image = new PDFRenderer(document).renderImageWithDPI(0, dots, ImageType.RGB);
      PngPicture.write(image, dots, drawn.tables().getFirst().description(), out);
    }
  }
}
