package app.finish.cli;

import app.finish.core.Finishing;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Matches;
import app.finish.core.problem.Problem;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Replacing;
import app.finish.formats.Sending;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.io.Kept;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `finish dress`: puts a style on the tables of a file and sends them out.
@Command(
    name = "dress",
    mixinStandardHelpOptions = true,
    description = "Put a house style on the tables of a file and send them out.")
final class DressCommand implements Callable<Integer> {
  @Parameters(
      arity = "1..*",
      paramLabel = "IN",
      description =
          "files that hold tables: ${bundle:input.formats};"
              + " or a .finish document, whose tables keep their arrangement")
  private List<Path> ins;

  @Spec private CommandSpec spec;

  @Mixin private Input input;

  @Option(
      names = "--style",
      defaultValue = "",
      paramLabel = "NAME|FILE",
      description =
          "a shipped style (Plain, Marram house, APA 7, Hairline, Ledger, Watch, Lectern, Night,"
              + " Quay, Timetable, Beacon) or a style file; the tables of a .finish document wear"
              + " their own if none is given")
  private String style;

  @Option(
      names = {"-o", "--out"},
      required = true,
      paramLabel = "OUT",
      description = "the file to write: ${bundle:output.endings}")
  private Path out;

  @Option(
      names = "--highlight",
      paramLabel = "SENTENCE",
      description =
          "what is to be seen first, as a sentence: \"Cost recovery below 85: bold bad on bad"
              + " 12%%\"; may be given several times, the strongest first")
  private List<String> highlights = List.of();

  @Option(
      names = "--table",
      paramLabel = "N",
      description = "only the Nth table of the file, from 1")
  private int only;

  @Mixin private PaperChoice paper;

  @Mixin private PictureChoice picture;

  @Override
  public Integer call() throws Exception {
    OutputFormat format =
        OutputFormat.ofFile(out.toString())
            .orElseThrow(
                () ->
                    new Problem(
                        out
                            + " has no ending that says what to write. End it in "
                            + OutputFormat.endingsInWords()
                            + "."));
    StyleBook shipped = StyleFile.shipped();
    Document document = Begun.isDocument(ins) ? finished(shipped) : begun(shipped);
    document = highlighted(document);
    List<Integer> indexes = indexes(document, format);
    if (indexes.size() > 1 && !format.holdsSeveralTables()) {
      throw new Problem(
          held()
              + indexes.size()
              + " tables, and a file that ends with ."
              + format.extension()
              + " holds one. Pick it with --table N, or send each with finish send.");
    }
    Sending sending = new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas());
    StillAt writing = StillAt.work("Writing " + out);
    try (writing) {
      sending.write(document, indexes, format, paper.paper(), picture.form(), out, Replacing.ALL);
    }
    CaveatsSaid.of(sending.caveats(document, indexes, List.of(format)))
        .forEach(spec.commandLine().getErr()::println);
    return sleeping(document, indexes);
  }

  /// Says which of the highlights that were asked for lie on none of the tables, and why.
  private int sleeping(Document document, List<Integer> indexes) {
    int code = 0;
    for (String sentence : highlights) {
      Highlight said = HighlightSentence.read(sentence);
      List<String> reasons = new ArrayList<>();
      for (int index : indexes) {
        Finishing finishing =
            Finishing.of(document.table(index)).calculating(new MeasureFormulas());
        CellNames names = CellNames.of(finishing.arranged());
        Matches.of(said, names, new MeasureFormulas().ofCells()).asleep().ifPresent(reasons::add);
      }
      if (!indexes.isEmpty() && reasons.size() == indexes.size()) {
        spec.commandLine()
            .getErr()
            .println("“" + said.title() + "” highlights nothing: " + reasons.getFirst() + ".");
        code = 1;
      }
    }
    return code;
  }

  /// The document with highlights over those that its tables have.
  private Document highlighted(Document document) {
    List<Highlight> said = highlights.stream().map(HighlightSentence::read).toList();
    Document all = document;
    for (int i : all.tablePlaces()) {
      Finish finish = all.table(i).finish();
      List<Highlight> over = new ArrayList<>(said);
      over.addAll(finish.highlights());
      all = all.withFinish(i, finish.withHighlights(over));
    }
    return all;
  }

  /// A document as it was saved, in the style that was asked for, if one was.
  private Document finished(StyleBook shipped) throws IOException {
    Document document = DocumentFile.read(ins.getFirst());
    return style.isEmpty() ? document : Begun.worn(document, ChosenStyle.of(style, shipped));
  }

  /// A document of the tables of the files.
  private Document begun(StyleBook shipped) throws IOException {
    if (style.isEmpty()) {
      throw new Problem("Say which style to put on, with --style \"APA 7\", for example.");
    }
    return new Begun(input, spec.commandLine().getErr()).with(ins, ChosenStyle.of(style, shipped));
  }

  private String held() {
    return ins.size() == 1 ? ins.getFirst() + " holds " : ins.size() + " files hold ";
  }

  /// The table that was asked for; else all items that the format holds.
  private List<Integer> indexes(Document document, OutputFormat format) throws Problem {
    List<Integer> places = document.tablePlaces();
    int tables = places.size();
    if (only < 0 || only > tables) {
      throw new Problem(
          held()
              + tables
              + (tables == 1 ? " table" : " tables")
              + "; there is no number "
              + only
              + ".");
    }
    if (only > 0) {
      return List.of(places.get(only - 1));
    }
    boolean charts = format.holdsSeveralTables() && format.keeps().contains(Kept.CHARTS);
    return charts ? IntStream.range(0, document.items().size()).boxed().toList() : places;
  }
}
