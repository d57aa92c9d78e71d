package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.samples.SampleSource;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.stream.Stream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.jsoup.Jsoup;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// A folder that says of itself how it is sent out is made anew by one command, and only what
/// changed; watched, as its files arrive.
public class FolderPlanTest {
  private static final String PLAN =
      """
      style: APA 7
      as: [html, md]
      out: made
      join: report
      tables:
        - file: waits.txt
          title: How long one waits
        - file: fares.csv
          style: Ledger
      """;

  private Path folder;
  private Path made;

  @BeforeMethod
  public void dropTables() throws IOException {
    folder = Files.createTempDirectory("finish-plan");
    made = folder.resolve("made");
    SampleSource source = new SampleSource(folder, 5);
    for (int i = 0; i < 3; i++) {
      Files.setLastModifiedTime(source.drop(), FileTime.fromMillis(1_000_000));
    }
  }

  private void plan(String text) throws IOException {
    Path file = Files.writeString(folder.resolve(FolderPlan.NAME), text);
    Files.setLastModifiedTime(file, FileTime.fromMillis(1_000_000));
  }

  private List<String> made() throws IOException {
    try (Stream<Path> files = Files.list(made)) {
      return files.map(file -> file.getFileName().toString()).sorted().toList();
    }
  }

  @Test
  public void oneCommandMakesAllThatTheFolderSays() throws IOException {
    plan(PLAN);
    Ran ran = Ran.run("send", folder);
    assertThat(ran.err()).isEmpty();
    assertThat(ran.code()).isZero();
    assertThat(ran.out()).startsWith("7 files written from 3 files.");
    assertThat(made())
        .containsExactly(
            "crew.html",
            "crew.md",
            "fares.html",
            "fares.md",
            "report.docx",
            "waits.html",
            "waits.md");
    assertThat(Files.readString(made.resolve("waits.md"))).contains("How Long One Waits");
    assertThat(Files.readString(made.resolve("crew.md"))).contains("Table 1");
  }

  @Test
  public void onlyWhatChangedIsMadeAnew() throws IOException {
    plan(PLAN);
    Ran.run("send", folder);
    assertThat(Ran.run("send", folder).out())
        .startsWith("0 files written from 0 files; 3 had not changed.");
    FileTime before = Files.getLastModifiedTime(made.resolve("crew.md"));
    Files.writeString(folder.resolve("fares.csv"), "Route,Fares\nHale,12\nSkell,30\n");
    Ran ran = Ran.run("send", folder);
    assertThat(ran.out()).startsWith("3 files written from 1 file; 2 had not changed.");
    assertThat(Files.readString(made.resolve("fares.md"))).contains("30");
    assertThat(Files.getLastModifiedTime(made.resolve("crew.md"))).isEqualTo(before);
  }

  @Test
  public void tablesAreJoinedInTheOrderOfThePlan() throws IOException {
    plan(PLAN.replace("join: report", "join: report.md"));
    Ran.run("send", folder);
    String report = Files.readString(made.resolve("report.md"));
    assertThat(report.indexOf("How Long One Waits")).isPositive();
    assertThat(report.indexOf("Table 1")).isLessThan(report.indexOf("How Long One Waits"));
    assertThat(report.indexOf("Table 2")).isLessThan(report.indexOf("Passengers"));
    assertThat(report).contains("Table 3");
  }

  /// A board lies as the plan says: files by their names, texts between them.
  @Test
  public void aBoardIsMadeOfTheFolder() throws IOException {
    plan(
        """
        out: made
        style: Quay
        board:
          file: sound
          title: The sound in *June*
          bands:
            - Who waits, and who pays.
            - [waits.txt, fares.csv]
        """);
    Ran ran = Ran.run("send", folder);
    assertThat(ran.err()).isEmpty();
    assertThat(made()).containsExactly("sound.board.html");
    org.jsoup.nodes.Document page = Jsoup.parse(made.resolve("sound.board.html"));
    assertThat(page.selectFirst("h1").text()).isEqualTo("The sound in June");
    assertThat(page.selectFirst(".passage").text()).isEqualTo("Who waits, and who pays.");
    assertThat(page.select(".band > section.board")).hasSize(2);
    assertThat(page.select("section.board")).hasSize(2);
    plan("out: made\nboard: {file: all.html}\n");
    Ran.run("send", folder);
    assertThat(Jsoup.parse(made.resolve("all.html")).select("section.board")).hasSize(3);
    plan("out: made\nboard: {file: all.html, shape: round}\n");
    assertThat(Ran.run("send", folder).err()).contains("“shape” means nothing");
  }

