package app.finish.core.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.TestStyles;
import app.finish.core.check.Found;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Dresser;
import app.finish.core.grid.Grid;
import app.finish.core.number.NumberReader;
import app.finish.core.recognise.found.FigureCount;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.words.PairedCells;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.Test;

/// A sign is never guessed, and figures go out as they came.
public class SignsTest {
  private static final String[] MODELS = {
    " | (1) | (2)",
    "Wait | -0.050 | -0.041",
    " | (0.006) | (0.007)",
    "Comfort | | 0.258",
    " | | (0.044)",
    "N | 420 | 418",
    "Standard errors in parentheses."
  };

  private static Recognition read(Corrections corrections, String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), corrections);
  }

  private static Table table(String... lines) {
    return read(Corrections.NONE, lines).table();
  }

  private static List<String> lines(Table table) {
    return Dresser.dress(table, TestStyles.book().cascade("Base"), 1).rows().stream()
        .map(row -> String.join(" | ", row.cells().stream().map(DressedCell::text).toList()))
        .toList();
  }

  @Test
  public void standardErrorsAreNotNegative() {
    Table table = table(MODELS);
    assertThat(table.across().leaves())
        .extracting(leaf -> leaf.labels().getLast())
        .containsExactly("(1)", "(2)");
    assertThat(table.body().number(1, 0)).isEqualTo(0.006);
    assertThat(table.measureAt(0, 0).kind()).isEqualTo(MeasureKind.COEFFICIENT);
    assertThat(table.measureAt(1, 0).kind()).isEqualTo(MeasureKind.ERROR);
    assertThat(table.measureAt(4, 0).kind()).isEqualTo(MeasureKind.COUNT);
    assertThat(lines(table)).anyMatch(line -> line.contains("(0.006) | (0.007)"));
    assertThat(lines(table)).anyMatch(line -> line.equals("N | 420 | 418"));
  }

  @Test
  public void accountantsBracketWhatIsNegative() {
    Table table =
        table(
            "Account | 2024 | 2025",
            "Fares | 900 | 950",
            "Repairs | (120) | (95)",
            "Fuel | (80) | (70)");
    assertThat(table.body().number(1, 0)).isEqualTo(-120);
  }

  @Test
  public void whatCanNotBeToldKeepsItsFormUntilAPersonSays() {
    String[] lines = {
      "Place | Now | Then", "Hale | (120) | -5", "Orrin | 33 | (4)", "Skell | -7 | 12"
    };
    Recognition open = read(Corrections.NONE, lines);
    assertThat(open.table().body().at(0, 0)).isEqualTo(Value.text("(120)"));
    assertThat(open.evidence())
        .anyMatch(one -> one.place().equals("figures in brackets") && one.isDoubtful());
    Corrections negative = Corrections.NONE.withBrackets(BracketMeaning.NEGATIVE);
    assertThat(read(negative, lines).table().body().number(0, 0)).isEqualTo(-120);
    Corrections figure = Corrections.NONE.withBrackets(BracketMeaning.FIGURE);
    assertThat(read(figure, lines).table().body().number(0, 0)).isEqualTo(120);
  }

  @Test
  public void twoMeasuresInACellAreTwoByKindAndOneInPrint() {
    Table table =
        table(
            "Age | Comfort, M (SD) | n (%)",
            "16–29 | 3.4 (0.9) | 66 (55.0)", "30+ | 3.6 (1.0) | 54 (45.0)");
    assertThat(table.measures().get(0).kind()).isEqualTo(MeasureKind.MEAN);
    assertThat(table.measures().get(0).bracketed()).contains(MeasureKind.DEVIATION);
    assertThat(table.measures().get(1).bracketed()).contains(MeasureKind.PERCENT);
    assertThat(lines(table)).anyMatch(line -> line.contains("3.4 (0.9) | 66 (55.0)"));
  }

  @Test
  public void aPersonSaysWhatStandsBehindAFigure() {
    String[] lines = {"Age | Comfort", "16–29 | 3.4 (0.9)", "30+ | 3.6 (1.0)"};
    Corrections deviation = Corrections.NONE.withSecond("", Optional.of(MeasureKind.DEVIATION));
    assertThat(read(deviation, lines).table().measures().getFirst().bracketed())
        .contains(MeasureKind.DEVIATION);
    assertThat(
            read(
                    deviation,
                    "Means (SD)",
                    "Age | Comfort | Trust",
                    "16–29 | 3.4 (0.9) | 3.1 (0.8)",
                    "30+ | 3.6 (1.0) | 3.3 (1.1)")
                .table()
                .measures()
                .getFirst()
                .kind())
        .isEqualTo(MeasureKind.MEAN);
    Corrections oneThing = Corrections.NONE.withSecond("", Optional.empty());
    assertThat(read(oneThing, lines).table().measures().getFirst().bracketed()).isEmpty();
    assertThat(read(oneThing, lines).unplaced()).isEmpty();
    assertThat(PairedCells.figures("3.4 (0.9)", NumberReader.POINT)).containsExactly(3.4, 0.9);
    assertThat(PairedCells.figures("1.2 [0.8, 1.9]", NumberReader.POINT))
        .containsExactly(1.2, 0.8, 1.9);
    assertThat(PairedCells.figures("54,2 ± 3,1", NumberReader.COMMA)).containsExactly(54.2, 3.1);
  }

  @Test
  public void figuresGetNoDecimalsThatTheyDoNotHave() {
    assertThat(lines(table("Place | Trust | Sold", "Hale | 3.25 | 1,200", "Orrin | 3.5 | 98")))
        .contains("Hale | 3.25 | 1,200", "Orrin | 3.5 | 98");
  }

  @Test
  public void aUnitIsNeverAnothers() {
    Table table =
        table(
            " | 2024 | | 2025 | | Change",
            "Kiosk | Sales | Margin | Sales | Margin |",
            "Hale | €1420 | 20.7% | €1510 | 22.1% | 6.3",
            "Orrin | €980 | 18.4% | €1010 | 19.0% | 3.1");
    assertThat(table.measureAt(0, 4).unit()).isEmpty();
    assertThat(table.measureAt(0, 1).unit()).isEqualTo("%");
    assertThat(table.measureAt(0, 2).unit()).isEqualTo("€");
  }

  @Test
  public void lettersAreMembersAmongMembers() {
    assertThat(table("Deck | F | M", "Upper | 12 | 14", "Main | 20 | 31").measures())
        .extracting(measure -> measure.kind())
        .containsExactly(MeasureKind.VALUE);
    assertThat(
            table("Ticket | n | M | SD", "Pass | 12 | 3.1 | 0.4", "Single | 20 | 3.3 | 0.6")
                .measures())
        .extracting(measure -> measure.kind())
        .containsExactly(MeasureKind.COUNT, MeasureKind.MEAN, MeasureKind.DEVIATION);
  }

  @Test
  public void aPersonSaysWhatATotalTotalsAndWhatIsAName() {
    String[] lines = {"Cargo | Tonnes", "Coal | 640", "Peat | 1511", "Stock | 900", "Total | 2151"};
    Recognition plain = read(Corrections.NONE, lines);
    assertThat(Found.in(lines)).hasSize(1);
    List<Anchor> rows = plain.anchors().rows();
    Corrections said = Corrections.NONE.withCover(rows.get(4), List.of(rows.get(1), rows.get(2)));
    assertThat(Found.in(Grid.ofText(lines), said)).isEmpty();
    String[] named = {
      " | Paid with fares |", "Place | Coin | Card", "Hale | 3 | 5", "Orrin | 4 | 8"
    };
    Corrections name = Corrections.NONE.withName("Paid with fares");
    assertThat(read(name, named).table().across().leaves().getFirst().labels())
        .containsExactly("Coin");
    assertThat(read(name, named).table().across().dimensions()).containsExactly("Paid with fares");
  }

  @Test
  public void everyFigureIsAccountedFor() {
    FigureCount count = read(Corrections.NONE, MODELS).figures();
    assertThat(count.placeless()).isEmpty();
    assertThat(count.table()).isEqualTo(8);
    assertThat(count.sentence()).startsWith("8 figures: 8 in the table");
    FigureCount codes =
        read(
                Corrections.NONE,
                "Code | Port | Boats",
                "101 | Hale | 5",
                "102 | Orrin | 6",
                "Source: log of 2025.")
            .figures();
    assertThat(codes.sentence()).isEqualTo("5 figures: 2 in the table, 2 in the stub, 1 in notes.");
  }

  @Test
  public void aColumnCalledTotalIsAMeasureWhereAPersonSaysSo() {
    String[] lines = {
      "Country | Total | Sound share", "Marram | 30 | 30", "Dunland | 50 | 50", "Sandholm | 70 | 70"
    };
    Anchor column = read(Corrections.NONE, lines).anchors().columns().get(1);
    Corrections said = Corrections.NONE.withColumn(column, LineRole.BODY);
    Table table = read(said, lines).table();
    assertThat(table.across().leaves().getFirst().role())
        .isEqualTo(app.finish.core.table.Heading.Role.MEMBER);
  }

  @Test
  public void aTotalThatMostlyAddsUpIsNotSaidToAddUp() {
    String[] lines = {
      "Place | A | B | C", "Hale | 10 | 20 | 30", "Orrin | 1 | 2 | 3", "Total | 11 | 22 | 34"
    };
    Recognition read = read(Corrections.NONE, lines);
    assertThat(Found.in(lines)).hasSize(1);
    assertThat(read.evidence())
        .filteredOn(one -> one.said().equals("grandTotalRow"))
        .allSatisfy(one -> assertThat(one.because().getFirst()).startsWith("most of its figures"));
  }
}
