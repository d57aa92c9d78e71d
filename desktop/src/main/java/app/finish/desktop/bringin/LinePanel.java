package app.finish.desktop.bringin;

import app.finish.core.dress.CellMeaning;
import app.finish.core.grid.GridPlace;
import app.finish.core.recognise.found.Anchors;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.found.SourceRow;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.style.PartName;
import app.finish.core.table.Axis;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Pick;
import app.finish.desktop.model.Shown;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// What the picked row and the picked column were taken for, why, and what else they may be.
public final class LinePanel {
  private static final List<LineRole> COLUMN_ROLES =
      List.of(LineRole.BODY, LineRole.SUBTOTAL, LineRole.GRAND_TOTAL, LineRole.LEFT_OUT);

  private final Desk desk;
  private final VBox box = Benches.section("");

  LinePanel(Desk desk) {
    this.desk = desk;
  }

  Node build() {
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(desk.pickProperty(), this::show);
    Benches.follow(desk.alsoProperty(), this::show);
    return box;
  }

  /// The row of the source that the picked cell came from, if it is one.
  public static Optional<SourceRow> pickedRow(Desk desk) {
    return desk.shownProperty()
        .get()
        .flatMap(
            shown -> desk.pickProperty().get().flatMap(pick -> rowOf(shown.recognition(), pick)));
  }

  /// All cells that are picked, the first one first.
  private List<Pick> picks() {
    return Pick.cells(desk).stream().map(cell -> new Pick(cell.place(), cell.part(), 0)).toList();
  }

  private static Optional<SourceRow> rowOf(Recognition recognition, Pick pick) {
    return switch (pick.place()) {
      case CellMeaning.Body body -> recognition.rowOfLeaf(body.row());
      case CellMeaning.Stub stub ->
          pick.part().name() == PartName.GROUP_ROW
              ? groupRowBefore(recognition, stub.leaf(), pick.part().level())
              : recognition.rowOfLeaf(stub.leaf());
      default -> Optional.empty();
    };
  }

  private static Optional<SourceRow> groupRowBefore(Recognition recognition, int leaf, int level) {
    Optional<SourceRow> found = Optional.empty();
    for (SourceRow row : recognition.rows()) {
      if (row.leaf().orElse(-1) == leaf) {
        return found.or(() -> Optional.of(row));
      }
      if (row.role() == LineRole.GROUP && row.level() == level) {
        found = Optional.of(row);
      }
    }
    return found;
  }

  /// The leaf across that the picked cell stands in, if it is one.
  private OptionalInt pickedColumn() {
    return desk.pickProperty().get().map(LinePanel::columnOf).orElse(OptionalInt.empty());
  }

  private static OptionalInt columnOf(Pick pick) {
    return switch (pick.place()) {
      case CellMeaning.Body body -> OptionalInt.of(body.column());
      case CellMeaning.Head head ->
          head.first() == head.last() ? OptionalInt.of(head.first()) : OptionalInt.empty();
      default -> OptionalInt.empty();
    };
  }

  private static String andMore(String place, int count) {
    return count > 1 ? Texts.of("bring.andMore", place, count - 1) : place;
  }

  private void show() {
    Optional<Shown> shown = desk.shownProperty().get();
    Optional<SourceRow> row = pickedRow(desk);
    OptionalInt column = pickedColumn();
    List<Node> nodes = new ArrayList<>();
    shown.ifPresent(
        at -> {
          row.ifPresent(picked -> addRow(nodes, at, picked));
          boolean exists = column.orElse(-1) < at.recognition().valueColumns().size();
          if (column.isPresent() && exists) {
            addColumn(nodes, at, column.getAsInt());
          }
          pickedGroup(at)
              .filter(label -> !label.isEmpty())
              .ifPresent(label -> addName(nodes, at, label));
          if (nodes.isEmpty()) {
            nodes.add(Benches.heading(Texts.of("bring.rowIs")));
            nodes.add(Benches.caption(Texts.of("bring.rowPick")));
          }
        });
    Benches.replace(box, nodes);
  }

  private void addRow(List<Node> nodes, Shown shown, SourceRow at) {
    int number = shown.table().source().grid().top() + at.row() + 1;
    List<SourceRow> rows =
        picks().stream()
            .flatMap(pick -> rowOf(shown.recognition(), pick).stream())
            .distinct()
            .toList();
    String place = andMore(Texts.of("bring.row", number), rows.size());
    nodes.add(Benches.heading(Texts.of("bring.rowIs")));
    nodes.add(Benches.caption(place + ": " + String.join(", ", at.headings())));
    nodes.add(
        roles(
            "role-",
            List.of(LineRole.values()),
            at.role(),
            role -> {
              Corrections all = corrections(shown);
              for (SourceRow row : rows) {
                all = all.withRow(shown.recognition().anchors().rows().get(row.row()), role);
              }
              correct(place, role, all);
            }));
    addEvidence(nodes, shown, "row " + number);
    if (at.role() == LineRole.SUBTOTAL || at.role() == LineRole.GRAND_TOTAL) {
      nodes.add(new CoverPanel(desk).build(shown, at));
    }
    Button cut = new Button(Texts.of("bring.cut"));
    cut.setId("cut-here");
    cut.setAccessibleText(Texts.of("action.cut"));
    cut.setOnAction(event -> desk.cutAt(at.row()));
    nodes.add(cut);
  }