  @Test
  public void faultsOfThePlanAreSaidWithTheirLine() throws IOException {
    plan("style: APA 7\nshape: round\n");
    assertThat(Ran.run("send", folder).err())
        .contains("finish.yaml, line 2", "“shape” means nothing");
    plan("style: \"APA 7\n");
    assertThat(Ran.run("send", folder).err()).contains("finish.yaml, line", "no YAML");
    plan("tables: fares.csv\n");
    assertThat(Ran.run("send", folder).err()).contains("finish.yaml, line 1");
    plan("as: html\nout: made\ntables: [{file: none.csv}]\n");
    assertThat(Ran.run("send", folder).err()).contains("“none.csv”, which is not there");
    plan("as: html\n");
    assertThat(Ran.run("send", folder).err()).contains("Say where to write");
    plan("out: made\n");
    assertThat(Ran.run("send", folder).err()).contains("Say in which formats");
    plan("as: html\nout: made\nstyle: Gloss\n");
    assertThat(Ran.run("send", folder).err()).contains("Gloss");
  }

  /// What arrives while the folder is watched is sent, and nothing else again.
  @Test
  public void aWatchedFolderIsSentAsFilesArrive() throws Exception {
    plan("as: md\nout: made\n");
    CompletableFuture<Ran> watching =
        CompletableFuture.supplyAsync(
            () -> Ran.run("send", folder, "--watch", "--watch-for", "12"));
    Path late = made.resolve("late.md");
    for (int i = 0; i < 100 && !Files.exists(made.resolve("crew.md")); i++) {
      Thread.sleep(50);
    }
    Files.writeString(folder.resolve("late.csv"), "Route,Fares\nHale,12\nSkell,30\n");
    for (int i = 0; i < 200 && !Files.exists(late); i++) {
      Thread.sleep(50);
    }
    Ran ran = watching.get();
    assertThat(late).as(ran.out() + ran.err()).exists();
    assertThat(ran.code()).isZero();
    assertThat(ran.out())
        .contains("3 files written from 3 files.", "1 file written from 1 file; 3 had");
  }

  /// A manuscript gets its tables in a copy, and keeps them where they were moved to.
  @Test
  public void aManuscriptGetsItsTables() throws IOException {
    Path paper = folder.resolve("text.docx");
    try (XWPFDocument document = new XWPFDocument();
        OutputStream out = Files.newOutputStream(paper)) {
      document.createStyles();
      document.createParagraph().createRun().setText("Waits are short (Table 1).");
      document.write(out);
    }
    Path sources = Files.createDirectories(folder.resolve("sources"));
    Files.move(folder.resolve("waits.txt"), sources.resolve("waits.txt"));
    Files.move(folder.resolve("fares.csv"), sources.resolve("fares.csv"));
    Ran ran = Ran.run("send", sources, "-o", made, "--into", paper);
    assertThat(ran.code()).isZero();
    assertThat(ran.err()).contains("never calls Table 2 out; it stands at the end");
    Path copy = made.resolve("text.docx");
    try (XWPFDocument document = new XWPFDocument(Files.newInputStream(copy))) {
      assertThat(document.getBodyElements()).hasSize(3);
    }
    Ran over = Ran.run("send", sources, "-o", made, "--into", copy);
    assertThat(over.err()).contains("would be written over");
    assertThat(Ran.run("send", sources, "-o", made, "--into", copy, "--force").code()).isZero();
    try (XWPFDocument document = new XWPFDocument(Files.newInputStream(copy))) {
      assertThat(document.getBodyElements()).hasSize(3);
    }
  }

  @Test
  public void paperAndBoards() throws IOException {
    Path fares = folder.resolve("fares.csv");
    Path page = folder.resolve("board.html");
    assertThat(Ran.run("board", fares, folder.resolve("waits.txt"), "-o", page).code()).isZero();
    assertThat(Files.readString(page)).contains("Content-Security-Policy", "2 tables", "Find rows");
    assertThat(Ran.run("board", fares, "-o", folder.resolve("x.pdf")).err())
        .contains("End it in .html");
    Path text = folder.resolve("fares.typ");
    Ran.run(
        "dress", fares, "--style", "Plain", "-o", text, "--paper", "170x240mm", "--margins", "1in");
    assertThat(Files.readString(text))
        .contains("width: 481.89pt", "height: 680.31pt", "margin: 72pt");
    Ran wrong = Ran.run("dress", fares, "--style", "Plain", "-o", text, "--paper", "round");
    assertThat(wrong.err()).contains("There is no paper “round”");
    Ran wide = Ran.run("dress", fares, "--style", "Plain", "-o", text, "--margins", "30cm");
    assertThat(wide.err()).contains("leave no room");
  }
}
