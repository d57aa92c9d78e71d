package app.finish.formats.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.arrange.make.AddTotals;
import app.finish.core.arrange.make.ByFigure;
import app.finish.core.arrange.make.ByLabel;
import app.finish.core.arrange.make.Calculate;
import app.finish.core.arrange.make.DropTotals;
import app.finish.core.arrange.make.FillEmpty;
import app.finish.core.arrange.make.Fold;
import app.finish.core.arrange.make.FoldLevel;
import app.finish.core.arrange.make.Gather;
import app.finish.core.arrange.make.GroupLetters;
import app.finish.core.arrange.make.HalfMatrix;
import app.finish.core.arrange.make.HideLevel;
import app.finish.core.arrange.make.Hold;
import app.finish.core.arrange.make.JoinMeasures;
import app.finish.core.arrange.make.KeepTop;
import app.finish.core.arrange.make.LoneSpanners;
import app.finish.core.arrange.make.NameLevel;
import app.finish.core.arrange.make.NameTotals;
import app.finish.core.arrange.make.Only;
import app.finish.core.arrange.make.PlaceLevel;
import app.finish.core.arrange.make.PlaceTotals;
import app.finish.core.arrange.make.ReadNumbers;
import app.finish.core.arrange.make.Rename;
import app.finish.core.arrange.make.RenameMember;
import app.finish.core.arrange.make.Reverse;
import app.finish.core.arrange.make.SetAside;
import app.finish.core.arrange.make.SetMemberAside;
import app.finish.core.arrange.make.Shift;
import app.finish.core.arrange.make.StarsFrom;
import app.finish.core.arrange.make.SwapAxes;
import app.finish.core.arrange.make.TakeApart;
import app.finish.core.arrange.make.TwoMatrices;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Quota;
import app.finish.core.arrange.place.Side;
import app.finish.core.document.BoardPlan;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.BlankMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.Extent;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.MeasureKind;
import app.finish.formats.Given;
import app.finish.formats.io.AtomicFile;
import app.finish.formats.io.ZipText;
import app.finish.formats.samples.Samples;
import app.finish.formats.style.StyleFile;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import java.util.zip.ZipOutputStream;
import org.testng.annotations.Test;

public class DocumentFileTest {
  private static Document full() throws IOException {
    Document demo = Samples.demo();
    DocumentTable first = demo.tables().getFirst();
    Corrections corrections =
        Corrections.NONE
            .withHeadRows(2)
            .withStubColumns(2)
            .withRow(new Anchor(List.of("Hale–Orrin", "Summer"), 0), LineRole.SUBTOTAL)
            .withRow(new Anchor(List.of("Skell–Tamsay", "Autumn"), 1), LineRole.LEFT_OUT)
            .withColumn(new Anchor(List.of("2026", "Fares"), 0), LineRole.GRAND_TOTAL)
            .withMeasure("Fares", MeasureKind.MEAN)
            .withBlanks(BlankMeaning.AS_ABOVE)
            .withExtent(
                new Extent(List.of("Vessel"), List.of())
                    .withCut(new Anchor(List.of("Winter"), 2), true));
    HouseStyle own =
        StyleFile.shipped()
            .named("APA 7")
            .orElseThrow()
            .derived("Mine")
            .with(Selector.of(PartName.TITLE), Property.WEIGHT, "bold")
            .with(new Selector.OfMeasure("Cost recovery"), Property.DECIMALS, "2");
    return new Document(
            demo.withFinish(
                    0,
                    first
                        .finish()
                        .withStyle("Mine")
                        .withCorrections(corrections)
                        .withWord(PartName.TITLE, "A “title” with, commas\nand ümlauts")
                        .withLeft("arithmetic.mean | Comfort | 3.24", "it is so in the report")
                        .withWord(PartName.NOTE, ""))
                .tables(),
            List.of(own))
        .withBoard(
            BoardPlan.EMPTY
                .over(List.of("t1", "t2"))
                .moved("t2", BoardPlan.Way.UP)
                .withPassage("How *it* went")
                .withTitle("Year two"));
  }

  @Test
  public void givesBackTheVeryDocument() throws IOException {
    Path file = Given.folder().resolve("a.finish");
    DocumentFile.write(full(), file);
    assertThat(DocumentFile.read(file)).isEqualTo(full());
    assertThat(Files.list(file.getParent())).containsExactly(file);
  }

