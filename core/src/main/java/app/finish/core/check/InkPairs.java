package app.finish.core.check;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.NearestInk;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// The inks of a style on the fills that they stand on: as they are, in grey print and as people
/// with colour blindness see them. WCAG 2.2, 1.4.3, asks for a contrast of 4.5, and of 3 for large
/// text.
///
/// ```java
/// InkPairs.of(cascade).stream().filter(pair -> !pair.passes()).toList();
/// ```
public final class InkPairs {
  private static final double TEXT = 4.5;
  private static final double LARGE_TEXT = 3;
  private static final double APART = 0.08;

  private InkPairs() {}

  /// An ink on a fill, or two inks that must look different.
  ///
  /// @param ink the ink, as the style names it
  /// @param fill what it stands on, or the other ink
  /// @param where which parts are set so
  /// @param inkColour the colour of the ink
  /// @param fillColour the colour of the fill
  /// @param wanted the contrast that is asked for; 0 for two inks that must differ
  /// @param failing the sights in which the pair fails, with the contrast or distance in each
  /// @param nearest the nearest ink that passes in all of them, if the pair fails
  public record Pair(
      String ink,
      String fill,
      List<String> where,
      Colour inkColour,
      Colour fillColour,
      double wanted,
      Map<ColourVision, Double> failing,
      Optional<Colour> nearest) {
    /// Whether it passes in all sights.
    public boolean passes() {
      return failing.isEmpty();
    }

    /// The contrast as it is.
    public double contrast() {
      return Light.contrast(inkColour, fillColour);
    }
  }

  private record Key(String ink, String fill) {}

  /// How a pair is used.
  ///
  /// @param where which parts are set so
  /// @param wanted the contrast that the smallest text of them asks for
  private record Use(Set<String> where, double wanted) {
    Use with(String part, double contrast) {
      Set<String> all = new LinkedHashSet<>(where);
      all.add(part);
      return new Use(all, Math.max(wanted, contrast));
    }
  }

  /// The pairs of a style in its palette, those that fail first.
  public static List<Pair> of(Cascade cascade) {
    Map<Key, Use> used = new LinkedHashMap<>();
    for (List<Selector> selectors : places(cascade)) {
      Look look = cascade.look(selectors);
      String fill = look.setting(Property.FILL);
      boolean large = look.size() >= 18 || (look.bold() && look.size() >= 14);
      Key key = new Key(look.setting(Property.INK), fill.equals("none") ? "paper" : fill);
      Use before = used.getOrDefault(key, new Use(Set.of(), 0));
      used.put(key, before.with(selectors.getLast().label(), large ? LARGE_TEXT : TEXT));
    }
    List<Pair> pairs = new ArrayList<>();
    Palette palette = cascade.palette();
    used.forEach((key, use) -> pairs.add(pair(key, use, palette)));
    if (palette.roles().containsKey("good") && palette.roles().containsKey("bad")) {
      apart("good", "bad", palette).ifPresent(pairs::add);
    }
    pairs.sort((one, other) -> Boolean.compare(one.passes(), other.passes()));
    return pairs;
  }

  private static List<List<Selector>> places(Cascade cascade) {
    List<List<Selector>> places = new ArrayList<>();
    for (PartName part : PartName.values()) {
      boolean family =
          switch (part) {
            case TABLE, WORDS, HEADS, TOTALS -> true;
            default -> false;
          };
      if (!family) {
        places.add(Part.of(part).way());
        for (int level = 1; level <= 3; level++) {
          if (cascade.knows(new Selector.OfPart(part, level))) {
            places.add(new Part(part, level).way());
          }
        }
      }
    }
    addFigures(places, cascade);
    return places;
  }

  /// Figures of each kind of row in each kind of column: what is set for one may meet what is set
  /// for the other.
  private static void addFigures(List<List<Selector>> places, Cascade cascade) {
    List<List<Selector>> rows = lines(cascade, new Selector.Alternate(), ROWS);
    List<List<Selector>> columns = lines(cascade, new Selector.AlternateColumns(), COLUMNS);
    List<List<Selector>> measures = new ArrayList<>(List.of(List.of()));
    cascade.known().stream()
        .filter(one -> one instanceof Selector.OfKind || one instanceof Selector.OfMeasure)
        .map(List::of)
        .forEach(measures::add);
    for (List<Selector> row : rows) {
      for (List<Selector> column : columns) {
        for (List<Selector> measure : measures) {
          Set<Selector> all = new LinkedHashSet<>(Part.of(PartName.BODY).way());
          all.addAll(column);
          all.addAll(row);
          all.addAll(measure);
          places.add(List.copyOf(all));
        }
      }
    }
  }

  private static final List<PartName> ROWS =
      List.of(PartName.SUBTOTAL_ROW, PartName.GRAND_TOTAL_ROW);
  private static final List<PartName> COLUMNS =
      List.of(PartName.SUBTOTAL_COLUMN, PartName.GRAND_TOTAL_COLUMN);

  /// The kinds of rows or columns: plain ones, tinted ones, and each total.
  private static List<List<Selector>> lines(
      Cascade cascade, Selector alternate, List<PartName> totals) {
    List<List<Selector>> lines = new ArrayList<>();
    lines.add(List.of());
    if (cascade.knows(alternate)) {
      lines.add(List.of(alternate));
    }
    for (PartName total : totals) {
      lines.add(Part.of(total).selectors());
      for (int level = 1; level <= 3; level++) {
        if (cascade.knows(new Selector.OfPart(total, level))) {
          lines.add(new Part(total, level).selectors());
        }
      }
    }
    return lines;
  }

  private static Pair pair(Key key, Use use, Palette palette) {
    Colour ink = palette.colour(key.ink);
    Colour fill = palette.colour(key.fill);
    Map<ColourVision, Double> failing = new LinkedHashMap<>();
    for (ColourVision sight : ColourVision.values()) {
      double contrast = Light.contrast(sight.of(ink), sight.of(fill));
      if (contrast < use.wanted) {
        failing.put(sight, contrast);
      }
    }
    Optional<Colour> nearest =
        failing.isEmpty()
            ? Optional.empty()
            : NearestInk.of(ink, one -> NearestInk.reads(one, fill, use.wanted));
    return new Pair(
        key.ink, key.fill, List.copyOf(use.where), ink, fill, use.wanted, failing, nearest);
  }

  /// Two inks that mean opposite things must look different, unless a palette has one ink for both.
  private static Optional<Pair> apart(String one, String other, Palette palette) {
    Colour first = palette.colour(one);
    Colour second = palette.colour(other);
    if (first.equals(second)) {
      return Optional.empty();
    }
    Map<ColourVision, Double> failing = new LinkedHashMap<>();
    for (ColourVision sight : ColourVision.values()) {
      double distance = Light.distance(sight.of(first), sight.of(second));
      if (distance < APART) {
        failing.put(sight, distance);
      }
    }
    Colour paper = palette.colour("paper");
    Optional<Colour> nearest =
        failing.isEmpty()
            ? Optional.empty()
            : NearestInk.of(
                first, ink -> differs(ink, second) && NearestInk.reads(ink, paper, TEXT));
    return Optional.of(new Pair(one, other, List.of(), first, second, 0, failing, nearest));
  }

  private static boolean differs(Colour one, Colour other) {
    for (ColourVision sight : ColourVision.values()) {
      if (Light.distance(sight.of(one), sight.of(other)) < APART) {
        return false;
      }
    }
    return true;
  }
}
