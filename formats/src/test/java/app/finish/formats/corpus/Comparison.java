package app.finish.formats.corpus;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.corpus.Facts.Of;
import com.fasterxml.jackson.databind.JsonNode;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Holds a table that was understood against what is true of it.
public final class Comparison {
  private final TrueTable truth;
  private final Table table;
  private final Facts facts = new Facts();

  private Comparison(TrueTable truth, Table table) {
    this.truth = truth;
    this.table = table;
  }

  /// The facts that were found, and those that were not.
  static Facts of(TrueTable truth, Table table) {
    Comparison comparison = new Comparison(truth, table);
    comparison.words();
    comparison.lines("rows", truth.rows(), table.down(), Of.ROW_LABELS, "rowRoles");
    comparison.lines("columns", truth.columns(), table.across(), Of.COLUMN_LABELS, "columnRoles");
    comparison.dimensions("down", table.down().dimensions());
    comparison.dimensions("across", table.across().dimensions());
    comparison.figures();
    comparison.kinds();
    return comparison.facts;
  }

  private void words() {
    if (truth.has("title") || truth.has("number") || !table.words().title().isEmpty()) {
      same(Of.WORDS, truth.json().path("title").asText(""), table.words().title());
    }
    if (truth.has("units") || !table.words().units().isEmpty()) {
      same(Of.WORDS, truth.json().path("units").asText(""), table.words().units());
    }
    if (truth.has("source") || !table.words().source().isEmpty()) {
      same(Of.WORDS, truth.json().path("source").asText(""), table.words().source());
    }
    for (String note : truth.texts("notes")) {
      boolean found = table.words().notes().stream().anyMatch(one -> saysAll(one.text(), note));
      facts.count(Of.WORDS, found, "note " + note + " in " + table.words().notes());
    }
    truth
        .json()
        .path("held")
        .properties()
        .forEach(
            held ->
                facts.count(
                    Of.WORDS,
                    table.held().stream()
                        .anyMatch(
                            one ->
                                one.dimension().equals(held.getKey())
                                    && one.member().equals(held.getValue().asText())),
                    "held " + held + " in " + table.held()));
  }

  /// A mark before a note may be taken for the mark that it explains.
  private static boolean saysAll(String said, String note) {
    return said.contains(note) || note.endsWith(said) && said.length() > 4;
  }

  private void lines(String side, List<List<String>> wanted, Axis axis, Of kind, String rolesKey) {
    int most = Math.max(wanted.size(), axis.leaves().size());
    for (int i = 0; i < most; i++) {
      List<String> want = i < wanted.size() ? wanted.get(i) : List.of("no line");
      Leaf leaf = i < axis.leaves().size() ? axis.leaves().get(i) : null;
      boolean labels = leaf != null && isLed(leaf, want);
      String found = leaf == null ? "nothing" : leaf.labels().toString();
      facts.count(kind, labels, side + " " + i + " " + want + " is " + found);
      String role = truth.role(rolesKey, i);
      Role given = leaf == null ? Role.MEMBER : leaf.role();
      if (!role.equals("member") || given != Role.MEMBER) {
        facts.count(
            Of.TOTALS, leaf != null && isRole(given, role), want + " " + role + " is " + given);
      }
    }
  }

  private static boolean isRole(Role given, String wanted) {
    return switch (wanted) {
      case "subtotal" -> given == Role.SUBTOTAL;
      case "grand" -> given == Role.GRAND_TOTAL;
      case "total" -> given != Role.MEMBER;
      default -> given == Role.MEMBER;
    };
  }

  /// Of a total only its own label counts.
  private static boolean isLed(Leaf leaf, List<String> wanted) {
    List<String> labels =
        leaf.labels().stream().filter(one -> !one.isEmpty()).map(String::strip).toList();
    List<String> want = wanted.stream().filter(one -> !one.isEmpty()).toList();
    boolean total = leaf.role() != Role.MEMBER && !labels.isEmpty() && !want.isEmpty();
    return labels.equals(want)
        || total && labels.containsAll(want)
        || total && labels.getLast().equals(want.getLast()) && want.containsAll(labels);
  }

  private void dimensions(String key, List<String> found) {
    if (truth.has(key)) {
      List<String> wanted = truth.texts(key).stream().filter(one -> !one.isEmpty()).toList();
      List<String> named = found.stream().filter(one -> !one.isEmpty()).toList();
      if (!wanted.isEmpty() || !named.isEmpty()) {
        facts.count(Of.DIMENSIONS, wanted.equals(named), key + " " + wanted + " is " + named);
      }
    }
  }

  private void figures() {
    for (int row = 0; row < truth.rows().size(); row++) {
      List<String> wrong = new ArrayList<>();
      for (int column = 0; column < truth.columns().size(); column++) {
        if (!isFigure(row, column)) {
          wrong.add(truth.figure(row, column) + " is " + at(row, column));
        }
      }
      facts.count(Of.FIGURES, wrong.isEmpty(), "row " + row + " " + wrong);
    }
  }

  private Value at(int row, int column) {
    boolean there = row < table.body().rows() && column < table.body().columns();
    return there ? table.body().at(row, column) : Value.BLANK;
  }

  private boolean isFigure(int row, int column) {
    JsonNode wanted = truth.figure(row, column);
    Value found = at(row, column);
    if (wanted.isNull()) {
      return !(found instanceof Value.Numeric);
    }
    if (wanted.isNumber()) {
      return found instanceof Value.Numeric number && isNear(number.number(), wanted.asDouble());
    }
    return found.written().strip().replace(" ", "").equals(wanted.asText().replace(" ", ""));
  }

  static boolean isNear(double one, double other) {
    return Math.abs(one - other) <= 1e-9 * Math.max(1, Math.abs(other));
  }

  private void kinds() {
    boolean shaped =
        table.body().rows() == truth.rows().size()
            && table.body().columns() == truth.columns().size();
    List<String> units = truth.texts("columnUnits");
    boolean byRow = truth.has("rowKinds");
    int lines = byRow ? truth.rows().size() : truth.columns().size();
    for (int i = 0; i < lines; i++) {
      String kinds = truth.kinds(byRow ? i : 0, byRow ? 0 : i);
      Measure measure =
          !shaped ? Measure.UNKNOWN : byRow ? table.measureAt(i, 0) : table.measureAt(0, i);
      if (!kinds.isEmpty()) {
        boolean found = shaped && Arrays.asList(kinds.split("\\|")).contains(measure.kind().word());
        facts.count(Of.KINDS, found, i + " " + kinds + " is " + measure.kind().word());
      }
      if (i < units.size()) {
        facts.count(
            Of.UNITS,
            shaped && measure.unit().equals(units.get(i)),
            i + " " + units.get(i) + " is " + measure.unit());
      }
    }
  }

  private void same(Of kind, String wanted, String found) {
    facts.count(kind, wanted.equals(found), wanted + " is " + found);
  }
}
