package app.finish.formats.samples;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Marks;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import app.finish.formats.PivotShapes;
import app.finish.formats.SampleWorkbook;
import app.finish.formats.Sources;
import app.finish.formats.Survey;
import app.finish.formats.SurveyConsole;
import app.finish.formats.SurveyOutput;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// The shipped samples: that they are what their generators print, and that each shape is
/// understood as what it is.
public class SamplesTest {
  @Test
  public void theShippedSamplesAreWhatTheirGeneratorsMake() throws IOException {
    Path folder = Given.folder();
    assertThat(Samples.copy(Samples.SURVEY, folder)).hasContent(new SurveyOutput().html());
    assertThat(Samples.copy(Samples.CONSOLE, folder)).hasContent(new SurveyConsole().text());
    Path made = folder.resolve("made.xlsx");
    new PivotShapes().write(made);
    assertThat(Sources.read(Samples.copy(Samples.SHAPES, folder)))
        .map(source -> source.grid())
        .isEqualTo(Sources.read(made).stream().map(source -> source.grid()).toList());
  }

  private static Recognition read(String sample, int number) throws IOException {
    return Recogniser.recognise(Samples.read(sample).get(number - 1).grid(), Corrections.NONE);
  }

  private static String rows(Recognition read) {
    return String.join(
        "; ",
        read.rows().stream()
            .map(row -> row.role() + ": " + String.join(" › ", row.headings()))
            .toList());
  }

  private static String columns(Table table) {
    return String.join(
        "; ",
        table.across().leaves().stream()
            .map(
                leaf ->
                    String.join(" › ", leaf.labels())
                        + (leaf.role() == Role.MEMBER ? "" : " = total"))
            .toList());
  }

  private static String kinds(Table table) {
    return String.join(
        ", ", table.measures().stream().map(measure -> measure.kind().word()).toList());
  }

  private static final String PAIRS =
      "body: Single › Return; body: Single › Islander pass; body: Return › Single; body: Return ›"
          + " Islander pass; body: Islander pass › Single; body: Islander pass › Return";

  private static String repeated(String prefix, String... labels) {
    return String.join("; ", Arrays.stream(labels).map(label -> prefix.formatted(label)).toList());
  }

