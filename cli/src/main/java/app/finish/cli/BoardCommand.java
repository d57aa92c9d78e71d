package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Problem;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.IntStream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
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
  private static final String USUAL = "Marram house";

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
          "a shipped style or a style file; .finish documents wear their own if none is given,"
              + " other tables Marram house")
  private String style;

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
    Document document = document(shipped);
    List<Integer> all = IntStream.range(0, document.items().size()).boxed().toList();
    new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas())
        .write(document, all, OutputFormat.BOARD, Paper.A4, out);
    return 0;
  }

  private Document document(StyleBook shipped) throws IOException {
    String chosen = style.isEmpty() ? USUAL : style;
    if (Begun.isDocument(ins)) {
      Document document = DocumentFile.read(ins.getFirst());
      return style.isEmpty() ? document : Begun.worn(document, ChosenStyle.of(chosen, shipped));
    }
    return new Begun(input, spec.commandLine().getErr()).with(ins, ChosenStyle.of(chosen, shipped));
  }
}
