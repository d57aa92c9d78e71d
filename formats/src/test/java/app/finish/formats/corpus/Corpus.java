package app.finish.formats.corpus;

import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.document.Source;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.Sources;
import app.finish.formats.corpus.Facts.Of;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// Tables that others' printers made of the records of Marram Sound, and what is true of them.
///
/// To see what is not understood, file by file, run [#main] with a part of the file names.
final class Corpus {
  /// What came of one file.
  ///
  /// @param facts the facts of its tables
  /// @param lost numbers that stand in the file and in no table
  /// @param invented numbers that stand in a table and not in the file
  /// @param alarms findings in tables that are sound, and wrong tables without a finding
  record Read(Facts facts, List<Double> lost, List<Double> invented, List<String> alarms) {}

  private Corpus() {}

  /// The folder of the corpus.
  static Path folder() {
    try {
      return Path.of(Corpus.class.getResource("/corpus").toURI());
    } catch (URISyntaxException e) {
      throw new IllegalStateException(e);
    }
  }

  /// The files with the truth of each, by their path.
  static Map<Path, List<TrueTable>> files() throws IOException {
    Map<Path, List<TrueTable>> files = new TreeMap<>(Comparator.comparing(Path::toString));
    try (var truths = Files.walk(folder())) {
      for (Path truth : truths.filter(one -> one.endsWith("truth.json")).toList()) {
        for (Map.Entry<String, JsonNode> file :
            new ObjectMapper().readTree(truth.toFile()).properties()) {
          List<TrueTable> tables = new ArrayList<>();
          file.getValue().forEach(json -> tables.add(new TrueTable(json)));
          files.put(truth.resolveSibling(file.getKey()), tables);
        }
      }
    }
    return files;
  }

  /// Reads one file and holds it against its truth.
  static Read read(Path file, List<TrueTable> truth) throws IOException {
    Facts facts = new Facts();
    List<Recognition> found = new ArrayList<>();
    List<List<Finding>> findings = new ArrayList<>();
    for (Source source : Sources.read(file)) {
      found.add(Recogniser.recognise(source.grid(), Corrections.NONE));
      findings.add(
          Checks.ALL.of(Checked.of(found.getLast(), source.grid())).stream()
              .filter(one -> one.isWrong() && !one.check().startsWith("arithmetic."))
              .toList());
    }
    facts.count(
        Of.TABLES, found.size() == truth.size(), found.size() + " tables for " + truth.size());
    List<Double> wanted = new ArrayList<>();
    List<Double> given = new ArrayList<>();
    List<String> alarms = new ArrayList<>();
    for (int i = 0; i < truth.size(); i++) {
      Table table = i < found.size() ? found.get(i).table() : null;
      Facts compared = Comparison.of(truth.get(i), table == null ? EMPTY : table);
      facts.addShares(compared);
      facts.wrong().addAll(compared.wrong());
      wanted.addAll(truth.get(i).numbers());
      int wrong = truth.get(i).json().path("wrong").asInt(0);
      if (table != null && findings.get(i).size() != wrong) {
        alarms.add(wrong + " wrong totals, but " + findings.get(i));
      }
    }
    found.forEach(one -> given.addAll(numbers(one.table())));
    return new Read(facts, without(wanted, given), without(given, wanted), alarms);
  }

  private static final Table EMPTY =
      Recogniser.recognise(app.finish.core.grid.Grid.ofText("nothing | at all"), Corrections.NONE)
          .table();

  private static List<Double> numbers(Table table) {
    List<Double> numbers = new ArrayList<>();
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        if (table.body().at(row, column) instanceof Value.Numeric number) {
          numbers.add(number.number());
        }
      }
    }
    return numbers;
  }

  private static List<Double> without(List<Double> some, List<Double> others) {
    List<Double> rest = new ArrayList<>(some);
    for (double other : others) {
      for (int i = 0; i < rest.size(); i++) {
        if (Comparison.isNear(rest.get(i), other)) {
          rest.remove(i);
          break;
        }
      }
    }
    return rest;
  }

  /// Prints the score of each file whose path holds the argument, and what was not understood.
  public static void main(String[] arguments) throws IOException {
    String part = arguments.length > 0 ? arguments[0] : "";
    Facts all = new Facts();
    for (Map.Entry<Path, List<TrueTable>> file : files().entrySet()) {
      if (!file.getKey().toString().contains(part)) {
        continue;
      }
      Read read = read(file.getKey(), file.getValue());
      all.addShares(read.facts());
      boolean sound =
          read.facts().wrong().isEmpty()
              && read.lost().isEmpty()
              && read.invented().isEmpty()
              && read.alarms().isEmpty();
      if (!sound) {
        System.out.printf(
            "%.3f %s lost %d invented %d%n",
            read.facts().share(),
            folder().relativize(file.getKey()),
            read.lost().size(),
            read.invented().size());
        read.facts().wrong().stream()
            .limit(part.isEmpty() ? 3 : 40)
            .forEach(line -> System.out.println("      " + line));
        read.alarms().forEach(line -> System.out.println("      alarm: " + line));
      }
    }
    System.out.println(score(all));
  }

  /// The score by class, in words.
  static String score(Facts facts) {
    StringBuilder words = new StringBuilder("Corpus: %.3f of the facts%n".formatted(facts.share()));
    for (Of kind : Of.values()) {
      words.append(
          "  %-14s %.3f%n"
              .formatted(
                  kind.name().toLowerCase(java.util.Locale.ROOT).replace('_', ' '),
                  facts.share(kind)));
    }
    return words.toString();
  }
}
