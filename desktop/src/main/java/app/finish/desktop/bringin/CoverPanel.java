package app.finish.desktop.bringin;

import app.finish.core.problem.Refusal;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Which rows of the source a total totals, to be said by a person: from one row to another.
public final class CoverPanel {
  private final Desk desk;

  CoverPanel(Desk desk) {
    this.desk = desk;
  }

  Node build(Shown shown, SourceRow total) {
    int top = shown.table().source().grid().top() + 1;
    List<SourceRow> rows = members(shown, total);
    TextField from = field("cover-from", Texts.of("bring.coverFrom"));
    TextField to = field("cover-to", Texts.of("bring.coverTo"));
    if (!rows.isEmpty()) {
      from.setText("" + (rows.getFirst().row() + top));
      to.setText("" + (rows.getLast().row() + top));
    }
    Button say = new Button(Texts.of("bring.cover"));
    say.setId("cover");
    say.setOnAction(event -> say(shown, total, from.getText(), to.getText()));
    to.setOnAction(event -> say(shown, total, from.getText(), to.getText()));
    Label between = new Label(Texts.of("bring.coverTo"));
    between.setMinWidth(Region.USE_PREF_SIZE);
    say.setMinWidth(Region.USE_PREF_SIZE);
    HBox line = new HBox(6, from, between, to, say);
    line.setAlignment(Pos.CENTER_LEFT);
    return new VBox(4, Benches.caption(Texts.of("bring.coverRows")), line);
  }

  private static TextField field(String id, String name) {
    TextField field = new TextField();
    field.setId(id);
    field.setAccessibleText(name);
    field.setPrefColumnCount(3);
    return field;
  }

  /// The rows of the body just before a total, back to the total before.
  private static List<SourceRow> members(Shown shown, SourceRow total) {
    List<SourceRow> members = new ArrayList<>();
    for (SourceRow row : shown.recognition().rows()) {
      if (row.row() >= total.row()) {
        break;
      }
      if (row.role() == LineRole.BODY) {
        members.add(row);
      } else if (row.role() != LineRole.GROUP && total.role() == LineRole.SUBTOTAL) {
        members.clear();
      }
    }
    return members;
  }

  private void say(Shown shown, SourceRow total, String from, String to) {
    int top = shown.table().source().grid().top() + 1;
    if (!from.strip().matches("[0-9]{1,7}") || !to.strip().matches("[0-9]{1,7}")) {
      desk.tell(new Refusal(Texts.of("bring.coverNumbers")));
      return;
    }
    int first = Integer.parseInt(from.strip()) - top;
    int last = Integer.parseInt(to.strip()) - top;
    List<Anchor> anchors = shown.recognition().anchors().rows();
    List<Anchor> members =
        shown.recognition().rows().stream()
            .filter(row -> row.row() >= first && row.row() <= last)
            .filter(row -> row.leaf().isPresent() && row.row() != total.row())
            .map(row -> anchors.get(row.row()))
            .toList();
    if (members.isEmpty()) {
      desk.tell(new Refusal(Texts.of("bring.coverNone", from, to)));
      return;
    }
    Corrections corrections = shown.table().finish().corrections();
    desk.correct(
        Texts.of("change.cover", total.row() + top, from.strip(), to.strip()),
        corrections.withCover(anchors.get(total.row()), members));
  }
}
