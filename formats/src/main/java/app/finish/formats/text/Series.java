package app.finish.formats.text;

import app.finish.formats.text.ConsoleBlocks.Block;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A column that a console printed alone: its name stands below it, with what kind of numbers it
/// holds, and the name of its labels may stand above.
///
/// ```java
/// // Vessel / Sandpiper  123 / Name: Passengers, dtype: int64 → Vessel  Passengers / Sandpiper
/// 123 List<String> lines = Series.headed(block);
/// ```
public final class Series {
  private static final Pattern FOOT =
      Pattern.compile("(?:Freq: [^,]*, )?(?:Name: (.*?), )?(?:Length: [0-9]+, )?dtype: \\w+");

  private static final Pattern SAID =
      Pattern.compile("(\\p{L}[^:]{0,40}:)\\s+(\\S+(?: \\S+)*\\s{2,}\\S+)");

  private Series() {}

  /// The lines with a blank one behind each foot, and with what was said before a column on a line
  /// of its own.
  static List<String> parted(List<String> lines) {
    List<String> parted = new ArrayList<>();
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i);
      Matcher said = SAID.matcher(line);
      String below = i + 1 < lines.size() ? lines.get(i + 1) : "";
      boolean apart =
          said.matches()
              && ConsoleLine.isData(said.group(2))
              && ConsoleLine.isData(below)
              && TextLine.pieces(below).size() == 2
              && below.indexOf(':') < 0;
      if (apart) {
        parted.add(said.group(1));
        parted.add(said.group(2));
      } else {
        parted.add(line);
      }
      if (isFoot(line) && !below.isBlank()) {
        parted.add("");
      }
    }
    return parted;
  }

  private static boolean isFoot(String line) {
    return FOOT.matcher(line.strip()).matches();
  }

  /// The notes of a block without the foot of a series.
  static List<String> notes(Block block) {
    return block.notes().stream().filter(line -> !isFoot(line)).toList();
  }

  /// The lines of a block, the name of a series as the head over its figures.
  static List<String> headed(Block block) {
    for (String note : block.notes()) {
      Matcher foot = FOOT.matcher(note.strip());
      if (foot.matches() && foot.group(1) != null) {
        List<String> lines = new ArrayList<>(block.lines());
        boolean named = !ConsoleLine.isData(lines.getFirst());
        String stub = named ? lines.removeFirst() : "";
        int width = lines.stream().mapToInt(String::length).max().orElse(0);
        int room = Math.max(stub.length() + 2, width - foot.group(1).length());
        lines.addFirst(stub + " ".repeat(room - stub.length()) + foot.group(1));
        return lines;
      }
    }
    return block.lines();
  }
}
