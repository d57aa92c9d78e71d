package app.finish.cli;

import app.finish.core.check.Checked;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.StyleBook;
import app.finish.core.tally.HeldAt;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Question;
import app.finish.core.tally.SignificanceTest;
import app.finish.core.tally.Tally;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyMeasure;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.json.RecognitionJson;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import app.finish.records.Tallying;
import app.finish.records.question.TooManyCells;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import app.finish.records.words.PlanWords;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Predicate;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// `finish tally`: counts a table from records.
@Command(
    name = "tally",
    mixinStandardHelpOptions = true,
    description = "Count a table from records: a file, or a table in a database.",
    footer = {
      "",
      "A dimension is a column, and behind it, if wanted, “by season” (year, quarter, month,",
      "calendar month, day), “by 10” (a width) or “at 18, 35, 65” (cut points), and “as NAME”.",
      "A measure is a function and a column (count, distinct, sum, mean, sd, se, median, q25,",
      "min, max, percent, row-percent, column-percent), or an expression of measures and of",
      "columns, which stand for their sums; and “as NAME”."
    })
final class TallyCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Mixin private RecordsInput input;

  @Option(names = "--down", paramLabel = "DIMENSION", description = "goes down; may be repeated")
  private List<String> down = List.of();

  @Option(names = "--across", paramLabel = "DIMENSION", description = "goes across; the same")
  private List<String> across = List.of();

  @Option(
      names = "--held",
      paramLabel = "DIMENSION=MEMBER",
      description = "is held at one member; may be repeated")
  private List<String> held = List.of();

  @Option(names = "--measure", paramLabel = "MEASURE", description = "may be repeated")
  private List<String> measures = List.of();

  @Option(
      names = "--where",
      paramLabel = "EXPRESSION",
      description = "only records for which this holds, such as Passengers > 0")
  private String where = "";

  @Option(names = "--weight", paramLabel = "COLUMN", description = "weights the records")
  private String weight = "";

  @Option(
      names = "--missing",
      paramLabel = "apart|left-out",
      description = "records without an answer: a member of their own (the default), or left out")
  private String missing = "apart";

  @Option(names = "--no-totals", description = "without subtotals and grand totals")
  private boolean noTotals;

  @Option(names = "--measures-down", description = "with the measures down instead of across")
  private boolean measuresDown;

  @Option(
      names = "--test",
      paramLabel = "chi-square|anova|t",
      description = "with the result of a test in a note; may be repeated")
  private List<String> tests = List.of();

  @Option(
      names = "--ask",
      paramLabel = "QUESTION",
      description =
          "tally (the default), description, correlation, or comparison of the measures' columns")
  private String question = "tally";

  @Option(names = "--any-size", description = "make a table of more than a million cells too")
  private boolean anySize;

  @Option(names = "--title", description = "the title of the table")
  private Optional<String> title = Optional.empty();

  @Option(names = "--json", description = "print it as JSON, in the shape of docs/command-line.md")
  private boolean json;

  @Option(
      names = "--style",
      paramLabel = "NAME|FILE",
      description = "a shipped style or a style file; Plain if none is named")
  private String style = "Plain";

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "the file to write: ${bundle:output.endings}")
  private Optional<Path> out = Optional.empty();

  @Override
  public Integer call() throws Exception {
    PrintWriter print = spec.commandLine().getOut();
    PrintWriter err = spec.commandLine().getErr();
    try (Stopping stopping = Stopping.onInterrupt();
        Records records = input.open(err, stopping.asking(), named())) {
      records.said().forEach(err::println);
      Plan plan = plan(records, stopping.asking());
      Tallying tallying = Tallying.of(records).asking(stopping.asking());
      Tally tally = (anySize ? tallying.withCells(Long.MAX_VALUE) : tallying).tally(plan);
      send(tally, print);
      return 0;
    } catch (TooManyCells many) {
      throw new Problem(many.getMessage() + " On the command line: --any-size.", many);
    }
  }

  /// Whether a column can be meant by anything that was said. A name that has to be written in
  /// another way where it is used counts as meant.
  private Predicate<String> named() {
    List<String> texts = new ArrayList<>(List.of(where, weight));
    Stream.of(down, across, held, measures).forEach(texts::addAll);
    String all = String.join("\n", texts).toLowerCase(Locale.ROOT);
    return column ->
        all.contains(column.strip().toLowerCase(Locale.ROOT))
            || !column.matches("[\\p{L}\\p{N} _.%/()-]+");
  }

  private Plan plan(Records records, DatabaseQuery asking) throws IOException {
    PlanWords words = new PlanWords(records.columns());
    List<HeldAt> holding = new ArrayList<>();
    for (String one : held) {
      holding.add(PlanWords.held(one, records, asking));
    }
    EnumSet<SignificanceTest> asked = EnumSet.noneOf(SignificanceTest.class);
    for (String test : tests) {
      asked.add(
          SignificanceTest.of(test)
              .orElseThrow(
                  () ->
                      new Problem("There is no test “" + test + "”. Use chi-square, anova or t.")));
    }
    return Plan.EMPTY
        .withDown(dimensions(words, down))
        .withAcross(dimensions(words, across))
        .withHeld(holding)
        .withMeasures(measures(words))
        .withWhere(where)
        .withWeight(weight.isEmpty() ? "" : records.columns().of(weight).name())
        .withMissing(chosen(() -> MissingAnswers.of(missing.replace('-', ' ')), missing))
        .withMeasuresDown(measuresDown)
        .withTests(asked)
        .withQuestion(chosen(() -> Question.of(question), question));
  }

  private static <T> T chosen(Callable<T> choice, String word) throws IOException {
    try {
      return choice.call();
    } catch (Exception e) {
      throw new Problem("“" + word + "” is not one of the choices. See finish tally --help.", e);
    }
  }

  private List<TallyDimension> dimensions(PlanWords words, List<String> texts) {
    return texts.stream().map(text -> words.dimension(text).totalled(!noTotals)).toList();
  }

  private List<TallyMeasure> measures(PlanWords words) {
    boolean nothing = down.isEmpty() && across.isEmpty() && measures.isEmpty();
    return nothing ? List.of(TallyMeasure.count()) : measures.stream().map(words::measure).toList();
  }

  private void send(Tally tally, PrintWriter print) throws IOException {
    Finish finish = Finish.in("Plain");
    finish = title.isPresent() ? finish.withWord(PartName.TITLE, title.get()) : finish;
    if (out.isPresent()) {
      OutputFormat format =
          OutputFormat.ofFile(out.get().toString())
              .orElseThrow(
                  () ->
                      new Problem(
                          out.get()
                              + " has no ending that says what to write. End it in "
                              + OutputFormat.endingsInWords()
                              + "."));
      StyleBook shipped = StyleFile.shipped();
      HouseStyle chosen = ChosenStyle.of(style, shipped);
      Document document =
          new Document(List.of(), chosen.shipped() ? List.of() : List.of(chosen))
              .withAdded(Source.of(tally), finish.withStyle(chosen.name()));
      new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas())
          .write(document, List.of(0), format, Paper.A4, out.get());
      return;
    }
    Recognition known =
        Recognition.known(
            tally.table().withWords(finish.wordsOver(tally.table().words())),
            "it was counted from " + tally.records().label());
    if (json) {
      print.println(
          RecognitionJson.write(
              tally.records().label(), List.of(Checked.NOTHING.recognised(known))));
    } else {
      new TextTable(known.table()).print(print);
    }
  }
}
