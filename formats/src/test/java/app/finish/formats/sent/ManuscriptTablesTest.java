package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.document.Document;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import app.finish.formats.docx.DocxManuscript;
import java.io.IOException;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFSDT;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTPageMar;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTPageSz;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTSectPr;
import org.testng.annotations.Test;

/// Tables stand in a manuscript where its text calls them out, and are renewed where they stand.
public class ManuscriptTablesTest {
  private final Path folder = Given.folder();

  /// A manuscript on Letter with margins of an inch.
  private Path manuscript(String... paragraphs) throws IOException {
    Path file = Files.createTempFile(folder, "paper", ".docx");
    try (XWPFDocument document = new XWPFDocument();
        OutputStream out = Files.newOutputStream(file)) {
      document.createStyles();
      for (String words : paragraphs) {
        XWPFParagraph paragraph = document.createParagraph();
        // A callout may be split over runs, as word processors like to do.
        int middle = words.length() / 2;
        paragraph.createRun().setText(words.substring(0, middle));
        paragraph.createRun().setText(words.substring(middle));
      }
      CTSectPr section = document.getDocument().getBody().addNewSectPr();
      CTPageSz size = section.addNewPgSz();
      size.setW(BigInteger.valueOf(12_240));
      size.setH(BigInteger.valueOf(15_840));
      CTPageMar margins = section.addNewPgMar();
      margins.setLeft(BigInteger.valueOf(1_440));
      margins.setRight(BigInteger.valueOf(1_440));
      document.write(out);
    }
    return file;
  }

  private static Document two(String figure) {
    Document one =
        Given.document("APA 7", "First", "Pier | Cars", "North | " + figure, "South | 7");
    Document other = Given.document("APA 7", "Second", "Pier | Crew", "North | 3", "South | 4");
    return one.withAdded(other.table(0).source(), other.table(0).finish());
  }

  private Path put(Path manuscript, Document document, List<String> uncalled) throws IOException {
    Path out = Files.createTempFile(folder, "out", ".docx");
    try (OutputStream stream = Files.newOutputStream(out)) {
      uncalled.addAll(DocxManuscript.of(manuscript).write(ManyTables.sent(document), stream));
    }
    return out;
  }

  /// What stands one below another: the words of paragraphs, and of each control its first words.
  private static List<String> order(Path file) throws Exception {
    WordprocessingMLPackage.load(file.toFile());
    List<String> order = new ArrayList<>();
    try (XWPFDocument document = new XWPFDocument(Files.newInputStream(file))) {
      for (IBodyElement element : document.getBodyElements()) {
        switch (element) {
          case XWPFParagraph paragraph -> order.add(paragraph.getText());
          case XWPFSDT control ->
              order.add("<" + control.getTag() + ">" + control.getContent().getText());
          default -> order.add("?");
        }
      }
    }
    return order;
  }

  @Test
  public void tablesStandAfterTheirFirstCallout() throws Exception {
    Path paper =
        manuscript("As Table 2 shows, crews are small.", "Cars come too (Table 1).", "End.");
    List<String> uncalled = new ArrayList<>();
    List<String> order = order(put(paper, two("12"), uncalled));
    assertThat(order).hasSize(5);
    assertThat(order.get(1)).startsWith("<finish-table-2>").contains("Second", "Crew");
    assertThat(order.get(3)).startsWith("<finish-table-1>").contains("First", "12");
    assertThat(order.get(4)).isEqualTo("End.");
    assertThat(uncalled).isEmpty();
    assertThat(DocxManuscript.of(paper).paper().textWidth()).isCloseTo(468, within(0.1));
  }

  @Test
  public void aPlaceThatIsAskedForOutweighsACallout() throws Exception {
    Path paper = manuscript("See Table 1.", "Methods.", "[[table 1]]", "End.");
    List<String> uncalled = new ArrayList<>();
    List<String> order = order(put(paper, two("12"), uncalled));
    assertThat(order.get(1)).isEqualTo("Methods.");
    assertThat(order.get(2)).startsWith("<finish-table-1>");
    assertThat(order.getLast()).startsWith("<finish-table-2>");
    assertThat(uncalled).containsExactly("2");
  }

  /// The next run renews tables where they stand, even where they were moved to.
  @Test
  public void tablesAreRenewedWhereTheyStand() throws Exception {
    Path paper = manuscript("See Table 1 and Table 2.", "End.");
    Path once = put(paper, two("12"), new ArrayList<>());
    List<String> uncalled = new ArrayList<>();
    Path again = put(once, two("345"), uncalled);
    List<String> order = order(again);
    assertThat(order).hasSize(4);
    assertThat(order.get(1)).startsWith("<finish-table-1>").contains("345").doesNotContain("\t12");
    assertThat(order.get(2)).startsWith("<finish-table-2>");
    assertThat(uncalled).isEmpty();
  }

  @Test
  public void whatIsNoManuscriptIsSaid() throws IOException {
    Path text = Files.writeString(folder.resolve("paper.docx"), "no zip");
    assertThatThrownBy(() -> DocxManuscript.of(text))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("paper.docx is no DOCX document");
  }
}
