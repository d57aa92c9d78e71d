package app.finish.formats;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.style.PartName;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.metadata.IIOMetadata;
import javax.imageio.stream.ImageInputStream;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.docx4j.wml.Tbl;
import org.jsoup.nodes.Element;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.w3c.dom.NamedNodeMap;
import org.w3c.dom.Node;

/// What a table shows is told to those who can't see it, in each format that can say so.
public class DescriptionSentTest {
  private static final String OFFERED = "rows of Route and Season";

  @DataProvider
  public Object[][] described() {
    Document plain = Given.sailings("APA 7");
    String own = "Fares rose on all routes but “Skell” & <Tamsay>.";
    Document told =
        plain.withFinish(0, plain.table(0).finish().withWord(PartName.TABLE, "*Fares* rose"));
    Document odd = plain.withFinish(0, plain.table(0).finish().withWord(PartName.TABLE, own));
    return new Object[][] {{plain, OFFERED}, {told, "Fares rose"}, {odd, own}};
  }

  @Test(dataProvider = "described")
  public void webPagesSayIt(Document document, String said) throws Exception {
    Element page = Given.page(Given.sent(document, OutputFormat.HTML));
    Element table = page.selectFirst("table");
    Element shows = page.getElementById(table.attr("aria-describedby"));
    assertThat(shows.text()).contains(said);
    assertThat(shows.hasAttr("hidden")).isTrue();
  }

  @Test(dataProvider = "described")
  public void wordSaysIt(Document document, String said) throws Exception {
    WordprocessingMLPackage file =
        WordprocessingMLPackage.load(Given.sent(document, OutputFormat.DOCX).toFile());
    List<Tbl> tables = new ArrayList<>();
    file.getMainDocumentPart().getContent().stream()
        .map(one -> one instanceof jakarta.xml.bind.JAXBElement<?> e ? e.getValue() : one)
        .forEach(
            one -> {
              if (one instanceof Tbl table) {
                tables.add(table);
              }
            });
    assertThat(tables.getFirst().getTblPr().getTblDescription().getVal()).contains(said);
  }

  @Test(dataProvider = "described")
  public void picturesSayIt(Document document, String said) throws Exception {
    Path picture = Given.sent(document, OutputFormat.PNG);
    ImageReader reader = ImageIO.getImageReadersByFormatName("png").next();
    try (ImageInputStream in = ImageIO.createImageInputStream(picture.toFile())) {
      reader.setInput(in);
      IIOMetadata about = reader.getImageMetadata(0);
      Node root = about.getAsTree("javax_imageio_png_1.0");
      assertThat(attribute(root, "iTXtEntry", "text")).contains(said);
      double dots = Double.parseDouble(attribute(root, "pHYs", "pixelsPerUnitXAxis")) * 0.0254;
      assertThat(dots).isBetween(199.0, 201.0);
    }
  }

  private static String attribute(Node node, String name, String attribute) {
    NamedNodeMap all = node.getAttributes();
    if (node.getNodeName().equals(name) && all != null) {
      return all.getNamedItem(attribute).getNodeValue();
    }
    for (Node child = node.getFirstChild(); child != null; child = child.getNextSibling()) {
      String found = attribute(child, name, attribute);
      if (!found.isEmpty()) {
        return found;
      }
    }
    return "";
  }
}