  /// A sample, the number of a table in it, its rows, its columns, the kinds of its measures.
  @DataProvider
  public Object[][] shapes() {
    String[] ages = Survey.AGES;
    String[] stacked = {"n", "Expected n", "Row %", "Column %", "Total %"};
    String[] correlation = {"r", "p", "n"};
    String[] tests = {"Pillai’s trace", "Wilks’ lambda", "Hotelling’s trace", "Roy’s largest root"};
    return new Object[][] {
      {
        Samples.SURVEY,
        1,
        "body: Answered › Single; body: Answered › Return; body: Answered › Islander pass;"
            + " subtotal: Answered › Total; body: Missing › No answer; grand total: Total",
        "n; %; % of answers; Running %",
        "count, percent, percent, percent"
      },
      {
        Samples.SURVEY,
        2,
        repeated("body: Islander › %s", ages)
            + "; subtotal: Islander › Total; "
            + repeated("body: Visitor › %s", ages)
            + "; subtotal: Visitor › Total; "
            + repeated("subtotal: Total › %s", ages)
            + "; grand total: Total",
        "M; SD; n",
        "mean, deviation, count"
      },
      {
        Samples.SURVEY,
        3,
        "body: n; body: M; body: SE; body: Mdn; body: SD; body: Least",
        "Comfort; Trust; Crowding",
        "count, mean, error, statistic, deviation, statistic"
      },
      {
        Samples.SURVEY,
        4,
        repeated("body: Islander › %s", stacked)
            + "; "
            + repeated("body: Visitor › %s", stacked)
            + "; "
            + repeated("grand total: Total › %s", stacked),
        "Single; Return; Islander pass; Total = total",
        "count, expected, percent, percent, percent"
      },
      {
        Samples.SURVEY,
        5,
        repeated("body: Comfort › %s", correlation)
            + "; "
            + repeated("body: Trust › %s", correlation)
            + "; "
            + repeated("body: Crowding › %s", correlation),
        "Comfort; Trust; Crowding",
        "correlation, p, count"
      },
      {
        Samples.SURVEY,
        6,
        repeated("body: 1 › %s", "Intercept", "Age band", "Visitor")
            + "; "
            + repeated("body: 2 › %s", "Intercept", "Age band", "Visitor", "Trust", "Crowding"),
        "Raw scale › Estimate; Raw scale › SE; Standardised › β; t; p; 95% CI › lower;"
            + " 95% CI › upper",
        "coefficient, error, correlation, test, p, interval, interval"
      },
      {
        Samples.SURVEY,
        7,
        "body: Model; body: Residence; body: Age; body: Residence × Age; body: Error;"
            + " grand total: Total",
        "SS; df; MS; F; p; partial η²",
        "sum, freedom, statistic, test, p, correlation"
      },
      {
        Samples.SURVEY,
        8,
        repeated("body: Residence › %s", tests),
        "Value; F; df of effect; df of error; p",
        "value, test, freedom, freedom, p"
      },
      {
        Samples.SURVEY,
        9,
        Stream.of("Comfort", "Trust", "Crowding")
            .map(name -> repeated("body: " + name + " › %s’s t", "Student", "Welch"))
            .reduce((some, more) -> some + "; " + more)
            .orElseThrow(),
        repeated("Levene’s test › %s", "F", "p")
            + "; "
            + repeated(
                "Difference between groups › %s",
                "t",
                "df",
                "p",
                "Mean difference",
                "SE",
                "95%% CI lower".replace("%%", "%"),
                "95% CI upper"),
        "test, p, test, freedom, mean, error, interval, interval"
      },
      {
        Samples.SURVEY,
        10,
        PAIRS,
        "Mean difference; SE; p; 95% CI › lower; 95% CI › upper",
        "mean, error, p, interval, interval"
      },
      {
        Samples.CONSOLE,
        1,
        "body: (Intercept); body: trust; body: crowding; body: visitor",
        "Estimate; Std. Error; t value; Pr(>|t|)",
        "coefficient, error, test, p"
      },
      {
        Samples.CONSOLE,
        2,
        "body: 1. Comfort; body: 2. Trust; body: 3. Crowding",
        "M; SD; 1; 2; 3",
        "mean, deviation, correlation, correlation, correlation"
      },
      {
        Samples.SHAPES,
        1,
        "grand total: Grand total; "
            + Arrays.stream(SampleWorkbook.ROUTES)
                .map(
                    route ->
                        "subtotal: "
                            + route
                            + "; "
                            + repeated("body: " + route + " › %s", SampleWorkbook.SEASONS))
                .reduce((some, more) -> some + "; " + more)
                .orElseThrow(),
        "Passengers; Fares",
        "count, sum"
      },
      {
        Samples.SHAPES,
        2,
        Stream.concat(
                Arrays.stream(SampleWorkbook.ROUTES).map(route -> "body: " + route),
                Stream.of("grand total: Total"))
            .map(
                part ->
                    repeated(
                        part + " › %s", "Passengers", "Fares", "Running cost", "Cost recovery"))
            .reduce((some, more) -> some + "; " + more)
            .orElseThrow(),
        "2025; 2026",
        "count, sum, sum, percent"
      },
      {
        Samples.SHAPES,
        3,
        repeated("body: %s", SampleWorkbook.ROUTES) + "; grand total: Grand total",
        "Grand total = total; 2025; 2026",
        "count"
      },
      {
        Samples.SHAPES,
        4,
        repeated("body: %s", SampleWorkbook.ROUTES) + "; grand total: Total",
        "Winter; Spring; Summer; Autumn; Total = total",
        "sum"
      },
      {
        Samples.SHAPES,
        5,
        Arrays.stream(ages)
                .map(
                    age ->
                        repeated(
                                "body: " + age + " › %s",
                                "Single",
                                "Return",
                                "Islander pass",
                                "(blank)")
                            + "; subtotal: "
                            + age
                            + " total")
                .reduce((some, more) -> some + "; " + more)
                .orElseThrow()
            + "; grand total: Grand total",
        "Islander; Visitor; Total = total",
        "value"
      },
    };
  }

  @Test(dataProvider = "shapes")
  public void eachShapeIsUnderstood(
      String sample, int number, String rows, String columns, String kinds) throws IOException {
    Recognition read = read(sample, number);
    assertThat(rows(read)).isEqualTo(rows);
    assertThat(columns(read.table())).isEqualTo(columns);
    assertThat(kinds(read.table())).isEqualTo(kinds);
    assertThat(Checks.ALL.of(Checked.of(read, Samples.read(sample).get(number - 1).grid())))
        .isEmpty();
    assertThat(read.evidence()).noneMatch(Evidence::isDoubtful);
  }

  @Test
  public void everyFigureIsTheSurveysOwn() throws IOException {
    Survey survey = new Survey();
    Table table = read(Samples.SURVEY, 2).table();
    for (Leaf leaf : table.down().leaves().subList(0, 4)) {
      double[] values =
          survey.values(
              Survey.Answer::comfort, one -> one.home() == 0 && one.age() == leaf.index());
      assertThat(((Value.Numeric) table.body().at(leaf.index(), 0)).number())
          .isCloseTo(Survey.mean(values), org.assertj.core.data.Offset.offset(0.005));
      assertThat(((Value.Numeric) table.body().at(leaf.index(), 2)).number())
          .isEqualTo(values.length);
    }
  }

