package app.finish.cli;

import app.finish.core.chart.Chart;
import app.finish.core.chart.ChartAdvice;
import app.finish.core.chart.ChartKind;
import app.finish.core.document.Document;
import app.finish.core.problem.Problem;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Table;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Replacing;
import app.finish.formats.Sending;
import app.finish.formats.io.Kept;
import app.finish.formats.io.SentTable;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// `finish chart`: draws a chart of a table, in the style of the table; without a file to write it
/// says which kinds suit the table, and why.
@Command(
    name = "chart",
    mixinStandardHelpOptions = true,
    description = "Draw a chart of a table. Without -o, say which kinds suit the table, and why.")
final class ChartCommand implements Callable<Integer> {
  private static final Pattern SIZE =
      Pattern.compile("([0-9]{2,4}(?:\\.[0-9]+)?)x([0-9]{2,4}(?:\\.[0-9]+)?)");

  @Spec private CommandSpec spec;

  @Mixin private TablesIn tables;

  @Mixin private PaperChoice paper;

  @Mixin private PictureChoice picture;

  @Option(
      names = "--table",
      paramLabel = "N",
      defaultValue = "1",
      description = "which table, from 1; the first if nothing is said")
  private int only;

  @Option(
      names = "--kind",
      paramLabel = "KIND",
      defaultValue = "",
      description =
          "bars, columns, stacked, shares, dots, lines, slopes, intervals, boxes, scatter, heat or"
              + " mosaic; what suits the table best if nothing is said")
  private String kind;

  @Option(
      names = "--measure",
      paramLabel = "NAME",
      defaultValue = "",
      description = "the measure that is drawn; the first if nothing is said")
  private String measure;

  @Option(
      names = "--against",
      paramLabel = "NAME",
      defaultValue = "",
      description = "the measure that it is drawn against, with --kind scatter")
  private String against;

  @Option(names = "--columns", description = "compare the columns, not the rows")
  private boolean columns;

  @Option(names = "--panels", description = "a panel for each outer group")
  private boolean panels;

  @Option(
      names = "--title",
      paramLabel = "TITLE",
      defaultValue = "",
      description = "the title; made of the measure and the dimensions if nothing is said")
  private String title;

  @Option(
      names = "--size",
      paramLabel = "WIDTHxHEIGHT",
      defaultValue = "460x230",
      description = "in points; the height is that of the plot without the words: ${DEFAULT-VALUE}")
  private String size;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "the file to write: chart.svg, chart.pdf, chart.png or chart.docx, for example")
  private Path out;

  @Override
  public Integer call() throws Exception {
    StyleBook shipped = StyleFile.shipped();
    Document document = tables.document(shipped, spec.commandLine().getErr());
    List<Integer> places = document.tablePlaces();
    if (only < 1 || only > places.size()) {
      throw new Problem(
          tables.first() + " holds " + places.size() + " tables; there is no number " + only + ".");
    }
    int place = places.get(only - 1);
    Sending sending = new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas());
    SentTable sent = sending.sent(document, List.of(place), paper.paper()).tables().getFirst();
    List<ChartAdvice> advice = advice(sent.table());
    if (out == null) {
      say(advice);
      return 0;
    }
    OutputFormat format = format();
    Document charted = document.withAdded(chart(advice), place);
    int chart = document.newChartPlace(place);
    sending.write(
        charted, List.of(chart), format, paper.paper(), picture.form(), out, Replacing.ALL);
    CaveatsSaid.of(sending.caveats(charted, List.of(chart), List.of(format)))
        .forEach(spec.commandLine().getErr()::println);
    return 0;
  }

  private OutputFormat format() throws Problem {
    OutputFormat format = OutputFormat.ofFile(out.toString()).orElse(OutputFormat.CSV);
    if (!format.keeps().contains(Kept.CHARTS)) {
      String endings =
          Arrays.stream(OutputFormat.values())
              .filter(one -> one.keeps().contains(Kept.CHARTS))
              .map(one -> "." + one.extension())
              .collect(Collectors.joining(", "));
      throw new Problem(out + " can't hold a chart. End it in one of " + endings + ".");
    }
    return format;
  }

  /// What suits the table, of the measure that was asked for.
  private List<ChartAdvice> advice(Table table) throws Problem {
    List<String> measures = ChartAdvice.measures(table);
    if (measures.isEmpty()) {
      throw new Problem(
          "Table " + only + " has no figures of its own that could be drawn. Take another one.");
    }
    List<String> called = measures.stream().map(name -> ChartAdvice.called(table, name)).toList();
    for (String name : List.of(measure, against)) {
      if (!name.isEmpty() && !measures.contains(name) && !called.contains(name)) {
        throw new Problem(
            "The table has no measure “" + name + "”. It has " + String.join(", ", called) + ".");
      }
    }
    return measure.isEmpty()
        ? ChartAdvice.of(table)
        : ChartAdvice.of(table, Chart.of(ChartKind.BARS, measure));
  }

  private Chart chart(List<ChartAdvice> advice) throws Problem {
    Matcher lengths = SIZE.matcher(size);
    if (!lengths.matches()) {
      throw new Problem("“" + size + "” is no size. Write points, such as --size 460x230.");
    }
    Chart best = advice.getFirst().chart();
    if (!kind.isEmpty()) {
      ChartKind asked = ChartKind.of(kind);
      best =
          advice.stream()
              .map(ChartAdvice::chart)
              .filter(chart -> chart.kind() == asked)
              .findFirst()
              .orElse(best.withKind(asked).withTurned(false).withPanels(false));
    }
    Chart chart =
        best.withTitle(title)
            .withTurned(columns || best.turned())
            .withPanels(panels)
            .withSize(Double.parseDouble(lengths.group(1)), Double.parseDouble(lengths.group(2)));
    return against.isEmpty() ? chart : chart.withAgainst(against);
  }

  private void say(List<ChartAdvice> advice) {
    PrintWriter print = spec.commandLine().getOut();
    for (ChartAdvice one : advice) {
      String how = one.chart().turned() ? " --columns" : "";
      String in = one.chart().panels() ? " --panels" : "";
      print.println("--kind " + one.chart().kind().word() + how + in + ": " + one.why());
    }
    print.flush();
  }
}
