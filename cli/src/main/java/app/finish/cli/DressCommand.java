package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.layout.Fonts;
import app.finish.core.layout.Paper;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Problem;
import app.finish.formats.Sending;
import app.finish.formats.StyleFile;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
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
      paramLabel = "IN",
      description =
          "a file that holds tables: XLSX, ODS, CSV, TSV, HTML, DOCX, Markdown, text, JSON-stat")
  private Path in;

  @Spec private CommandSpec spec;

  @Mixin private Input input;

  @Option(
      names = "--style",
      required = true,
      paramLabel = "NAME|FILE",
      description = "a shipped style (Plain, Marram house, APA 7) or a style file")
  private String style;

  @Option(
      names = {"-o", "--out"},
      required = true,
      paramLabel = "OUT",
      description = "the file to write: .docx, .html, .pdf or .png")
  private Path out;

  @Option(
      names = "--table",
      paramLabel = "N",
      description = "only the Nth table of the file, from 1")
  private int only;

  @Override
  public Integer call() throws Exception {
    OutputFormat format =
        OutputFormat.ofFile(out.toString())
            .orElseThrow(
                () ->
                    new Problem(
                        out
                            + " has no ending that says what to write. End it in .docx, .html, .pdf or .png."));
    StyleBook shipped = StyleFile.shipped();
    HouseStyle chosen = ChosenStyle.of(style, shipped);
    List<Source> sources = input.read(in, spec.commandLine().getErr());
    if (only < 0 || only > sources.size()) {
      throw new Problem(
          in
              + " holds "
              + sources.size()
              + (sources.size() == 1 ? " table" : " tables")
              + "; there is no number "
              + only
              + ".");
    }
    Document document = new Document(List.of(), chosen.shipped() ? List.of() : List.of(chosen));
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < sources.size(); i++) {
      document = document.withAdded(sources.get(i), Finish.in(chosen.name()));
      if (only == 0 || only == i + 1) {
        places.add(i);
      }
    }
    if (places.size() > 1 && !format.holdsSeveralTables()) {
      throw new Problem(
          in
              + " holds "
              + sources.size()
              + " tables, and a picture shows one. Pick it with --table N.");
    }
    new Sending(new Fonts(), shipped, new MeasureFormulas())
        .write(document, places, format, Paper.A4, out);
    return 0;
  }
}
