package app.finish.cli;

import app.finish.core.check.Finding;
import app.finish.core.check.Where;
import app.finish.core.check.across.AcrossTables;
import app.finish.core.check.apa.CalledOut;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.Sending;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.json.FindingsJson;
import app.finish.formats.manuscript.ManuscriptText;
import app.finish.formats.scripts.SystemScripts;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `finish check`: holds tables against the rules of a style and against themselves.
@Command(
    name = "check",
    mixinStandardHelpOptions = true,
    description = {
      "Hold tables against the rules of a style, and their figures against each other.",
      "Ends with 1 while something does not hold."
    })
final class CheckCommand implements Callable<Integer> {
  private static final CalledOut CALLED_OUT = new CalledOut();

  @Parameters(
      arity = "1..*",
      paramLabel = "IN",
      description =
          "files that hold tables: ${bundle:input.formats};"
              + " or a .finish document, whose tables keep their looks")
  private List<Path> ins;

  @Spec private CommandSpec spec;

  @Mixin private Input input;

  @Option(
      names = "--against",
      defaultValue = "APA 7",
      paramLabel = "NAME|FILE",
      description = "the style whose demands are checked: a shipped one or a style file (APA 7)")
  private String against;

  @Mixin private PaperChoice page;

  @Option(
      names = "--manuscript",
      paramLabel = "FILE",
      description =
          "the text that the tables go with (DOCX, ODT, Markdown, text): are they called out, and"
              + " in order?")
  private Path manuscript;

  @Option(names = "--json", description = "print the findings as JSON")
  private boolean json;

  @Option(
      names = "--sarif",
      description = "print the findings as SARIF 2.1.0, which editors and builds read")
  private boolean sarif;

  @Option(
      names = "--mend",
      description = "mend what can be mended without asking, and write the document to OUT")
  private boolean mend;

  @Option(
      names = {"-o", "--out"},
      paramLabel = "OUT",
      description = "the .finish document to write with --mend")
  private Path out;

  @Override
  public Integer call() throws Exception {
    if (mend != (out != null)) {
      throw new Problem("--mend writes a document: say which with -o OUT.finish, and give both.");
    }
    if (mend && !out.toString().endsWith(".finish")) {
      throw new Problem(out + " is no .finish document. End it in .finish.");
    }
    StyleBook shipped = StyleFile.shipped();
    HouseStyle style = ChosenStyle.of(against, shipped);
    Document document = document(style);
    Fonts fonts = SystemScripts.fonts();
    Sending sending = new Sending(fonts, shipped, new MeasureFormulas());
    StyleBook all = style.shipped() ? shipped : shipped.with(style);
    Checks demanded = Checks.demandedBy(all.cascade(style.name()));
    Inspection inspection =
        new Inspection(sending::styles, new MeasureFormulas(), _ -> demanded)
            .on(page.paper(), fonts);
    if (mend) {
      for (int i : document.tablePlaces()) {
        document = inspection.mended(document, i);
      }
      DocumentFile.write(document, out);
    }
    List<FindingsJson.OfTable> found = new ArrayList<>();
    Map<Integer, List<Finding>> across =
        document.items().size() > 1 ? inspection.across(document) : Map.of();
    for (int i : document.tablePlaces()) {
      String name = document.table(i).source().name();
      found.add(
          new FindingsJson.OfTable(document.number(i), name, all(document, i, inspection, across)));
    }
    if (manuscript != null) {
      String text = ManuscriptText.read(manuscript);
      List<String> numbers = document.tablePlaces().stream().map(document::numeral).toList();
      found.add(new FindingsJson.OfTable(0, manuscript.toString(), CALLED_OUT.in(text, numbers)));
    }
    print(
        found, demanded.and(new Checks(AcrossTables.CHECKS)).and(new Checks(List.of(CALLED_OUT))));
    return found.stream()
            .flatMap(one -> one.findings().stream())
            .noneMatch(one -> one.isWrong() || !AcrossTables.isAcross(one))
        ? 0
        : Main.FINDINGS;
  }

  /// What is open of a table, alone and beside the others.
  private static List<Finding> all(
      Document document, int index, Inspection inspection, Map<Integer, List<Finding>> across) {
    List<Finding> all = new ArrayList<>(inspection.open(document, index));
    across.getOrDefault(index, List.of()).stream()
        .filter(one -> !document.table(index).finish().left().containsKey(one.key()))
        .forEach(all::add);
    return all;
  }

  private Document document(HouseStyle style) throws IOException {
    return Begun.isDocument(ins)
        ? DocumentFile.read(ins.getFirst())
        : new Begun(input, spec.commandLine().getErr()).with(ins, style);
  }

  private void print(List<FindingsJson.OfTable> found, Checks demanded) {
    PrintWriter printer = spec.commandLine().getOut();
    if (sarif) {
      printer.println(FindingsJson.sarif(found, demanded, ins.getFirst().toString()));
      return;
    }
    if (json) {
      printer.println(FindingsJson.of(found));
      return;
    }
    for (FindingsJson.OfTable table : found) {
      String named =
          table.number() > 0 ? "Table " + table.number() + ", " + table.name() : table.name();
      printer.println(named + ": " + words(table.findings().size()));
      table.findings().forEach(finding -> printer.println("  " + line(finding)));
    }
  }

  private static String words(int findings) {
    return findings == 0
        ? "everything holds"
        : findings == 1 ? "1 finding" : findings + " findings";
  }

  private static String line(Finding finding) {
    String place = finding.where() instanceof Where.Place ? "" : finding.where().words() + ": ";
    boolean said = finding.sentence().contains(finding.where().words());
    String mend = finding.mends().isEmpty() ? "" : " (" + finding.mends().getFirst().words() + ")";
    return (finding.isWrong() ? "! " : "· ")
        + finding.check()
        + "  "
        + (said ? "" : place)
        + finding.sentence()
        + mend;
  }
}
