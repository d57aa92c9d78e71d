package app.finish.desktop.dress;

import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.SaidAs;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.Region;

/// Changes a rule: its weight, ink, kind, reach and gap, and whether it stays where its row is not.
public final class RuleEditor extends GridPane {
  private static final List<Double> WEIGHTS = List.of(0.0, 0.25, 0.35, 0.5, 0.75, 1.0, 1.5, 2.0);
  private static final List<Double> GAPS = List.of(-1.0, 0.0, 2.0, 3.0, 4.0, 5.0, 6.0, 8.0);

  private final String id;
  private RuleLine rule;

  /// Changes only how a line is drawn: its weight, ink and kind.
  static RuleEditor ofPen(String id, RuleLine pen, Palette palette, Consumer<String> changed) {
    return new RuleEditor(id, pen, palette, changed, false);
  }

  /// @param id what the ids of its controls begin with
  /// @param palette the inks that it offers first
  RuleEditor(String id, RuleLine rule, Palette palette, Consumer<String> changed) {
    this(id, rule, palette, changed, true);
  }

  private RuleEditor(
      String id, RuleLine rule, Palette palette, Consumer<String> changed, boolean whole) {
    this.id = id;
    this.rule = rule;
    setId(id);
    setHgap(6);
    setVgap(4);
    row(0, "weight", choice("weight", with(WEIGHTS, rule.weight()), rule.weight(), changed));
    if (!rule.isDrawn()) {
      return;
    }
    InkField ink =
        new InkField(
            id + "-ink",
            Texts.of("rule.ink"),
            rule.ink(),
            false,
            palette,
            wanted -> changed.accept(with("ink", wanted).toString()));
    row(1, "ink", ink);
    row(2, "kind", choice("kind", List.of(RuleLine.Kind.values()), rule.kind(), changed));
    if (!whole) {
      return;
    }
    row(3, "reach", choice("reach", List.of(RuleLine.Reach.values()), rule.reach(), changed));
    row(4, "gap", choice("gap", with(GAPS, rule.gap()), rule.gap(), changed));
    CheckBox stays = new CheckBox(Texts.of("rule.stays"));
    stays.setId(id + "-stays");
    stays.setSelected(rule.stays());
    stays.setWrapText(true);
    stays.setOnAction(event -> changed.accept(with("stays", stays.isSelected()).toString()));
    add(stays, 0, 5, 2, 1);
  }

  private void row(int row, String name, Region control) {
    Label label = Benches.caption(Texts.of("rule." + name));
    label.setMinWidth(Region.USE_PREF_SIZE);
    add(label, 0, row);
    add(control, 1, row);
  }

  private static <T> List<T> with(List<T> all, T own) {
    List<T> more = new ArrayList<>(all);
    if (!more.contains(own)) {
      more.addFirst(own);
    }
    return more;
  }

  private <T> ChoiceBox<T> choice(String name, List<T> all, T now, Consumer<String> changed) {
    ChoiceBox<T> box = new ChoiceBox<>();
    box.setId(id + "-" + name);
    box.setAccessibleText(Texts.of("rule." + name));
    box.setConverter(new SaidAs<>(RuleEditor::words));
    box.getItems().setAll(all);
    box.setValue(now);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setOnAction(event -> changed.accept(with(name, box.getValue()).toString()));
    return box;
  }

  private RuleLine with(String name, Object value) {
    rule =
        new RuleLine(
            name.equals("weight") ? (Double) value : rule.weight(),
            name.equals("ink") ? (String) value : rule.ink(),
            name.equals("kind") ? (RuleLine.Kind) value : rule.kind(),
            name.equals("reach") ? (RuleLine.Reach) value : rule.reach(),
            name.equals("gap") ? (Double) value : rule.gap(),
            name.equals("stays") ? (Boolean) value : rule.stays());
    return rule;
  }

  private static String words(Object choice) {
    return switch (choice) {
      case Double points -> points(points);
      case Enum<?> word -> Texts.of("rule." + word.name().toLowerCase(Locale.ROOT));
      default -> choice.toString();
    };
  }

  private static String points(double points) {
    String plain = points == Math.rint(points) ? "" + (long) points : "" + points;
    return points < 0
        ? Texts.of("rule.gap.own")
        : points == 0 ? Texts.of("rule.none") : plain + " pt";
  }
}