  @Test
  public void marksLeaveTheFiguresAndAreTiedToTheirNotes() throws IOException {
    Table variance = read(Samples.SURVEY, 7).table();
    assertThat(variance.body().at(0, 0)).isInstanceOf(Value.Numeric.class);
    assertThat(variance.marks().at(new Spot.Figure(0, 0))).isEqualTo("a");
    assertThat(variance.words().notes().getFirst().explains("a")).isTrue();
    Table multivariate = read(Samples.SURVEY, 8).table();
    assertThat(multivariate.marks().at(new Spot.Title())).isEqualTo("a");
    assertThat(multivariate.words().title()).isEqualTo("Tests on all scales");
    assertThat(multivariate.marks().at(new Spot.Figure(3, 1))).isEqualTo("b");
    Table pairs = read(Samples.SURVEY, 10).table();
    assertThat(pairs.marks().at(new Spot.Across(0, 2))).isEqualTo("b");
    assertThat(pairs.marks().at(new Spot.Figure(0, 0))).isEqualTo("*");
    assertThat(pairs.words().notes().getFirst().isGeneral()).isTrue();
    Marks stars = read(Samples.CONSOLE, 2).table().marks();
    assertThat(stars.at(new Spot.Figure(1, 2))).isEqualTo("***");
    assertThat(read(Samples.CONSOLE, 2).table().words().notes().getFirst().explains("**")).isTrue();
  }

  @Test
  public void whatIsHeldIsReadFromTheLinesAbove() throws IOException {
    Table table = read(Samples.SHAPES, 4).table();
    assertThat(table.held())
        .map(Object::toString)
        .containsExactly("Ticket: (All)", "Vessel: (Multiple)", "Year: 2026");
    assertThat(table.words().title()).startsWith("Fares by route and season");
    assertThat(read(Samples.SURVEY, 4).table().down().dimensions().getFirst())
        .isEqualTo("Residence");
  }

  @Test
  public void theDemosTablesHoldButForTheLast() throws IOException {
    assertThat(Samples.demo().tables()).hasSize(15);
    assertThat(Samples.demo().tables().subList(0, 14))
        .allSatisfy(
            table ->
                assertThat(
                        Checks.ALL.of(
                            Checked.of(
                                Finishing.recognition(table.source(), Corrections.NONE),
                                table.source().grid())))
                    .isEmpty());
  }

  @Test
  public void theLastTableOfTheDemoHasTheFaultsThatWerePlanted() throws IOException {
    Document demo = Samples.demo();
    Inspection inspection =
        new Inspection(_ -> StyleFile.shipped(), Formulas.NONE, Checks::demandedBy);
    List<String> found = inspection.of(demo, 14).stream().map(Finding::check).sorted().toList();
    assertThat(found)
        .containsExactly(
            "apa.abbreviations",
            "apa.decimals",
            "apa.leading-zero",
            "apa.minus",
            "apa.missing",
            "apa.number",
            "apa.rules",
            "apa.shading",
            "apa.title",
            "apa.title",
            "apa.title",
            "apa.units",
            "arithmetic.mean",
            "arithmetic.probability",
            "arithmetic.statistic");
    List<String> left =
        inspection.of(inspection.mended(demo, 14), 14).stream().map(Finding::check).toList();
    assertThat(left)
        .containsExactlyInAnyOrder(
            "apa.abbreviations",
            "apa.decimals",
            "apa.missing",
            "apa.title",
            "arithmetic.mean",
            "arithmetic.probability",
            "arithmetic.statistic");
  }

  @Test
  public void marksComeBackFromEveryFormatThatIsWritten() throws IOException {
    Path folder = Given.folder();
    for (OutputFormat format : List.of(OutputFormat.HTML, OutputFormat.DOCX)) {
      Path out = folder.resolve("marks." + format.extension());
      Files.copy(Given.sent(Given.documentOf(Samples.read(Samples.SURVEY), "APA 7"), format), out);
      Table again = Recogniser.recognise(Sources.read(out).get(7).grid(), Corrections.NONE).table();
      assertThat(again.marks().at(new Spot.Figure(0, 1))).as(format.label()).isEqualTo("b");
      assertThat(again.marks().at(new Spot.Title())).as(format.label()).isEqualTo("a");
      assertThat(again.words().notes()).as(format.label()).hasSize(2);
    }
  }

  @Test
  public void eachDecisionHasItsReasons() throws IOException {
    assertThat(read(Samples.SHAPES, 5).evidence())
        .anyMatch(one -> one.said().equals("noAnswer") && one.place().equals("row 5"))
        .anyMatch(one -> one.place().equals("12 empty cells of the stub"))
        .anyMatch(one -> one.said().equals("value") && one.place().equals("figures"));
    assertThat(read(Samples.SURVEY, 8).evidence())
        .contains(
            new Evidence("4 cells", "mark “b”", List.of("a note below explains it"), 0.95),
            new Evidence(
                "measure “df of error”",
                "freedom",
                List.of("its name is that of a statistic"),
                0.95));
    assertThat(read(Samples.SURVEY, 6).evidence())
        .anyMatch(one -> one.place().equals("2 empty cells") && one.said().equals("missing"));
  }
}
