package app.finish.core.highlight;

import app.finish.core.style.Property;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/// What a highlight shows.
///
/// ```java
/// new Show.Flag(Map.of(Property.WEIGHT, "bold", Property.INK, "bad"));
/// ```
public sealed interface Show {
  /// Whether it sets texts wider or higher than they are without it.
  default boolean changesTexts() {
    return switch (this) {
      case Flag(Map<Property, String> settings) ->
          settings.keySet().stream()
              .anyMatch(
                  one ->
                      !(one.isRule()
                          || one == Property.INK
                          || one == Property.FILL
                          || one == Property.UNDERLINE
                          || one == Property.STRIKE));
      case Tint _ -> false;
      case Bar bar -> !bar.figure;
      case Signs _, Trend _ -> true;
    };
  }

  /// The same settings on each cell: ink, fill, weight, slant, underline, strike, size, words
  /// before and after, decimals.
  record Flag(Map<Property, String> settings) implements Show {
    /// Checks and copies the settings.
    ///
    /// @throws app.finish.core.problem.Refusal if one has not the form that its property asks for
    public Flag {
      settings.forEach(Property::check);
      settings = Collections.unmodifiableMap(new TreeMap<>(settings));
    }
  }

  /// A fill that goes from one ink to another by value; the ink of the figure is the one that reads
  /// better on it.
  ///
  /// @param inks two or three inks, from the least figure to the greatest
  /// @param anchors as many numbers, where each ink is reached; none for the least, the middle and
  ///   the greatest of the figures
  /// @param ranked whether it goes by how many figures are smaller, not by how much; then no
  ///   anchors are asked for
  record Tint(List<String> inks, List<Double> anchors, boolean ranked) implements Show {
    /// A tint that goes by value.
    public Tint(List<String> inks, List<Double> anchors) {
      this(inks, anchors, false);
    }

    /// Copies the lists.
    ///
    /// @throws app.finish.core.problem.Refusal if there are not two or three inks
    public Tint {
      inks = List.copyOf(inks);
      anchors = List.copyOf(anchors);
      if (inks.size() < 2 || inks.size() > 3) {
        throw new app.finish.core.problem.Refusal("A tint goes over two or three inks.");
      }
      inks.forEach(Property.FILL::check);
    }
  }

  /// A bar as long as the figure is large, from zero; negatives go the other way.
  ///
  /// @param ink of bars above zero
  /// @param negative of bars below zero
  /// @param scale which figures' bars can be held against each other
  /// @param figure whether the figure stays
  record Bar(String ink, String negative, Scale scale, boolean figure) implements Show {
    /// Which bars share one scale.
    public enum Scale {
      /// Those of a measure, in all its columns.
      MEASURE,
      /// Those of a column.
      COLUMN,
      /// All that the highlight draws, whatever they measure.
      ALL
    }

    /// @throws app.finish.core.problem.Refusal if an ink has not the form of one
    public Bar {
      Property.INK.check(ink);
      Property.INK.check(negative);
    }
  }

  /// A sign for each band of values, told apart by its shape.
  ///
  /// @param signs names of signs, for the lowest band first
  /// @param bounds where each next band begins; one fewer than signs. None parts the figures into
  ///   bands with as many figures each
  /// @param ink of the signs
  /// @param stand before the figure, after it, or alone
  record Signs(List<String> signs, List<Double> bounds, String ink, Stand stand) implements Show {
    /// Where a sign stands.
    public enum Stand {
      /// Before the figure.
      BEFORE,
      /// After the figure.
      AFTER,
      /// In its stead.
      ALONE
    }

    /// Copies the lists.
    ///
    /// @throws app.finish.core.problem.Refusal if the numbers of signs and bounds do not fit
    public Signs {
      signs = List.copyOf(signs);
      bounds = List.copyOf(bounds);
      Property.INK.check(ink);
      signs.forEach(sign -> Property.SIGN.check("before " + sign + " ink"));
      if (!bounds.isEmpty() && bounds.size() != signs.size() - 1) {
        throw new app.finish.core.problem.Refusal(
            signs.size() + " signs have " + (signs.size() - 1) + " bounds between them.");
      }
    }
  }

  /// A line over the figures of the row, drawn in this cell.
  record Trend(String ink) implements Show {
    /// @throws app.finish.core.problem.Refusal if the ink has not the form of one
    public Trend {
      Property.INK.check(ink);
    }
  }
}
