package app.finish.formats.json;

import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.number.NumberReader;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.FigureCount;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.recognise.words.PairedCells;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.Measure;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// What was recognised, as JSON. docs/command-line.md describes the shape, which is kept to.
public final class RecognitionJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private RecognitionJson() {}

  /// The tables of a file as JSON text.
  ///
  /// @param source the file as it was named
  public static String write(String source, List<Checked> read) {
    ObjectNode root = JSON.createObjectNode();
    root.put("source", source);
    ArrayNode tables = root.putArray("tables");
    read.forEach(one -> tables.add(table(one)));
    try {
      return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }

  private static ObjectNode table(Checked read) {
    Recognition recognition = read.recognition().orElseThrow();
    Table table = recognition.table();
    ObjectNode node = JSON.createObjectNode();
    node.put("title", table.words().title());
    node.put("units", table.words().units());
    ArrayNode held = node.putArray("held");
    table.held().forEach(one -> held.add(one.toString()));
    ArrayNode notes = node.putArray("notes");
    table.words().notes().forEach(note -> notes.add(note.toString()));
    if (!table.words().source().isEmpty()) {
      notes.add("Source: " + table.words().source());
    }
    ArrayNode stubHead = node.putArray("stubHead");
    table.down().dimensions().stream().filter(name -> !name.isEmpty()).forEach(stubHead::add);
    ArrayNode rows = node.putArray("rows");
    recognition.rows().forEach(row -> rows.add(row(row)));
    ArrayNode columns = node.putArray("columns");
    table.across().leaves().forEach(leaf -> columns.add(column(table, leaf)));
    ArrayNode cells = node.putArray("cells");
    Optional<NumberReader> pairs = pairs(table);
    recognition.rows().forEach(row -> cells.add(cells(table, row, pairs)));
    ArrayNode evidence = node.putArray("evidence");
    recognition.evidence().forEach(one -> evidence.add(evidence(one)));
    ArrayNode findings = node.putArray("findings");
    Checks.ALL.of(read).forEach(one -> findings.add(finding(one)));
    node.set("figures", figures(recognition.figures()));
    return node;
  }

  private static ObjectNode figures(FigureCount figures) {
    ObjectNode node = JSON.createObjectNode();
    node.put("all", figures.all());
    node.put("table", figures.table());
    node.put("heads", figures.heads());
    node.put("stub", figures.stub());
    node.put("words", figures.words());
    node.put("notes", figures.notes());
    node.put("leftOut", figures.leftOut());
    ArrayNode placeless = node.putArray("placeless");
    figures.placeless().forEach(placeless::add);
    return node;
  }

  private static ObjectNode row(SourceRow row) {
    ObjectNode node = JSON.createObjectNode();
    node.put("part", row.role().part());
    node.put("level", row.level());
    ArrayNode headings = node.putArray("headings");
    row.headings().forEach(headings::add);
    return node;
  }

  private static ObjectNode column(Table table, Leaf leaf) {
    ObjectNode node = JSON.createObjectNode();
    node.put(
        "part",
        leaf.role() == Role.MEMBER
            ? "body"
            : leaf.role() == Role.SUBTOTAL ? "subtotalColumn" : "grandTotalColumn");
    ArrayNode headings = node.putArray("headings");
    leaf.labels().stream().filter(label -> !label.isEmpty()).forEach(headings::add);
    Measure measure = table.measures().get(leaf.measure().orElse(0));
    boolean byRow = leaf.measure().isEmpty() && table.measures().size() > 1;
    if (!byRow) {
      ObjectNode named = node.putObject("measure");
      named.put("name", measure.name());
      named.put("kind", measure.kind().word());
      named.put("unit", measure.unit());
      measure.bracketed().ifPresent(kind -> named.put("bracketed", kind.word()));
    }
    return node;
  }

  /// The reader for cells of two figures, which knows the table's decimal mark; none if the table
  /// has no such measure.
  private static Optional<NumberReader> pairs(Table table) {
    if (table.measures().stream().noneMatch(measure -> measure.bracketed().isPresent())) {
      return Optional.empty();
    }
    List<String> parts = new ArrayList<>();
    for (int row = 0; row < table.body().rows(); row++) {
      for (int column = 0; column < table.body().columns(); column++) {
        parts.addAll(List.of(table.body().at(row, column).written().split("[^0-9.,]+")));
      }
    }
    return Optional.of(NumberReader.forTexts(parts));
  }

  /// A cell that holds two figures: both as numbers, and how they were written.
  private static void pair(ObjectNode cell, String text, NumberReader reader) {
    List<Double> figures = PairedCells.figures(text, reader);
    if (figures.isEmpty()) {
      return;
    }
    cell.removeAll();
    put(cell, "value", figures.getFirst());
    ArrayNode bracketed = cell.putArray("bracketed");
    figures.subList(1, figures.size()).forEach(bracketed::add);
    cell.put("written", text);
  }

  private static ArrayNode cells(Table table, SourceRow row, Optional<NumberReader> pairs) {
    ArrayNode cells = JSON.createArrayNode();
    for (int column = 0; column < table.body().columns(); column++) {
      Value value =
          row.leaf().isPresent() ? table.body().at(row.leaf().getAsInt(), column) : Value.BLANK;
      ObjectNode cell = value(value);
      int at = column;
      if (value instanceof Value.Text text
          && pairs.isPresent()
          && table.measureAt(row.leaf().getAsInt(), column).bracketed().isPresent()) {
        pair(cell, text.text(), pairs.get());
      }
      row.leaf().ifPresent(leaf -> mark(cell, table.marks().at(new Spot.Figure(leaf, at))));
      cells.add(cell);
    }
    return cells;
  }

  private static void mark(ObjectNode node, String mark) {
    if (!mark.isEmpty()) {
      node.put("mark", mark);
    }
  }

  private static void put(ObjectNode node, String key, double figure) {
    if (figure == Math.rint(figure) && Math.abs(figure) < 1e15) {
      node.put(key, (long) figure);
    } else {
      node.put(key, figure);
    }
  }

  private static ObjectNode value(Value value) {
    ObjectNode node = JSON.createObjectNode();
    switch (value) {
      case Value.Numeric number -> {
        put(node, "value", number.number());
        node.put("written", number.written());
      }
      case Value.Text text -> node.put("text", text.text());
      case Value.Missing missing -> {
        node.put("missing", missing.reason().word());
        if (!missing.written().isEmpty()) {
          node.put("written", missing.written());
        }
      }
    }
    return node;
  }

  private static ObjectNode evidence(Evidence evidence) {
    ObjectNode node = JSON.createObjectNode();
    node.put("place", evidence.place());
    node.put("said", evidence.said());
    ArrayNode because = node.putArray("because");
    evidence.because().forEach(because::add);
    node.put("confidence", evidence.confidence());
    return node;
  }

  private static ObjectNode finding(Finding finding) {
    ObjectNode node = JSON.createObjectNode();
    node.put("check", finding.check());
    node.put("place", finding.where().words());
    node.put("claimed", finding.is());
    node.put("found", finding.should());
    node.put("sentence", finding.sentence());
    return node;
  }
}
