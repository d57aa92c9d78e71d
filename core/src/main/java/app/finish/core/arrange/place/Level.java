package app.finish.core.arrange.place;

import java.util.List;

/// A level of one side: a dimension, or the measures.
///
/// @param name its name, or the empty string if the source gives none
/// @param isMeasures whether the measures run here
/// @param first the labels of its first members as moves name them, each once, without totals: so
///   many that three of them are not blank, if it has as many
public record Level(String name, boolean isMeasures, List<String> first) {
  /// How many members that are not blank are named.
  public static final int NAMED = 3;

  /// Copies the labels.
  public Level {
    first = List.copyOf(first);
  }
}
