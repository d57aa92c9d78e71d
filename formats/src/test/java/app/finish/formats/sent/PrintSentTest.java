package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.HouseStyle;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.io.SentTable;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureNode;
import org.apache.pdfbox.text.PDFTextStripper;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;

/// Printed pages can be heard, kept and searched: PDF/UA-1 and PDF/A-2a as a validator sees them.
public class PrintSentTest {
  @BeforeClass
  public void begin() {
    VeraGreenfieldFoundryProvider.initialise();
  }

  @DataProvider
  public Object[][] documents() throws IOException {
    List<Object[]> all = new ArrayList<>();
    for (HouseStyle style : StyleFile.shipped().styles()) {
      all.add(new Object[] {Given.sailings(style.name())});
    }
    all.add(new Object[] {ManyTables.demo("APA 7", true)});
    all.add(new Object[] {ManyTables.hostile("Ledger")});
    all.add(new Object[] {longTable()});
    return all.toArray(Object[][]::new);
  }

  /// A table over several pages, whose heads come again.
  private static Document longTable() {
    List<String> lines = new ArrayList<>(List.of("A long table", "Day | 2025 | | 2026 |"));
    lines.add(" | Cars | Crew | Cars | Crew");
    for (int i = 0; i < 150; i++) {
      lines.add("Day " + i + " | " + i * 7 % 90 + " | " + i % 5 + " | " + i * 11 % 80 + " | 4");
    }
    return Given.document("APA 7", lines.toArray(String[]::new));
  }

  private static Map<String, Integer> failures(Path file, PDFAFlavour flavour) throws Exception {
    Map<String, Integer> failed = new TreeMap<>();
    try (InputStream in = Files.newInputStream(file);
        PDFAParser parser = Foundries.defaultInstance().createParser(in, flavour);
        PDFAValidator validator = Foundries.defaultInstance().createValidator(flavour, false)) {
      for (TestAssertion one : validator.validate(parser).getTestAssertions()) {
        if (one.getStatus() == TestAssertion.Status.FAILED) {
          failed.merge(one.getRuleId().getClause() + " " + one.getMessage(), 1, Integer::sum);
        }
      }
    }
    return failed;
  }

  @Test(dataProvider = "documents")
  public void aValidatorFindsNothing(Document document) throws Exception {
    Path file = Given.sent(document, OutputFormat.PDF);
    assertThat(failures(file, PDFAFlavour.PDFUA_1)).isEmpty();
    assertThat(failures(file, PDFAFlavour.PDFA_2_A)).isEmpty();
  }

  private static List<PDStructureElement> elements(PDStructureNode under, String type) {
    List<PDStructureElement> found = new ArrayList<>();
    for (Object kid : under.getKids()) {
      if (kid instanceof PDStructureElement element) {
        if (element.getStructureType().equals(type)) {
          found.add(element);
        }
        found.addAll(elements(element, type));
      }
    }
    return found;
  }

  /// Each row, head and figure is in the structure once, however many pages the table has.
  @Test(dataProvider = "documents")
  public void theStructureIsThatOfTheTable(Document document) throws IOException {
    try (PDDocument pdf = Loader.loadPDF(Given.sent(document, OutputFormat.PDF).toFile())) {
      List<PDStructureElement> tables =
          elements(pdf.getDocumentCatalog().getStructureTreeRoot(), "Table");
      List<SentTable> sent = ManyTables.sent(document).tables();
      assertThat(tables).hasSameSizeAs(sent);
      for (int i = 0; i < tables.size(); i++) {
        List<DressedRow> rows =
            sent.get(i).dressed().rows().stream().filter(DressedRow::isTable).toList();
        assertThat(elements(tables.get(i), "TR")).hasSameSizeAs(rows);
        List<DressedCell> cells = rows.stream().flatMap(row -> row.cells().stream()).toList();
        long figures =
            cells.stream().filter(cell -> cell.place() instanceof CellMeaning.Body).count();
        assertThat(elements(tables.get(i), "TD")).hasSize((int) figures);
        assertThat(elements(tables.get(i), "TH")).hasSize(cells.size() - (int) figures);
      }
    }
  }

  /// Letters that a face would join are found by a search, in every shipped style.
  @Test
  public void wordsAreFoundAsTheyAreWritten() throws IOException {
    for (HouseStyle style : StyleFile.shipped().styles()) {
      Document document =
          Given.document(
              style.name(),
              "Attendance | Difficult | Fitting",
              "Waffle office | 12 | 3",
              "Shuttle flight | 15 | 4");
      try (PDDocument pdf = Loader.loadPDF(Given.sent(document, OutputFormat.PDF).toFile())) {
        assertThat(new PDFTextStripper().getText(pdf))
            .as(style.name())
            .contains("Attendance", "Difficult", "Fitting", "Waffle office", "Shuttle flight");
      }
    }
  }
}
