package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.style.StyleBook;
import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/// The files of a command that needs no style to be named: a document in its own, other tables in
/// the house style of the demo.
final class TablesIn {
  private static final String USUAL = "Marram house";

  @Parameters(
      arity = "1..*",
      paramLabel = "IN",
      description =
          "files that hold tables: ${bundle:input.formats};"
              + " or a .finish document, whose tables keep their arrangement")
  private List<Path> ins;

  @Mixin private Input input;

  @Option(
      names = "--style",
      defaultValue = "",
      paramLabel = "NAME|FILE",
      description =
          "a shipped style or a style file; .finish documents wear their own if none is given,"
              + " other tables Marram house")
  private String style;

  /// The first of the files.
  Path first() {
    return ins.getFirst();
  }

  /// The document that the files are, or make.
  ///
  /// @param err takes what is said of them
  Document document(StyleBook shipped, PrintWriter err) throws IOException {
    String chosen = style.isEmpty() ? USUAL : style;
    if (Begun.isDocument(ins)) {
      Document document = DocumentFile.read(first());
      return style.isEmpty() ? document : Begun.worn(document, ChosenStyle.of(chosen, shipped));
    }
    return new Begun(input, err).with(ins, ChosenStyle.of(chosen, shipped));
  }
}
