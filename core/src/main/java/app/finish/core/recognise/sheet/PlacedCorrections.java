package app.finish.core.recognise.sheet;

import app.finish.core.recognise.found.Anchors;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.BlankMeaning;
import app.finish.core.recognise.said.BracketMeaning;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;

/// Corrections put on the rows and columns of one grid.
///
/// @param headRows how many rows of heads there are, if said
/// @param stubColumns how many columns of stub there are, if said
/// @param rows what a row is, by its index
/// @param columns what a column is, by its index
/// @param measures what kind of figure a measure is, by its name
/// @param blanks what empty cells stand for, if said
/// @param brackets what figures in brackets mean, if said
/// @param covers for a row that is a total, the rows that it totals, if said
/// @param names labels that name a dimension and are no level
/// @param seconds of which kind the second figures in a measure's cells are, if said
/// @param anchors what the rows and columns are called, if something was said of one
/// @param unplaced rows and columns of which something was said and which the grid does not have
public record PlacedCorrections(
    OptionalInt headRows,
    OptionalInt stubColumns,
    Map<Integer, LineRole> rows,
    Map<Integer, LineRole> columns,
    Map<String, MeasureKind> measures,
    Optional<BlankMeaning> blanks,
    Optional<BracketMeaning> brackets,
    Map<Integer, List<Integer>> covers,
    Set<String> names,
    Map<String, Optional<MeasureKind>> seconds,
    Optional<Anchors> anchors,
    List<Anchor> unplaced) {
  /// Nothing corrected.
  public static final PlacedCorrections NONE = on(Corrections.NONE, Optional.empty());

  /// The corrections on this grid.
  ///
  /// @param anchors what its rows and columns are called if nothing is corrected
  public static PlacedCorrections on(Corrections corrections, Supplier<Anchors> anchors) {
    boolean plain = corrections.equals(Corrections.NONE);
    return on(corrections, plain ? Optional.empty() : Optional.of(anchors.get()));
  }

  private static PlacedCorrections on(Corrections corrections, Optional<Anchors> anchors) {
    List<Anchor> unplaced = new ArrayList<>();
    Map<Integer, LineRole> rows =
        placed(corrections.rows(), anchors.map(Anchors::rows).orElse(List.of()), unplaced);
    Map<Integer, LineRole> columns =
        placed(corrections.columns(), anchors.map(Anchors::columns).orElse(List.of()), unplaced);
    List<Anchor> rowAnchors = anchors.map(Anchors::rows).orElse(List.of());
    Map<Integer, List<Integer>> covers = new HashMap<>();
    corrections
        .covers()
        .forEach(
            (total, members) -> {
              int at = rowAnchors.indexOf(total);
              if (at < 0) {
                unplaced.add(total);
              } else {
                covers.put(
                    at, members.stream().map(rowAnchors::indexOf).filter(one -> one >= 0).toList());
              }
            });
    return new PlacedCorrections(
        corrections.headRows(),
        corrections.stubColumns(),
        rows,
        columns,
        corrections.measures(),
        corrections.blanks(),
        corrections.brackets(),
        covers,
        corrections.names(),
        corrections.seconds(),
        anchors,
        unplaced);
  }

  private static Map<Integer, LineRole> placed(
      Map<Anchor, LineRole> said, List<Anchor> anchors, List<Anchor> unplaced) {
    Map<Anchor, Integer> indexes = new HashMap<>();
    for (int i = 0; i < anchors.size(); i++) {
      indexes.put(anchors.get(i), i);
    }
    Map<Integer, LineRole> placed = new HashMap<>();
    said.forEach(
        (anchor, role) -> {
          Integer index = indexes.get(anchor);
          if (index == null) {
            unplaced.add(anchor);
          } else {
            placed.put(index, role);
          }
        });
    return placed;
  }
}
