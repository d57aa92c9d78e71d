package app.finish.core.layout.page;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.RandomTables;
import app.finish.core.TestStyles;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.PartName;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;

public class CompositorTest {
  private final Fonts fonts = new Fonts();

  private Proof proof(String style, Paper paper, String... lines) {
    Table table = Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
    return proof(style, paper, table);
  }

  private Proof proof(String style, Paper paper, Table table) {
    Dressed dressed = Dresser.dress(table, TestStyles.book().cascade(style), 1);
    return new Compositor(fonts).layOut(dressed, paper);
  }

  private static List<Mark.Text> texts(Proof.Page page) {
    return page.marks().stream()
        .filter(Mark.Text.class::isInstance)
        .map(Mark.Text.class::cast)
        .toList();
  }

  private static List<Mark.Rule> rules(Proof.Page page) {
    return page.marks().stream()
        .filter(Mark.Rule.class::isInstance)
        .map(Mark.Rule.class::cast)
        .toList();
  }

  private static Mark.Text text(Proof.Page page, String wanted) {
    return texts(page).stream()
        .filter(mark -> mark.text().equals(wanted))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void measuresAsTheFontsDo() {
    Face serif = fonts.face("Times New Roman", false, false);
    assertThat(serif.family()).isEqualTo("Liberation Serif");
    assertThat(fonts.width("0123456789", serif, 10)).isCloseTo(50, within(0.001));
    assertThat(fonts.width(" ", serif, 12)).isCloseTo(3, within(0.001));
    Face sans = fonts.face("Arial", true, false);
    assertThat(fonts.width("0", sans, 1000)).isCloseTo(556.2, within(0.3));
    assertThat(fonts.face("Calibri", false, true).file()).isEqualTo("Carlito-Italic.ttf");
    assertThat(fonts.covers('−', serif)).isTrue();
    assertThat(fonts.covering('ş', serif)).isEqualTo(serif);
    assertThat(fonts.covers(0x1F600, serif)).isFalse();
  }

  @Test
  public void decimalMarksOfAColumnStandInOneLine() {
    Proof.Page page =
        proof(
                "Base",
                Paper.A4,
                "Route | Delay",
                "Hale | 7.1",
                "Orrin | 12.25",
                "Skell | 103.5",
                "Tamsay | (4.0)")
            .pages()
            .getFirst();
    List<Double> points = new ArrayList<>();
    for (String figure : List.of("7.1", "12.25", "103.5", "−4.0")) {
      Mark.Text mark = text(page, figure);
      String before = figure.substring(0, figure.indexOf('.'));
      points.add(mark.x() + fonts.width(before, mark.face(), mark.size()));
    }
    assertThat(points).allSatisfy(x -> assertThat(x).isCloseTo(points.getFirst(), within(0.001)));
  }

  @Test
  public void spannersStandOverTheirColumnsWithAGapBetweenTheirRules() {
    Proof.Page page =
        proof(
                "Base",
                Paper.A4,
                "Route | 2025 | | 2026 |",
                " | Fares | Passengers | Fares | Passengers",
                "Hale | 10.5 | 930 | 11.5 | 980",
                "Skell | 4.5 | 53 | 5.5 | 58")
            .pages()
            .getFirst();
    List<CellBox> spanners =
        page.boxes().stream().filter(box -> box.cell().part().name() == PartName.SPANNER).toList();
    assertThat(spanners).hasSize(2);
    for (CellBox spanner : spanners) {
      Mark.Rule rule =
          rules(page).stream()
              .filter(one -> one.x1() > spanner.x() && one.x2() < spanner.x() + spanner.width())
              .findFirst()
              .orElseThrow();
      assertThat(rule.y1()).isCloseTo(spanner.y() + spanner.height(), within(0.001));
      assertThat(rule.x1() - spanner.x()).isCloseTo(4, within(0.001));
      Mark.Text year = text(page, spanner.cell().text());
      assertThat(year.x() + year.width() / 2)
          .isCloseTo(spanner.x() + spanner.width() / 2, within(0.01));
    }
  }

  @Test
  public void columnsOfOneMeasureAreAlike() {
    Proof proof =
        proof(
            "Base",
            Paper.A4,
            "Route | 2025 | | 2026 |",
            " | Fares | Passengers | Fares | Passengers",
            "Hale | 10,000.5 | 930 | 11.5 | 980");
    assertThat(proof.columns().get(1).width()).isEqualTo(proof.columns().get(3).width());
    assertThat(proof.columns().get(2).width()).isEqualTo(proof.columns().get(4).width());
  }

  @Test
  public void textsStayInTheirCellsAndCellsDontOverlap() {
    for (long seed = 0; seed < 80; seed++) {
      Table table = new RandomTables(seed).table();
      for (String style : List.of("Base", "House")) {
        for (Paper paper : List.of(Paper.A4, Paper.A4.unpaged(), Paper.LETTER)) {
          for (Proof.Page page : proof(style, paper, table).pages()) {
            checkBoxes(page);
          }
        }
      }
    }
  }

  private static void checkBoxes(Proof.Page page) {
    List<CellBox> boxes = page.boxes();
    for (int i = 0; i < boxes.size(); i++) {
      CellBox box = boxes.get(i);
      assertThat(box.x() + box.width()).isLessThanOrEqualTo(page.width() + 0.01);
      for (int j = i + 1; j < boxes.size(); j++) {
        CellBox other = boxes.get(j);
        boolean apart =
            box.x() + box.width() <= other.x() + 0.01
                || other.x() + other.width() <= box.x() + 0.01
                || box.y() + box.height() <= other.y() + 0.01
                || other.y() + other.height() <= box.y() + 0.01;
        assertThat(apart).as("%s and %s", box.cell().text(), other.cell().text()).isTrue();
      }
    }
    for (Mark.Text text : texts(page)) {
      double middle = text.y() - text.size() * 0.3;
      CellBox box = page.at(text.x() + 0.05, middle).orElseThrow();
      assertThat(text.x() + text.width())
          .as(text.text())
          .isLessThanOrEqualTo(box.x() + box.width() + 0.01);
    }
  }

  @Test
  public void headsRepeatOnEveryPageAndNoRowIsLost() {
    List<String> lines = new ArrayList<>(List.of("A long table", "", "Pier | Boats | Passengers"));
    for (int i = 0; i < 200; i++) {
      lines.add("Pier " + i + " | " + (i * 7 + 3) + " | " + (i * 31 + 1));
    }
    Proof proof = proof("Base", Paper.A4, lines.toArray(String[]::new));
    assertThat(proof.pages().size()).isGreaterThan(3);
    int rows = 0;
    for (Proof.Page page : proof.pages()) {
      assertThat(texts(page)).anySatisfy(mark -> assertThat(mark.text()).isEqualTo("Boats"));
      assertThat(page.boxes())
          .allSatisfy(
              box -> assertThat(box.y() + box.height()).isLessThanOrEqualTo(page.height() - 56));
      rows +=
          (int)
              page.boxes().stream()
                  .filter(box -> box.row().band() == Band.BODY && box.cell().column() == 0)
                  .count();
    }
    assertThat(rows).isEqualTo(200);
  }

  @Test
  public void aGroupRowIsNeverLastOnItsPage() {
    List<String> lines = new ArrayList<>(List.of("Pier | Boats"));
    for (int i = 0; i < 60; i++) {
      lines.add("Island " + i);
      lines.add("  Pier a | " + (i * 7 + 3));
      lines.add("  Pier b | " + (i * 5 + 2));
    }
    Proof proof = proof("House", Paper.A4, lines.toArray(String[]::new));
    assertThat(proof.pages().size()).isGreaterThan(1);
    for (Proof.Page page : proof.pages()) {
      assertThat(page.boxes().getLast().cell().part().name()).isNotEqualTo(PartName.GROUP_ROW);
    }
  }

  @Test
  public void aWideTableTurnsThePaperAndThenWidensIt() {
    StringBuilder heads = new StringBuilder("Route");
    StringBuilder row = new StringBuilder("Hale–Orrin");
    for (int i = 0; i < 14; i++) {
      heads.append(" | Passengers");
      row.append(" | 1,234,").append(567 + i);
    }
    Proof turned =
        proof(
            "Base", Paper.A4, "Route | a | b".replace("a | b", heads.substring(8)), row.toString());
    assertThat(turned.paper().width()).isGreaterThan(turned.paper().height());
    Proof wide =
        proof(
            "Base", Paper.A4, heads + " | " + heads.substring(8), row + " | " + row.substring(13));
    assertThat(wide.paper().width()).isGreaterThan(842);
    double right =
        wide.columns().stream().mapToDouble(Proof.Column::width).sum() + wide.paper().margin();
    assertThat(right).isLessThanOrEqualTo(wide.paper().width());
  }

  @Test
  public void longWordsAroundATableAreBroken() {
    String title = "Passengers by route and season ".repeat(8).strip();
    Proof.Page page =
        proof("Base", Paper.A4, title, "", "Season | Passengers", "Winter | 12", "Summer | 14")
            .pages()
            .getFirst();
    CellBox box =
        page.boxes().stream()
            .filter(one -> one.cell().part().name() == PartName.TITLE)
            .findFirst()
            .orElseThrow();
    assertThat(box.height()).isGreaterThan(3 * 12);
    assertThat(box.width()).isCloseTo(Paper.A4.textWidth(), within(0.01));
  }

  @Test
  public void aCharacterThatNoFontHasIsShownAsABox() {
    Proof.Page page = proof("Base", Paper.A4, "Route | Boats", "Hale 😀 ş | 12").pages().getFirst();
    assertThat(texts(page)).anySatisfy(mark -> assertThat(mark.text()).contains("□"));
  }

  @Test
  public void noRuleIsDrawnThroughTheWords() {
    Proof.Page page =
        proof("Base", Paper.A4, "Title", "", "Route | Boats", "Hale | 12").pages().getFirst();
    double[] heights =
        rules(page).stream().mapToDouble(Mark.Rule::y1).distinct().sorted().toArray();
    assertThat(heights).hasSize(3);
    CellBox title =
        page.boxes().stream()
            .filter(b -> b.cell().place() instanceof CellMeaning.Word)
            .toList()
            .getLast();
    assertThat(Arrays.stream(heights).min().orElseThrow())
        .isGreaterThanOrEqualTo(title.y() + title.height() - 0.01);
  }
}
