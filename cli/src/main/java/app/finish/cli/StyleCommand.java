package app.finish.cli;

import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.InksRead;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.formats.style.StyleFile;
import app.finish.formats.style.StyleReading;
import app.finish.formats.style.found.FoundStyle;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `finish style`: checks a style, or reads one from a workbook.
@Command(
    name = "style",
    mixinStandardHelpOptions = true,
    description = "Check a house style, or read one from the look of a workbook.")
final class StyleCommand implements Runnable {
  @Spec private CommandSpec spec;

  @Override
  public void run() {
    spec.commandLine().usage(spec.commandLine().getOut());
  }

  /// `finish style check`.
  @Command(
      name = "check",
      mixinStandardHelpOptions = true,
      description =
          "Say what is wrong with a style or not known, and which of its inks can't be read on"
              + " their fills: in colour, in grey print, with colour blindness.")
  int check(
      @Parameters(paramLabel = "STYLE", description = "a style file, or a shipped style")
          String named)
      throws IOException {
    PrintWriter out = spec.commandLine().getOut();
    StyleBook shipped = StyleFile.shipped();
    Optional<HouseStyle> known =
        shipped.styles().stream().filter(one -> one.name().equalsIgnoreCase(named)).findFirst();
    int found = 0;
    HouseStyle style;
    if (known.isPresent()) {
      style = known.get();
    } else {
      StyleReading reading = StyleFile.check(Path.of(named));
      reading.findings().forEach(finding -> out.println(named + ", " + finding));
      found += reading.findings().size();
      if (reading.findings().stream().anyMatch(Finding::isWrong)) {
        return Main.MENDABLE;
      }
      style = ChosenStyle.of(named, shipped);
    }
    StyleBook book = shipped.with(style);
    Cascade cascade = book.cascade(style.name());
    found += tell(out, "", cascade);
    if (!style.screen().roles().isEmpty()) {
      found += tell(out, "on a screen, ", cascade.onScreen());
    }
    if (cascade.chain().stream().anyMatch(one -> !one.board().isEmpty())) {
      Cascade board = book.onBoard().cascade(style.name());
      found += tell(out, "on a board, ", board);
      found += tell(out, "on a dark board, ", board.inked(board.nightInks()));
    }
    out.println(found == 0 ? style.name() + " passes all checks." : found + " found.");
    return found == 0 ? 0 : Main.FINDINGS;
  }

  private static int tell(PrintWriter out, String where, Cascade cascade) {
    List<Finding> findings = new InksRead().findings(Checked.NOTHING.dressedBy(cascade));
    findings.forEach(finding -> out.println(where + finding.sentence()));
    return findings.size();
  }

  /// `finish style from`.
  @Command(
      name = "from",
      mixinStandardHelpOptions = true,
      description = "Read the look of the first table of a workbook or a document into a style.")
  int from(
      @Parameters(paramLabel = "WORKBOOK", description = "an XLSX workbook or a DOCX document")
          Path workbook,
      @Option(
              names = {"-o", "--out"},
              required = true,
              paramLabel = "STYLE.json",
              description = "the style file to write")
          Path out,
      @Option(
              names = "--name",
              defaultValue = "",
              paramLabel = "NAME",
              description = "what the style is called; as the workbook, if it is not said")
          String name)
      throws IOException {
    String own = workbook.getFileName().toString().replaceFirst("\\.[^.]*$", "");
    HouseStyle style = FoundStyle.read(workbook, name.isEmpty() ? own : name);
    StyleFile.write(style, out);
    spec.commandLine()
        .getOut()
        .println("Wrote “" + style.name() + "”: " + style.settings().size() + " parts.");
    return 0;
  }
}
