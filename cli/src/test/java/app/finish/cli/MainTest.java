package app.finish.cli;

import static app.finish.cli.Ran.run;
import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.formats.Sources;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import org.apache.poi.xssf.usermodel.XSSFWorkbook;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class MainTest {
  private Path folder;
  private Path sample;

  @BeforeClass
  public void prepare() throws IOException {
    folder = Files.createTempDirectory("finish-cli");
    sample = Samples.copy(Samples.PIVOTS, folder);
  }

  @Test
  public void readSaysWhatWasRecognised() {
    Ran ran = run("read", sample);
    assertThat(ran.code()).isZero();
    assertThat(ran.err()).isEmpty();
    assertThat(ran.out())
        .contains("Table 1. Fares, running cost and cost recovery by route, season and year")
        .contains("16 rows, 8 columns, 2 rows of heads, 2 columns of stub")
        .containsPattern("row 11 +subtotalRow +99%  its figures are the sums of rows 7 to 10")
        .containsPattern("row 22 +grandTotalRow");
  }

  @Test
  public void readPrintsJson() {
    Ran ran = run("read", sample, "--json");
    assertThat(ran.code()).isZero();
    assertThat(ran.out())
        .startsWith("{")
        .contains("\"stubHead\" : [ \"Route\", \"Season\" ]")
        .contains("\"findings\" : [ ]");
  }

  @Test
  public void whatIsHiddenIsSaidAndTakenInWhenAsked() throws IOException {
    Path file = folder.resolve("hides.xlsx");
    try (XSSFWorkbook book = new XSSFWorkbook();
        OutputStream out = Files.newOutputStream(file)) {
      for (int sheet = 0; sheet < 2; sheet++) {
        var row = book.createSheet("Pier " + sheet).createRow(0);
        row.createCell(0).setCellValue("Boats");
        row.createCell(1).setCellValue(7);
      }
      book.setSheetHidden(1, true);
      book.write(out);
    }
    Ran shown = run("read", file);
    assertThat(shown.out()).contains("Table 1").doesNotContain("Table 2");
    assertThat(shown.err().strip())
        .isEqualTo("Left out as hidden: 1 sheet. Take them in with --hidden.");
    Ran all = run("read", file, "--hidden");
    assertThat(all.out()).contains("Table 2");
    assertThat(all.err()).isEmpty();
  }

  @Test
  public void dressHighlightsWhatIsSaid() throws IOException {
    Path out = folder.resolve("lit.html");
    Ran ran =
        run(
            "dress",
            sample,
            "--table",
            "1",
            "--style",
            "Marram house",
            "-o",
            out,
            "--highlight",
            "“Under water” = Cost recovery below 85: bold bad on bad 12%",
            "--highlight",
            "Fares among the top 1 of the table: italic, the row");
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    assertThat(Files.readString(out)).contains("Under water");
    Ran asleep =
        run(
            "dress",
            sample,
            "--style",
            "Plain",
            "-o",
            out,
            "--highlight",
            "Landings below 3: bold");
    assertThat(asleep.code()).isEqualTo(1);
    assertThat(asleep.err()).contains("highlights nothing: the table does not measure Landings");
    Ran wrong =
        run("dress", sample, "--style", "Plain", "-o", out, "--highlight", "Fares blow 3: bold");
    assertThat(wrong.code()).isEqualTo(2);
    assertThat(wrong.err()).contains("a condition is expected").doesNotContain("Exception");
  }

  @DataProvider
  public Object[] endings() {
    return new Object[] {"docx", "html", "pdf", "png"};
  }

  @Test(dataProvider = "endings")
  public void dressWritesEachFormat(String ending) throws IOException {
    Path out = folder.resolve("out." + ending);
    Ran ran = run("dress", sample, "--style", "apa 7", "-o", out, "--table", "1");
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    assertThat(Files.size(out)).isGreaterThan(1000);
  }

  @Test
  public void dressTakesAStyleFile() throws IOException {
    Path style = folder.resolve("mine.json");
    Files.writeString(
        style,
        "{\"name\":\"Mine\",\"basedOn\":\"APA"
            + " 7\",\"looks\":{\"table\":{\"face\":\"Arial\",\"size\":\"11 pt\"}}}");
    Path out = folder.resolve("mine.html");
    Ran ran = run("dress", sample, "--style", style, "-o", out);
    assertThat(ran.err()).isEmpty();
    assertThat(Files.readString(out))
        .contains("11pt/1.2 'Arial'")
        .doesNotContain("Times New Roman");
  }

  @DataProvider
  public Object[][] mendable() {
    return new Object[][] {
      {"There is no file", new Object[] {"read", "/no/such.csv"}},
      {
        "There is no style “Neon”. Name one of Plain, Marram house, APA 7",
        new Object[] {"dress", "IN", "--style", "Neon", "-o", "OUT.pdf"}
      },
      {
        "has no ending that says what to write",
        new Object[] {"dress", "IN", "--style", "Plain", "-o", "OUT.doc"}
      },
      {
        "there is no number 9",
        new Object[] {"dress", "IN", "--style", "Plain", "-o", "OUT.pdf", "--table", "9"}
      },
      {
        "holds one. Pick it with --table N",
        new Object[] {"dress", "IN", "--style", "Plain", "-o", "OUT.png"}
      },
      {
        "There is no folder",
        new Object[] {"dress", "IN", "--style", "Plain", "-o", "/no/such/out.pdf"}
      },
      {"Unknown option: '--colour'", new Object[] {"read", "IN", "--colour"}},
      {"Missing required", new Object[] {"dress", "IN"}},
    };
  }

  @Test(dataProvider = "mendable")
  public void whatThePersonCanMendEndsWithTwoAndOneSentence(String sentence, Object[] words)
      throws IOException {
    Object[] arguments = words.clone();
    for (int i = 0; i < arguments.length; i++) {
      String word = arguments[i].toString();
      arguments[i] =
          word.equals("IN")
              ? sample
              : word.startsWith("OUT") ? folder.resolve("never" + word) : word;
    }
    Ran ran = run(arguments);
    assertThat(ran.code()).isEqualTo(2);
    assertThat(ran.err()).contains(sentence).doesNotContain("\tat ");
    try (var files = Files.list(folder)) {
      assertThat(files.map(Path::getFileName).map(Path::toString))
          .noneMatch(name -> name.contains("never"));
    }
  }

  @Test
  public void refreshTakesNewNumbersAndListsWhatHasNoPlace() throws IOException {
    Path old = folder.resolve("old.csv");
    Files.writeString(old, "Pier,Boats\nNorth,12\nSouth,7\nFerry day,5\n");
    Source source = Sources.read(old).getFirst();
    Corrections corrections =
        Corrections.NONE.withRow(
            Recogniser.recognise(source.grid(), Corrections.NONE).anchors().rows().get(3),
            LineRole.LEFT_OUT);
    Path file = folder.resolve("piers.finish");
    DocumentFile.write(
        Document.EMPTY.withAdded(source, Finish.in("APA 7").withCorrections(corrections)), file);
    Path fresh = folder.resolve("new.csv");
    Files.writeString(fresh, "Pier,Boats\nNorth,13\nEast,2\nSouth,8\n");
    Ran ran = run("refresh", file, "--with", fresh);
    assertThat(ran.code()).isEqualTo(1);
    assertThat(ran.out()).contains("new rows: East").contains("kept: “Ferry day”");
    Document refreshed = DocumentFile.read(file);
    assertThat(refreshed.tables().getFirst().source().name()).isEqualTo("new.csv");
    assertThat(refreshed.tables().getFirst().finish().corrections()).isEqualTo(corrections);
    assertThat(run("refresh", file, "--with", sample).err())
        .contains("Check that it is the right file");
  }

  @Test
  public void aDocumentIsSentOutAsItIsArranged() throws IOException {
    Path document = folder.resolve("demo.finish");
    DocumentFile.write(Samples.demo(), document);
    Path out = folder.resolve("demo.html");
    Ran ran = run("dress", document, "--style", "APA 7", "-o", out);
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    String html = Files.readString(out);
    assertThat(html).contains("Share of vehicles").contains("2025-08-10").contains("567");
    assertThat(html.split("<table", -1)).hasSize(16);
    Ran own = run("dress", document, "--table", "14", "-o", folder.resolve("seasons.pdf"));
    assertThat(own.code()).isZero();
    Ran none = run("dress", sample, "-o", out);
    assertThat(none.code()).isEqualTo(2);
    assertThat(none.err()).contains("Say which style to put on");
  }

  @Test
  public void helpTellsTheExitCodes() {
    Ran ran = run("--help");
    assertThat(ran.code()).isZero();
    assertThat(ran.out()).contains("read").contains("dress").contains("70 a fault of Finish");
  }

  @Test
  public void aTotalThatDoesNotAddUpEndsWithOne() throws IOException {
    Path csv = folder.resolve("wrong.csv");
    Files.writeString(csv, "Route,Passengers\nHale,120\nSkell,31\nTotal,161\n");
    Ran ran = run("read", csv);
    assertThat(ran.code()).isEqualTo(1);
    assertThat(ran.out()).contains("! The total in B4 says 161").contains("add up to 151.");
  }

  @Test
  public void aTotalThatStandsInTheFileIsFoundInTheJson() throws IOException {
    Path csv = folder.resolve("fares.csv");
    Files.writeString(csv, "Route;Fares\nHale;10,5\nSkell;2,5\nTotal;13,0\n");
    Ran ran = run("read", csv, "--json");
    assertThat(ran.out()).contains("\"value\" : 10.5").contains("\"part\" : \"grandTotalRow\"");
  }
}
