package app.finish.core.recognise.axis;

import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.PlaceNames;
import app.finish.core.recognise.line.Line;
import app.finish.core.recognise.line.Lines;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.sheet.Frame;
import app.finish.core.recognise.sheet.PlacedCorrections;
import app.finish.core.recognise.sheet.ReadGrid;
import app.finish.core.recognise.total.Total;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

/// Says why lines are what they were taken for: groups, totals, what a person said, members for
/// those who gave no answer.
public final class LineReasons {
  private final ReadGrid grid;
  private final Frame frame;
  private final Lines rows;
  private final Lines columns;
  private final PlacedCorrections corrections;
  private final List<Evidence> evidence = new ArrayList<>();

  public LineReasons(
      ReadGrid grid, Frame frame, Lines rows, Lines columns, PlacedCorrections corrections) {
    this.grid = grid;
    this.frame = frame;
    this.rows = rows;
    this.columns = columns;
    this.corrections = corrections;
  }

  /// The reasons, in the order of the rows, then of the columns.
  ///
  /// @param down the rows that are totals, by their place among the lines
  /// @param across the columns that are totals
  public List<Evidence> of(Map<Integer, Total> down, Map<Integer, Total> across) {
    for (Map.Entry<Integer, List<String>> group : rows.groupRows().entrySet()) {
      boolean told = corrections.rows().containsKey(group.getKey());
      evidence.add(
          new Evidence(
              PlaceNames.row(grid.grid(), group.getKey()),
              "groupRow",
              List.of(told ? "you said so" : "it has a label and no figures"),
              told ? 1 : 0.85));
    }
    sayMembers();
    down.forEach(
        (line, total) ->
            evidence.add(
                say(PlaceNames.row(grid.grid(), rows.lines().get(line).index()), "Row", total)));
    across.forEach(
        (line, total) ->
            evidence.add(
                say(
                    PlaceNames.column(grid.grid(), frame.valueColumns().get(line)),
                    "Column",
                    total)));
    return evidence;
  }

  /// Says which lines a person said are members, and which are members that gather those who gave
  /// no answer.
  private void sayMembers() {
    List<String> told = List.of("you said so");
    corrections
        .rows()
        .forEach(
            (row, role) -> {
              if (role == LineRole.BODY) {
                evidence.add(new Evidence(PlaceNames.row(grid.grid(), row), "body", told, 1));
              }
            });
    corrections
        .columns()
        .forEach(
            (column, role) -> {
              if (role == LineRole.BODY || role == LineRole.LEFT_OUT) {
                String place = PlaceNames.column(grid.grid(), column);
                evidence.add(new Evidence(place, role.part(), told, 1));
              }
            });
    for (Line line : rows.lines()) {
      if (Vocabulary.saysNoAnswer(line.label())) {
        sayNoAnswer(PlaceNames.row(grid.grid(), line.index()), line.label());
      }
    }
    for (Line line : columns.lines()) {
      if (Vocabulary.saysNoAnswer(line.label())) {
        int column = frame.valueColumns().get(line.index());
        sayNoAnswer(PlaceNames.column(grid.grid(), column), line.label());
      }
    }
  }

  private void sayNoAnswer(String place, String label) {
    List<String> because = List.of("the words “" + label + "”");
    evidence.add(new Evidence(place, "noAnswer", because, 0.9));
  }

  private static Evidence say(String place, String side, Total total) {
    String part = total.role() == Role.GRAND_TOTAL ? "grandTotal" : "subtotal";
    return new Evidence(place, part + side, total.because(), Evidence.rounded(total.confidence()));
  }
}
