package app.finish.cli;

import app.finish.core.check.Checked;
import app.finish.core.check.demand.Checks;
import app.finish.core.document.Source;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import app.finish.formats.json.RecognitionJson;
import java.io.PrintWriter;
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

/// `finish read`: says what was recognised in a file.
@Command(
    name = "read",
    mixinStandardHelpOptions = true,
    description = "Say what tables a file holds and by which evidence.")
final class ReadCommand implements Callable<Integer> {
  @Spec private CommandSpec spec;

  @Parameters(paramLabel = "IN", description = "a file that holds tables: ${bundle:input.formats}")
  private Path in;

  @Mixin private Input input;

  @Option(names = "--json", description = "print it as JSON, in the shape of docs/command-line.md")
  private boolean json;

  @Override
  public Integer call() throws Exception {
    PrintWriter out = spec.commandLine().getOut();
    List<Checked> tables = new ArrayList<>();
    StillAt reading = StillAt.work("Reading " + in);
    try (reading) {
      for (Source source : input.read(in, spec.commandLine().getErr())) {
        tables.add(
            Checked.of(Recogniser.recognise(source.grid(), Corrections.NONE), source.grid()));
      }
    }
    if (json) {
      out.println(RecognitionJson.write(in.toString(), tables));
    } else {
      for (int i = 0; i < tables.size(); i++) {
        print(out, i + 1, tables.get(i));
      }
    }
    boolean findings = tables.stream().anyMatch(one -> !Checks.ALL.of(one).isEmpty());
    return findings ? Main.FINDINGS : 0;
  }

  private static void print(PrintWriter out, int number, Checked read) {
    Recognition recognition = read.recognition().orElseThrow();
    Table table = recognition.table();
    String title = table.words().title();
    out.println("Table " + number + (title.isEmpty() ? "" : ". " + title));
    out.println(
        "  "
            + table.down().leaves().size()
            + " rows, "
            + table.across().leaves().size()
            + " columns, "
            + recognition.headRows()
            + " rows of heads, "
            + recognition.stubColumns()
            + " columns of stub");
    for (Evidence evidence : recognition.evidence()) {
      out.printf(
          "  %-30s %-18s %3.0f%%  %s%n",
          evidence.place(),
          evidence.said(),
          evidence.confidence() * 100,
          String.join("; ", evidence.because()));
    }
    out.println("  " + recognition.figures().sentence());
    Checks.ALL.of(read).forEach(finding -> out.println("  ! " + finding.sentence()));
  }
}