  @Test
  public void keepsAnyCell() throws IOException {
    Random random = new Random(3);
    String[] texts = {
      "", " ", "  indented", "a,b", "say \"x\"", "=1+1", "−1.204,50", "#DIV/0!", "名前", "a\tb"
    };
    GridCell[][] cells = new GridCell[12][7];
    for (GridCell[] row : cells) {
      for (int i = 0; i < row.length; i++) {
        String text = texts[random.nextInt(texts.length)];
        GridCell cell =
            random.nextBoolean() || text.isBlank()
                ? GridCell.of(text)
                : GridCell.of(random.nextGaussian() * 1e6, text);
        row[i] =
            cell.with(
                new SourceFormat(random.nextBoolean(), random.nextBoolean(), random.nextInt(3)));
      }
    }
    cells[0][0] = cells[0][0].spanning(2, 3);
    Grid grid = Grid.of("a sheet", Arrays.stream(cells).map(List::of).toList());
    Path file = Given.folder().resolve("a.finish");
    Document document =
        Document.EMPTY.withAdded(
            new app.finish.core.document.Source("x.csv", grid.region(0, 0, 12, 7)),
            app.finish.core.document.Finish.in("Plain"));
    DocumentFile.write(document, file);
    assertThat(DocumentFile.read(file)).isEqualTo(document);
  }

  @Test
  public void isAZipOfPlainJsonAndCsv() throws IOException {
    Path file = Given.folder().resolve("a.finish");
    DocumentFile.write(full(), file);
    try (ZipFile zip = new ZipFile(file.toFile())) {
      assertThat(zip.stream().map(Object::toString))
          .contains(
              "finish.json",
              "tables/t1/source.csv",
              "tables/t1/source.json",
              "tables/t1/finish.json",
              "styles/1.json");
      String csv =
          new String(
              zip.getInputStream(zip.getEntry("tables/t1/source.csv")).readAllBytes(), "UTF-8");
      assertThat(csv)
          .startsWith("\"Fares, running cost and cost recovery by route, season and year\"");
    }
  }

  @Test
  public void aFileCutOffAnywhereIsSaidToBeSo() throws IOException {
    Path file = Given.folder().resolve("cut.finish");
    DocumentFile.write(full(), file);
    byte[] whole = Files.readAllBytes(file);
    for (int length = 4; length < whole.length; length += Math.max(1, whole.length / 97)) {
      Files.write(file, Arrays.copyOf(whole, length));
      assertThatThrownBy(() -> DocumentFile.read(file))
          .isInstanceOf(Problem.class)
          .hasMessageStartingWith("cut.finish is damaged or cut off");
    }
  }

  @Test
  public void aDamagedFileNeverCrashesTheReader() throws IOException {
    Path file = Given.folder().resolve("bad.finish");
    DocumentFile.write(full(), file);
    byte[] whole = Files.readAllBytes(file);
    Random random = new Random(11);
    for (int i = 0; i < 900; i++) {
      byte[] bad = whole.clone();
      for (int hits = 0; hits < 4; hits++) {
        bad[random.nextInt(bad.length)] = (byte) random.nextInt(256);
      }
      Files.write(file, bad);
      try {
        DocumentFile.read(file);
      } catch (IOException e) {
        assertThat(e).isInstanceOf(Problem.class);
      }
    }
  }

  @Test
  public void theSameDocumentGivesTheSameBytes() throws IOException {
    Path one = Given.folder().resolve("a.finish");
    Path other = Given.folder().resolve("b.finish");
    DocumentFile.write(full(), one);
    DocumentFile.write(DocumentFile.read(one), other);
    assertThat(other).hasSameBinaryContentAs(one);
  }

  @Test
  public void anotherKindOfFileIsNoDocument() throws IOException {
    Path file = Given.folder().resolve("notes.finish");
    Files.writeString(file, "only text");
    assertThatThrownBy(() -> DocumentFile.read(file))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("notes.finish is not a Finish document");
  }

  @Test
  public void aFailedWriteLeavesTheOldFileAsItWas() throws IOException {
    Path file = Given.folder().resolve("a.txt");
    Files.writeString(file, "before");
    assertThatThrownBy(
            () ->
                AtomicFile.write(
                    file,
                    out -> {
                      out.write(new byte[100_000]);
                      throw new IOException("full");
                    }))
        .hasMessage("full");
    assertThat(file).hasContent("before");
    assertThat(Files.list(file.getParent())).containsExactly(file);
  }

  @Test
  public void saysWhenTheFolderIsNotThere() {
    Path file = Path.of("/no/such/folder/a.finish");
    assertThatThrownBy(() -> DocumentFile.write(Document.EMPTY, file))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("There is no folder /no/such/folder");
  }

