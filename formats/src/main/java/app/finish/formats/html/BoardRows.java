package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.Property;
import app.finish.formats.io.XmlText;
import com.fasterxml.jackson.core.JsonFactory;
import com.fasterxml.jackson.core.JsonGenerator;
import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// The rows of a long table as data. A form is what many rows have in common: what they are, and
/// for each cell its element, classes, column, how far it reaches, and its level. A row is the
/// number of its form, how many labels it shares with the row before, the labels that follow, and
/// its cells: a text; 0 for the label of its level; a text and the exact value that it does not
/// say; or all that there is.
final class BoardRows {
  private final BoardFigures figures;
  private final HtmlLooks looks;
  private final HtmlSheet.Named sheet;
  private final Map<Form, Integer> forms = new LinkedHashMap<>();

  private record Form(String role, List<Cell> cells) {}

  private record Cell(
      String tag, String names, int at, int span, int level, int again, String scope) {}

  BoardRows(BoardFigures figures, HtmlLooks looks, HtmlSheet.Named sheet) {
    this.figures = figures;
    this.looks = looks;
    this.sheet = sheet;
  }

  /// The rows as JSON.
  String json(List<BoardRow> rows) {
    StringWriter out = new StringWriter();
    try (JsonGenerator json = new JsonFactory().createGenerator(out)) {
      json.writeStartObject();
      json.writeArrayFieldStart("rows");
      List<String> before = List.of();
      for (BoardRow row : rows) {
        row(row, before, json);
        before = row.path();
      }
      json.writeEndArray();
      json.writeArrayFieldStart("forms");
      for (Form form : forms.keySet()) {
        json.writeStartArray();
        json.writeString(form.role);
        for (Cell cell : form.cells) {
          json.writeStartArray();
          json.writeString(cell.tag);
          json.writeString(cell.names);
          json.writeNumber(cell.at);
          json.writeNumber(cell.span);
          json.writeNumber(cell.level);
          json.writeNumber(cell.again);
          json.writeString(cell.scope);
          json.writeEndArray();
        }
        json.writeEndArray();
      }
      json.writeEndArray();
      json.writeEndObject();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }

  private void row(BoardRow row, List<String> before, JsonGenerator json) throws IOException {
    List<Cell> cells = new ArrayList<>(row.cells().size());
    for (BoardRow.Cell one : row.cells()) {
      DressedCell cell = one.cell();
      int level = cell.place() instanceof CellMeaning.Stub stub ? stub.level() : -1;
      String names =
          HtmlCells.className(cell) + " " + sheet.name(looks.cell(row.row(), row.row(), cell));
      cells.add(
          new Cell(
              HtmlCells.tag(cell),
              names,
              cell.column(),
              cell.columnSpan(),
              level,
              one.level(),
              HtmlHeads.scope(cell)));
    }
    int form = forms.computeIfAbsent(new Form(row.role(), cells), key -> forms.size());
    int shared = 0;
    while (shared < Math.min(before.size(), row.path().size())
        && before.get(shared).equals(row.path().get(shared))) {
      shared++;
    }
    json.writeStartArray();
    json.writeNumber(form);
    json.writeNumber(shared);
    json.writeStartArray();
    for (String label : row.path().subList(shared, row.path().size())) {
      json.writeString(label);
    }
    json.writeEndArray();
    for (int i = 0; i < cells.size(); i++) {
      cell(row.cells().get(i).cell(), row, cells.get(i).level, json);
    }
    json.writeEndArray();
  }

  private void cell(DressedCell cell, BoardRow row, int level, JsonGenerator json)
      throws IOException {
    String text = cell.text();
    String exact = figures.exact(cell);
    String notes = figures.notes(cell);
    String highlights = figures.highlights(cell);
    boolean plain = isPlain(cell) && notes.isEmpty() && highlights.isEmpty();
    boolean label = level >= 0 && level < row.path().size() && row.path().get(level).equals(text);
    if (plain && label) {
      json.writeNumber(0);
    } else if (plain
        && (exact.isEmpty() ? !figures.looksLikeNumber(text) : figures.says(text, exact))) {
      json.writeString(text);
    } else if (plain) {
      json.writeStartArray();
      json.writeString(text);
      json.writeString(exact);
      json.writeEndArray();
    } else {
      json.writeStartArray();
      json.writeString(text);
      json.writeString(exact);
      json.writeString(notes);
      json.writeString(highlights);
      json.writeString(markup(cell));
      json.writeEndArray();
    }
  }

  /// Whether a cell is a text without anything else in it.
  private boolean isPlain(DressedCell cell) {
    boolean one = cell.runs().size() == 1;
    boolean same =
        one
            && cell.runs().getFirst().bold() == cell.look().bold()
            && cell.runs().getFirst().italic() == cell.look().italic()
            && cell.runs().getFirst().ink().isEmpty()
            && cell.runs().getFirst().swatch().isEmpty()
            && cell.runs().getFirst().scale() == 1;
    boolean marked = cell.look().marked() && !cell.look().setting(Property.TREND).equals("none");
    return same && !marked && looks.highlights(cell.look()).isEmpty();
  }

  private String markup(DressedCell cell) {
    if (isPlain(cell)) {
      return "";
    }
    XmlText out = new XmlText();
    new HtmlCells(looks, sheet, out).content(cell);
    return out.toString();
  }
}
