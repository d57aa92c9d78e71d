package app.finish.formats.text;

import java.util.ArrayList;
import java.util.List;

/// Cuts lines without a blank one between them into tables: where a rule parts what has other
/// columns, and where heads begin anew below figures.
///
/// @param lines the lines
public record ConsoleSections(List<String> lines) {
  /// The lines of each table.
  List<List<String>> cut() {
    List<List<String>> tables = new ArrayList<>();
    List<String> open = new ArrayList<>();
    for (List<String> part : parts()) {
      boolean panel = ConsolePanel.isPanel(part);
      boolean data = part.stream().anyMatch(ConsoleLine::isData);
      boolean had = holds(open) && !isOfYears(open);
      boolean hadPanel = had && ConsolePanel.isPanel(open);
      boolean anew = had && (panel || hadPanel || data && !fits(open, part));
      if (anew) {
        tables.add(open);
        open = new ArrayList<>();
      }
      open.addAll(part);
    }
    if (holds(open) || tables.isEmpty()) {
      tables.add(open);
    } else {
      tables.getLast().addAll(open);
    }
    return headsGoWithWhatIsBelow(tables);
  }

  /// Whether the only line with figures is one of numbers that rise, as heads may be.
  private static boolean isOfYears(List<String> lines) {
    List<String> data = lines.stream().filter(ConsoleLine::isData).toList();
    return data.size() == 1 && TextLine.isSeries(data.getFirst());
  }

  private static boolean holds(List<String> lines) {
    return ConsolePanel.isPanel(lines) || lines.stream().anyMatch(ConsoleLine::isData);
  }

  /// Lines of heads at the end of a table, when another follows, are the next one's.
  private static List<List<String>> headsGoWithWhatIsBelow(List<List<String>> tables) {
    for (int i = 0; i + 1 < tables.size(); i++) {
      List<String> table = tables.get(i);
      int end = table.size();
      boolean heads = false;
      for (int at = table.size() - 1; at > 0 && !ConsolePanel.isPanel(table); at--) {
        String line = table.get(at);
        if (ConsoleLine.isData(line) || ConsolePanel.isPanel(List.of(line))) {
          break;
        }
        if (!TextLine.isRule(line)) {
          heads |= TextLine.isHead(line);
          end = at;
        }
      }
      if (heads && end < table.size()) {
        List<String> moved = new ArrayList<>(table.subList(end, table.size()));
        table.subList(end, table.size()).clear();
        moved.addAll(tables.get(i + 1));
        tables.set(i + 1, moved);
      }
    }
    return tables;
  }

  /// The lines between full rules, and from each line of heads below figures.
  private List<List<String>> parts() {
    List<List<String>> parts = new ArrayList<>();
    List<String> open = new ArrayList<>();
    boolean data = false;
    boolean panel = false;
    for (int at = 0; at < lines.size(); at++) {
      String line = lines.get(at);
      boolean rule = isFullRule(line);
      if (open.isEmpty() || rule) {
        panel = ConsolePanel.isPanel(untilRule(at + 1));
      }
      boolean figures = ConsoleLine.isData(line);
      boolean headBelowFigures =
          data
              && !panel
              && !figures
              && !TextLine.isRule(line)
              && TextLine.isHead(line)
              && !ConsolePanel.isPanel(List.of(line));
      if ((rule || headBelowFigures) && !open.isEmpty()) {
        parts.add(open);
        open = new ArrayList<>();
        data = false;
      }
      open.add(line);
      data |= figures && !TextLine.isSeries(line);
    }
    if (!open.isEmpty()) {
      parts.add(open);
    }
    return parts;
  }

  /// The lines from here to the next full rule.
  private List<String> untilRule(int from) {
    int to = Math.min(from, lines.size());
    while (to < lines.size() && !isFullRule(lines.get(to))) {
      to++;
    }
    return lines.subList(Math.min(from, to), to);
  }

  private static boolean isFullRule(String line) {
    String stripped = line.strip();
    return TextLine.isRule(line)
        && line.indexOf(stripped) <= 2
        && stripped.length() >= 10
        && stripped.chars().distinct().count() == 1;
  }

  /// Whether figures below a rule stand in the columns of those above.
  static boolean fits(List<String> above, List<String> below) {
    for (String line : below) {
      if (!ConsoleLine.isData(line) && !TextLine.isRule(line) && TextLine.isHead(line)) {
        return false;
      }
    }
    int before = ConsoleColumns.of(above).size();
    int alone = ConsoleColumns.of(below).size();
    List<String> both = new ArrayList<>(above);
    both.addAll(below);
    int together = ConsoleColumns.of(both).size();
    return together >= before && together >= alone || together >= Math.max(before, alone);
  }
}
