package app.finish.desktop.highlight;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.TextField;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.Region;

/// The words of a sentence that can be changed: menus and fields that stand in a line of text.
///
/// ```java
/// SentenceWord.menu("reach", "how far", List.of("the cell", "the row"), "the cell", this::reach);
/// ```
final class SentenceWord {
  /// How wide a line of the sentence is, in points.
  static final double LINE = 272;

  private static final int LONG = 30;

  private SentenceWord() {}

  /// A word that does not change.
  static Label plain(String text) {
    Label label = new Label(text);
    label.getStyleClass().add("sentence-plain");
    label.setMinWidth(Region.USE_PREF_SIZE);
    return label;
  }

  /// A word that is one of several.
  ///
  /// @param name what it is, for those who don't see where it stands
  static <T> MenuButton menu(
      String id, String name, List<T> all, T now, Function<T, String> words, Consumer<T> chosen) {
    MenuButton button = button(id, name, words.apply(now));
    for (T one : all) {
      RadioMenuItem item = new RadioMenuItem(words.apply(one));
      item.setSelected(one.equals(now));
      item.setOnAction(event -> chosen.accept(one));
      button.getItems().add(item);
    }
    return button;
  }

  /// A word with items of its own.
  static MenuButton button(String id, String name, String text) {
    MenuButton button = new MenuButton(text);
    button.setId(id);
    button.setAccessibleText(name + ": " + text);
    button.getStyleClass().add("sentence-word");
    if (text.length() > LONG) {
      button.setMaxWidth(LINE);
      button.setTooltip(new Tooltip(text));
    } else {
      button.setMinWidth(Region.USE_PREF_SIZE);
    }
    return button;
  }

  /// An item of a menu that is ticked or not.
  static MenuItem tick(String text, boolean ticked, Consumer<Boolean> changed) {
    CheckMenuItem item = new CheckMenuItem(text);
    item.setSelected(ticked);
    item.setOnAction(event -> changed.accept(item.isSelected()));
    return item;
  }

  /// A word that is typed. It is taken with Enter, and when the field is left.
  ///
  /// @param taken whether what was typed could be taken; else it goes back to what it was
  static TextField field(
      String id, String name, String text, int columns, Function<String, Boolean> taken) {
    TextField field = new TextField(text);
    field.setId(id);
    field.setAccessibleText(name);
    field.setPrefColumnCount(columns);
    field.getStyleClass().add("sentence-field");
    Runnable take =
        () -> {
          if (!field.getText().equals(text) && !taken.apply(field.getText())) {
            field.setText(text);
          }
        };
    whenTyped(field, take);
    return field;
  }

  /// Does something with Enter, and when a field is left.
  static void whenTyped(TextField field, Runnable take) {
    field.setOnAction(event -> take.run());
    field
        .focusedProperty()
        .addListener(
            (p, before, now) -> {
              if (!now) {
                take.run();
              }
            });
  }
}
