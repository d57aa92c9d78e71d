package app.finish.desktop.kit;

import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.beans.value.ObservableValue;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.Toggle;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// The pieces that benches are built of.
public final class Benches {
  private Benches() {}

  /// A bench with its name and its sections, which scrolls.
  public static ScrollPane desk(String name, Node... sections) {
    VBox column = new VBox(title(name));
    column.getChildren().addAll(sections);
    return scrolling(column);
  }

  /// A bench whose leaves stay in sight over what scrolls.
  public static VBox desk(String name, Node leaves, VBox leaf) {
    VBox head = new VBox(title(name), leaves);
    head.getStyleClass().add("bench-head");
    VBox column = new VBox(leaf);
    column.getStyleClass().add("bench-leaf");
    ScrollPane scroll = scrolling(column);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    return new VBox(head, scroll);
  }

  /// A bench whose last section stays in sight below what scrolls.
  public static VBox deskWithFoot(String name, Node foot, Node... sections) {
    ScrollPane scroll = desk(name, sections);
    VBox.setVgrow(scroll, Priority.ALWAYS);
    foot.getStyleClass().add("bench-foot");
    return new VBox(scroll, foot);
  }

  private static Label title(String name) {
    Label title = new Label(name);
    title.getStyleClass().add("bench-name");
    return title;
  }

  private static ScrollPane scrolling(VBox column) {
    column.getStyleClass().addFirst("bench-column");
    ScrollPane scroll = new ScrollPane(column);
    scroll.getStyleClass().add("bench");
    scroll.setFitToWidth(true);
    scroll.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    scroll.setFocusTraversable(false);
    return scroll;
  }

  /// Switches of which one is on, and stays on when it is pressed again.
  public static ToggleGroup oneOf() {
    ToggleGroup group = new ToggleGroup();
    group
        .selectedToggleProperty()
        .addListener(
            (p, before, now) -> {
              if (now == null) {
                Platform.runLater(() -> choose(group, before));
              }
            });
    return group;
  }

  private static void choose(ToggleGroup group, Toggle before) {
    if (group.getSelectedToggle() == null && group.getToggles().contains(before)) {
      before.setSelected(true);
    }
  }

  /// A section under a small heading.
  public static VBox section(String name, Node... content) {
    VBox section = new VBox(8);
    section.getStyleClass().add("section");
    if (!name.isEmpty()) {
      section.getChildren().add(heading(name));
    }
    section.getChildren().addAll(content);
    return section;
  }

  public static Label heading(String name) {
    Label heading = new Label(name);
    heading.getStyleClass().add("section-name");
    return heading;
  }

  public static Label caption(String text) {
    Label caption = new Label(text);
    caption.getStyleClass().add("caption");
    caption.setWrapText(true);
    return caption;
  }

  /// A button that does something.
  ///
  /// @param text the name of its text
  public static Button button(String id, String text, Runnable work) {
    Button button = new Button(Texts.of(text));
    button.setId(id);
    button.setOnAction(event -> work.run());
    return button;
  }

  /// A name and its control, which takes the room that is left.
  public static HBox beside(Node name, Region control) {
    HBox.setHgrow(control, Priority.ALWAYS);
    HBox row = new HBox(8, name, control);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  public static HBox spread(Node left, Node right) {
    Region gap = new Region();
    HBox.setHgrow(gap, Priority.ALWAYS);
    HBox row = new HBox(8, left, gap, right);
    row.setAlignment(Pos.CENTER_LEFT);
    return row;
  }

  /// Puts other nodes into a box. If the focus was on one of the old ones, it goes to the new one
  /// of the same id, or to the proof if there is none or it can't be used.
  public static void replace(Pane box, List<? extends Node> nodes) {
    Optional<Scene> scene = Optional.ofNullable(box.getScene());
    Optional<Node> focused =
        scene.map(Scene::getFocusOwner).filter(node -> node.getId() != null && isInside(node, box));
    box.getChildren().setAll(nodes);
    focused
        .map(node -> Optional.ofNullable(box.lookup("#" + node.getId())))
        .map(again -> again.filter(node -> !node.isDisabled()))
        .map(again -> again.or(() -> Optional.ofNullable(scene.get().lookup("#proof"))))
        .flatMap(again -> again)
        .ifPresent(Node::requestFocus);
  }

  private static boolean isInside(Node node, Pane box) {
    Node at = node;
    while (at != null && at != box) {
      at = at.getParent();
    }
    return at == box;
  }

  /// Calls `show` now and whenever the value changes.
  public static <T> void follow(ObservableValue<T> value, Runnable show) {
    value.addListener((p, before, now) -> show.run());
    show.run();
  }
}