  private void addColumn(List<Node> nodes, Shown shown, int leaf) {
    Recognition recognition = shown.recognition();
    int column = recognition.valueColumns().get(leaf);
    String letters = GridPlace.letters(shown.table().source().grid().left() + column);
    List<Integer> columns =
        picks().stream()
            .map(LinePanel::columnOf)
            .filter(OptionalInt::isPresent)
            .map(OptionalInt::getAsInt)
            .distinct()
            .filter(one -> one < recognition.valueColumns().size())
            .map(recognition.valueColumns()::get)
            .toList();
    String place = andMore(Texts.of("bring.column", letters), columns.size());
    Leaf across = recognition.table().across().leaves().get(leaf);
    Label heading = Benches.heading(Texts.of("bring.columnIs"));
    VBox.setMargin(heading, new Insets(6, 0, 0, 0));
    nodes.add(heading);
    nodes.add(
        Benches.caption(
            place
                + ": "
                + String.join(
                    ", ", across.labels().stream().filter(label -> !label.isEmpty()).toList())));
    Anchors anchors = recognition.anchors();
    nodes.add(
        roles(
            "column-role-",
            COLUMN_ROLES,
            role(across.role()),
            role -> {
              Corrections all = corrections(shown);
              for (int one : columns) {
                all = all.withColumn(anchors.columns().get(one), role);
              }
              correct(place, role, all);
            }));
    addEvidence(nodes, shown, "column " + letters);
    Button cut = new Button(Texts.of("bring.cutBefore"));
    cut.setId("cut-before");
    cut.setAccessibleText(Texts.of("action.cutBefore"));
    cut.setOnAction(event -> desk.cutBefore(column));
    nodes.add(cut);
  }

  /// A head over others or a heading before others that may name the dimension below it.
  private void addName(List<Node> nodes, Shown shown, String label) {
    Button name = new Button(Texts.of("bring.isName"));
    name.setId("is-name");
    name.setAccessibleText(Texts.of("action.isName", label));
    name.setOnAction(
        event ->
            desk.correct(Texts.of("change.isName", label), corrections(shown).withName(label)));
    nodes.add(name);
  }

  /// The label of the picked heading, if others stand under it.
  private Optional<String> pickedGroup(Shown shown) {
    return desk.pickProperty()
        .get()
        .flatMap(
            pick ->
                switch (pick.place()) {
                  case CellMeaning.Head head ->
                      under(shown.recognition().table().across(), head.first(), head.level());
                  case CellMeaning.Stub stub ->
                      under(shown.recognition().table().down(), stub.leaf(), stub.level());
                  default -> Optional.empty();
                });
  }

  private static Optional<String> under(Axis axis, int leaf, int level) {
    boolean group = leaf < axis.leaves().size() && level < axis.depth(leaf) - 1;
    return group ? Optional.of(axis.heading(leaf, level).label()) : Optional.empty();
  }

  private static LineRole role(Role role) {
    return switch (role) {
      case MEMBER -> LineRole.BODY;
      case SUBTOTAL -> LineRole.SUBTOTAL;
      case GRAND_TOTAL -> LineRole.GRAND_TOTAL;
    };
  }

  private static Corrections corrections(Shown shown) {
    return shown.table().finish().corrections();
  }

  private void correct(String place, LineRole role, Corrections corrections) {
    desk.correct(Texts.of("change.line", place, name(role)), corrections);
  }

  private static String name(LineRole role) {
    return Texts.of("bring.role." + role.name().toLowerCase(Locale.ROOT));
  }

  private static void addEvidence(List<Node> nodes, Shown shown, String place) {
    for (Evidence one : shown.recognition().evidence()) {
      if (one.place().equals(place)) {
        nodes.add(Benches.caption("because " + String.join(", and ", one.because())));
      }
    }
  }

  private static Node roles(
      String id, List<LineRole> roles, LineRole now, Consumer<LineRole> choose) {
    FlowPane choices = new FlowPane(6, 6);
    ToggleGroup group = Benches.oneOf();
    for (LineRole role : roles) {
      ToggleButton choice = new ToggleButton(name(role));
      choice.setId(id + role.name().toLowerCase(Locale.ROOT));
      choice.getStyleClass().add("chip");
      choice.setToggleGroup(group);
      choice.setSelected(role == now);
      choice.setOnAction(
          event -> {
            choice.setSelected(true);
            choose.accept(role);
          });
      choices.getChildren().add(choice);
    }
    return choices;
  }
}
