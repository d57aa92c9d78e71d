package app.finish.desktop.model;

import app.finish.core.arrange.place.Side;
import app.finish.core.dress.CellMeaning;
import app.finish.core.highlight.CellNames;
import app.finish.core.highlight.Condition;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Operand;
import app.finish.core.highlight.Reach;
import app.finish.core.highlight.Region;
import app.finish.core.highlight.Scope;
import app.finish.core.highlight.Show;
import app.finish.core.style.Property;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// What the picked figure suggests to highlight.
///
/// ```java
/// suggestions.of(SuggestedHighlights.Suggestion.BELOW); // this figure and those below it
/// ```
public final class SuggestedHighlights {
  /// The first highlights that a picked figure suggests.
  public enum Suggestion {
    BELOW,
    ABOVE,
    TOP,
    BOTTOM,
    BARS,
    TINT,
    THIS
  }

  private static final Show FLAG =
      new Show.Flag(Map.of(Property.WEIGHT, "bold", Property.INK, "bad", Property.FILL, "bad 12%"));

  private final Desk desk;
  private final PickedRegion pickedRegion;

  SuggestedHighlights(Desk desk) {
    this.desk = desk;
    this.pickedRegion = new PickedRegion(desk);
  }

  /// The figure that is picked, if one is.
  public Optional<CellMeaning.Body> picked() {
    return desk.pickProperty()
        .get()
        .map(Pick::place)
        .filter(CellMeaning.Body.class::isInstance)
        .map(CellMeaning.Body.class::cast);
  }

  /// A highlight that what is picked suggests.
  public Optional<Highlight> of(Suggestion suggestion) {
    Optional<Table> table = table();
    if (table.isEmpty()) {
      return Optional.empty();
    }
    Optional<Region> several = pickedRegion.region();
    if (several.isPresent()) {
      return within(several.get(), suggestion);
    }
    if (picked().isEmpty()) {
      return Optional.empty();
    }
    CellMeaning.Body at = picked().get();
    if (at.row() >= table.get().body().rows() || at.column() >= table.get().body().columns()) {
      return Optional.empty();
    }
    String measure = table.get().measureAt(at.row(), at.column()).name();
    Region region =
        measure.isEmpty() ? Region.EVERYWHERE : Region.EVERYWHERE.withMeasures(List.of(measure));
    region = ofItsRole(region, table.get(), at);
    Value value = table.get().body().at(at.row(), at.column());
    double number = table.get().body().number(at.row(), at.column());
    if (Double.isNaN(number) && suggestion != Suggestion.THIS) {
      return suggestion == Suggestion.BELOW && !value.written().isBlank()
          ? Optional.of(of(region, new Condition.OneOf(List.of(value.written().strip())), FLAG))
          : Optional.empty();
    }
    return Optional.of(
        switch (suggestion) {
          case BELOW -> of(region, against(Condition.Sign.AT_MOST, number), FLAG);
          case ABOVE -> of(region, against(Condition.Sign.AT_LEAST, number), good());
          case THIS -> of(here(region, at), new Condition.Always(), FLAG);
          case TOP, BOTTOM, BARS, TINT -> within(region, suggestion).orElseThrow();
        });
  }

  /// What a region suggests, whichever of its figures is picked.
  private static Optional<Highlight> within(Region region, Suggestion suggestion) {
    return switch (suggestion) {
      case TOP ->
          Optional.of(of(region, new Condition.Outermost(true, 3, false, Scope.TABLE), good()));
      case BOTTOM ->
          Optional.of(of(region, new Condition.Outermost(false, 3, false, Scope.TABLE), FLAG));
      case BARS ->
          Optional.of(
              of(
                  region,
                  new Condition.Always(),
                  new Show.Bar("accent 30%", "bad 30%", Show.Bar.Scale.MEASURE, true)));
      case TINT ->
          Optional.of(
              of(
                  region,
                  new Condition.Always(),
                  new Show.Tint(List.of("paper", "accent 60%"), List.of())));
      case THIS -> Optional.of(of(region.in(true, true, true), new Condition.Always(), FLAG));
      case BELOW, ABOVE -> Optional.empty();
    };
  }

  /// A picked total is highlighted among totals of its kind.
  private static Region ofItsRole(Region region, Table table, CellMeaning.Body at) {
    var row = table.down().leaves().get(at.row()).role();
    var column = table.across().leaves().get(at.column()).role();
    return switch (row.compareTo(column) > 0 ? row : column) {
      case MEMBER -> region;
      case SUBTOTAL -> region.in(false, true, false);
      case GRAND_TOTAL -> region.in(false, false, true);
    };
  }

  private static Show good() {
    return new Show.Flag(
        Map.of(Property.WEIGHT, "bold", Property.INK, "good", Property.FILL, "good 12%"));
  }

  private static Highlight of(Region region, Condition condition, Show show) {
    return Highlight.of("", region, condition, show, Reach.CELL);
  }

  private static Condition against(Condition.Sign sign, double number) {
    return new Condition.Compared(sign, new Operand.Number(number));
  }

  /// The region of one figure, by its meaning.
  private Region here(Region measure, CellMeaning.Body at) {
    Region region = measure.in(true, true, true);
    CellNames names = CellNames.of(desk.shownProperty().get().orElseThrow().arranged());
    for (Side side : Side.values()) {
      int leaf = side == Side.DOWN ? at.row() : at.column();
      List<String> path = names.path(side, leaf);
      List<String> dimensions = names.dimensions(side);
      var axis = side.of(names.table());
      for (int level = 0; level < Math.min(path.size(), dimensions.size()); level++) {
        boolean measures =
            level < axis.depth(leaf) && axis.heading(leaf, level).measure().isPresent();
        if (!measures && !path.get(level).isEmpty()) {
          region = region.withMember(dimensions.get(level), path.get(level));
        }
      }
    }
    return region;
  }

  private Optional<Table> table() {
    return desk.shownProperty().get().map(shown -> shown.arranged().table());
  }
}
