package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

/// `finish board`: makes one page of the tables of some files, which readers sort, search and point
/// at in a browser.
@Command(
    name = "board",
    mixinStandardHelpOptions = true,
    description =
        "Make one page of the tables of some files, which readers sort, search and point at in a"
            + " browser.")
final class BoardCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Mixin private TablesIn tables;

  @Option(
      names = {"-o", "--out"},
      required = true,
      paramLabel = "OUT",
      description = "the page to write: board.html, for example")
  private Path out;

  @Override
  public Integer call() throws Exception {
    if (!out.toString().toLowerCase(Locale.ROOT).endsWith(".html")) {
      throw new Problem(out + " is no name of a page. End it in .html.");
    }
    StyleBook shipped = StyleFile.shipped();
    Document document = tables.document(shipped, spec.commandLine().getErr());
    List<Integer> all = IntStream.range(0, document.items().size()).boxed().toList();
    new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas())
        .write(document, all, OutputFormat.BOARD, Paper.A4, out);
    return 0;
  }
}
