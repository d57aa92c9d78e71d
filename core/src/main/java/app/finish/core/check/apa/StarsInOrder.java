package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.PartName;
import java.util.HashSet;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// One star is for the largest probability, more are for smaller ones, and only levels that occur
/// are explained.
public final class StarsInOrder extends ApaCheck {
  private static final Pattern LEVEL = Pattern.compile("(\\*+)\\s*p\\s*[<≤]\\s*0?([.,]\\d+)");

  public StarsInOrder() {
    super(
        "note-stars",
        "One star is for the largest probability, and only levels that occur are explained",
        "7.14");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Set<String> used = new HashSet<>();
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        String mark = cell.place().spot().map(subject.table().marks()::at).orElse("");
        Matcher stars = Pattern.compile("\\*+").matcher(mark);
        while (row.isTable() && stars.find()) {
          used.add(stars.group());
        }
      }
    }
    for (DressedRow row : subject.rows()) {
      for (DressedCell cell : row.cells()) {
        boolean note =
            cell.place() instanceof CellMeaning.Word(PartName part, int _) && part == PartName.NOTE;
        if (note) {
          look(cell, used, found);
        }
      }
    }
  }

  private void look(DressedCell note, Set<String> used, Consumer<Finding> found) {
    Map<String, Double> levels = new TreeMap<>();
    Matcher matcher = LEVEL.matcher(note.text());
    while (matcher.find()) {
      levels.put(matcher.group(1), Double.parseDouble("0" + matcher.group(2).replace(',', '.')));
    }
    double before = 1;
    for (Map.Entry<String, Double> level : levels.entrySet()) {
      if (level.getValue() >= before) {
        found.accept(
            at(
                note,
                level.getKey() + " p < " + level.getValue(),
                "",
                "More stars are for a larger probability than fewer."));
        return;
      }
      before = level.getValue();
      if (!used.contains(level.getKey())) {
        found.accept(
            at(
                note,
                level.getKey(),
                "",
                "The note explains " + level.getKey() + ", which no figure bears."));
        return;
      }
    }
  }
}
