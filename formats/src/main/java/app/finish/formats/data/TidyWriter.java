package app.finish.formats.data;

import app.finish.core.layout.Paper;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Held;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.io.InertText;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.math.BigDecimal;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/// Writes CSV (RFC 4180, UTF-8) with a line for each figure: its table, its members by dimension,
/// its measure and unit, its exact value, and what stands there if that is no number.
public final class TidyWriter implements TableWriter {
  /// A level of headings that names members of a dimension.
  private record Level(Axis axis, int level, String name) {}

  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return EnumSet.of(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    de.siegmar.fastcsv.writer.CsvWriter csv =
        de.siegmar.fastcsv.writer.CsvWriter.builder().build(text);
    for (SentTable one : sent.first().tables()) {
      Table table = one.table();
      List<Level> levels = levels(table);
      List<String> head = new ArrayList<>(levels.stream().map(Level::name).toList());
      table.held().forEach(held -> head.add(name(held)));
      head.addAll(List.of("Measure", "Unit", "Value", "Text"));
      csv.writeRecord(distinct(head));
      List<Leaf> columns = table.across().leaves();
      for (Leaf row : table.down().leaves()) {
        for (Leaf column : columns) {
          csv.writeRecord(figure(table, levels, row, column));
        }
      }
    }
    csv.flush();
    text.flush();
  }

  private static List<String> figure(Table table, List<Level> levels, Leaf row, Leaf column) {
    List<String> line = new ArrayList<>();
    for (Level level : levels) {
      Leaf leaf = level.axis == table.down() ? row : column;
      line.add(level.level < leaf.path().size() ? label(leaf.path().get(level.level)) : "");
    }
    table.held().stream().map(Held::member).map(InertText::of).forEach(line::add);
    Measure measure = table.measureAt(row.index(), column.index());
    line.add(InertText.of(measure.name()));
    line.add(InertText.of(measure.unit()));
    switch (table.body().at(row.index(), column.index())) {
      case Value.Numeric value -> line.addAll(List.of(exact(value.number()), ""));
      case Value.Text value -> line.addAll(List.of("", InertText.of(value.text())));
      case Value.Missing _ -> line.addAll(List.of("", ""));
    }
    return line;
  }

  private static String exact(double number) {
    return Double.isFinite(number)
        ? BigDecimal.valueOf(number).stripTrailingZeros().toPlainString()
        : "" + number;
  }

  private static String label(Heading heading) {
    return heading.measure().isPresent() ? "" : InertText.of(heading.label());
  }

  /// The levels of both sides but for those that only name measures.
  private static List<Level> levels(Table table) {
    List<Level> levels = new ArrayList<>();
    for (Axis axis : List.of(table.down(), table.across())) {
      for (int level = 0; level < axis.depth(); level++) {
        int at = level;
        boolean members =
            axis.leaves().stream()
                .filter(leaf -> at < leaf.path().size())
                .anyMatch(leaf -> !label(leaf.path().get(at)).isEmpty());
        if (members) {
          levels.add(new Level(axis, level, name(table, axis, level)));
        }
      }
    }
    return levels;
  }

  private static String name(Table table, Axis axis, int level) {
    List<String> names = axis.dimensions();
    String given = level < names.size() ? names.get(level) : "";
    String side = axis == table.down() ? "Row" : "Column";
    return given.isBlank() ? side + (level == 0 ? "" : " " + (level + 1)) : InertText.of(given);
  }

  private static String name(Held held) {
    return held.dimension().isBlank() ? "Held" : InertText.of(held.dimension());
  }

  /// The names, those that come again with a number.
  private static List<String> distinct(List<String> names) {
    List<String> distinct = new ArrayList<>();
    for (String name : names) {
      String free = name;
      for (int i = 2; distinct.contains(free); i++) {
        free = name + " " + i;
      }
      distinct.add(free);
    }
    return distinct;
  }
}
