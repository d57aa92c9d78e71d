package app.finish.core.arrange.place;

import java.util.List;
import java.util.stream.Stream;

/// The labels that lead to a cell, whatever side each is on: a figure is the same figure when a
/// level is placed on the other side.
///
/// ```java
/// CellLabels.of(List.of("Hale", "Winter"), List.of("Fares"))
///     .equals(CellLabels.of(List.of("Hale"), List.of("Winter", "Fares"))); // true
/// ```
///
/// @param sorted the labels in alphabetical order, none empty
/// @param isFigure whether they lead to a figure, not to a heading
public record CellLabels(List<String> sorted, boolean isFigure) {
  /// Copies the labels.
  public CellLabels {
    sorted = List.copyOf(sorted);
  }

  /// The labels of a figure.
  public static CellLabels ofFigure(List<String> down, List<String> across) {
    return new CellLabels(sorted(down, across), true);
  }

  /// The labels of a heading.
  public static CellLabels ofHeading(List<String> path) {
    return new CellLabels(sorted(path, List.of()), false);
  }

  /// The labels of a figure, or, where one side has none, of a heading.
  public static CellLabels of(List<String> down, List<String> across) {
    return new CellLabels(sorted(down, across), !down.isEmpty() && !across.isEmpty());
  }

  private static List<String> sorted(List<String> some, List<String> others) {
    return Stream.concat(some.stream(), others.stream())
        .filter(label -> !label.isEmpty())
        .sorted()
        .toList();
  }
}
