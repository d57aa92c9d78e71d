package app.finish.records.source;

import app.finish.core.problem.Problem;
import java.util.List;

/// Lines of a file that can't be read as records. They can be left out if the person says so.
public final class BrokenRecords extends Problem {
  private static final long serialVersionUID = 1;
  private static final int SHOWN = 8;

  /// A line that can't be read.
  ///
  /// @param line its number in the file, from 1
  /// @param why what is wrong with it
  /// @param text what stands in it
  public record Line(long line, String why, String text) implements java.io.Serializable {}

  private final transient List<Line> lines;

  public BrokenRecords(String label, List<Line> lines) {
    super(sentence(label, lines));
    this.lines = List.copyOf(lines);
  }

  private static String sentence(String label, List<Line> lines) {
    String numbers =
        String.join(
            ", ", lines.stream().limit(SHOWN).map(one -> String.valueOf(one.line)).toList());
    String more = lines.size() > SHOWN ? " and " + (lines.size() - SHOWN) + " more" : "";
    return (lines.size() == 1 ? "A line of " : lines.size() + " lines of ")
        + label
        + (lines.size() == 1 ? " is broken: line " : " are broken: lines ")
        + numbers
        + more
        + " ("
        + lines.getFirst().why
        + "). Mend the file, or leave them out.";
  }

  /// The lines.
  public List<Line> lines() {
    return lines;
  }
}