  @Test
  public void everyMoveIsKept() throws IOException {
    List<String> path = List.of("Hale–Orrin", "Winter");
    Arrangement all =
        Arrangement.NONE
            .with(new SwapAxes())
            .with(new SetAside(Side.ACROSS, path))
            .with(new Rename(Side.DOWN, path, "Cold"))
            .with(new ByLabel(Side.DOWN, 1, true))
            .with(new ByFigure(Side.ACROSS, 0, path, false))
            .with(new Shift(Side.DOWN, path, -2))
            .with(new KeepTop(Side.DOWN, 1, 3, path, true, true))
            .with(new Fold(Side.DOWN, path))
            .with(new DropTotals(Side.ACROSS, 1))
            .with(new AddTotals(Side.DOWN, 0, "All", true))
            .with(new HideLevel(Side.DOWN, 1))
            .with(new PlaceLevel(Side.ACROSS, 1, Side.DOWN, 2))
            .with(new ByLabel(Side.DOWN, 1, true, true))
            .with(new ByFigure(Side.ACROSS, 0, path, false, true))
            .with(new KeepTop(Side.DOWN, 1, new Quota.Share(80), path, false, true, false))
            .with(new FoldLevel(Side.DOWN, 1))
            .with(new SetMemberAside(Side.DOWN, 1, "Winter"))
            .with(new RenameMember(Side.ACROSS, 1, "Winter", "Cold"))
            .with(new Reverse(Side.DOWN, 1))
            .with(new NameLevel(Side.DOWN, 1, "Season"))
            .with(new PlaceTotals(Side.DOWN, 1, true))
            .with(new NameTotals(Side.ACROSS, 0, "Sum"))
            .with(new Gather(Side.DOWN, List.of(path, path), "Open"))
            .with(new Only(new SetAside(Side.DOWN, path)))
            .with(new Calculate("Share", "share_of_row(n)", MeasureKind.PERCENT, 1))
            .with(new FillEmpty(Side.DOWN, List.of(), "0"))
            .with(new ReadNumbers(Side.ACROSS, path))
            .with(new Hold(Side.DOWN, 1, "Winter"))
            .with(new JoinMeasures("M", "SD", JoinMeasures.Form.PLUS_MINUS, "*M* ± *SD*"))
            .with(new TakeApart("M (SD)"))
            .with(new StarsFrom("p", "B", List.of(0.1, 0.05)))
            .with(new HalfMatrix(true))
            .with(new TwoMatrices())
            .with(new LoneSpanners())
            .with(new GroupLetters("M", List.of("a", "b"), List.of(List.of("a", "b")), 0.01))
            .withSwitched(3, false);
    Document document = Samples.demo();
    document = document.withFinish(0, document.table(0).finish().withArrangement(all));
    Path file = Files.createTempDirectory("moves").resolve("moves.finish");
    DocumentFile.write(document, file);
    assertThat(DocumentFile.read(file)).isEqualTo(document);
  }

  /// Up to version 4 documents listed the ids of their tables.
  @Test
  public void documentsOfEarlierVersionsOpen() throws IOException {
    Path folder = Files.createTempDirectory("earlier");
    Path now = folder.resolve("now.finish");
    Document demo = Samples.demo();
    Document document = demo.withItems(List.copyOf(demo.tables())).withBoard(BoardPlan.EMPTY);
    DocumentFile.write(document, now);
    Path before = folder.resolve("before.finish");
    try (ZipFile zip = new ZipFile(now.toFile());
        ZipOutputStream out = new ZipOutputStream(Files.newOutputStream(before))) {
      for (ZipEntry entry : Collections.list(zip.entries())) {
        if (entry.getName().equals(ZipText.DIGESTS)) {
          continue;
        }
        byte[] bytes = zip.getInputStream(entry).readAllBytes();
        if (entry.getName().equals("finish.json")) {
          ObjectMapper json = new ObjectMapper();
          ObjectNode root = (ObjectNode) json.readTree(bytes);
          ArrayNode tables = root.putArray("tables");
          root.path("items").forEach(item -> tables.add(item.path("id").asText()));
          root.remove("items");
          root.put("version", 4);
          bytes = json.writeValueAsBytes(root);
        }
        out.putNextEntry(new ZipEntry(entry.getName()));
        out.write(bytes);
        out.closeEntry();
      }
    }
    assertThat(DocumentFile.read(before)).isEqualTo(DocumentFile.read(now));
    assertThat(DocumentFile.read(before).items()).hasSize(document.items().size());
  }
}
