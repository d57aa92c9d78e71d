package app.finish.core.arrange;

import java.util.List;

/// A level of one side: a dimension, or the measures.
///
/// @param name its name, or the empty string if the source gives none
/// @param isMeasures whether the measures run here
/// @param members the labels of its members as moves name them, each once, without totals
public record Level(String name, boolean isMeasures, List<String> members) {
  /// Copies the members.
  public Level {
    members = List.copyOf(members);
  }
}
