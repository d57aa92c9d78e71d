package app.finish.core.check.apa;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Origin;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;

/// A demand of APA 7 on a table as it is dressed.
abstract class ApaCheck implements Check {
  private final String id;
  private final String asks;
  private final String section;

  /// @param id its id without what stands before it: `title`
  /// @param asks what it asks, as a sentence without its point
  /// @param section where the manual asks for it
  ApaCheck(String id, String asks, String section) {
    this.id = "apa." + id;
    this.asks = asks;
    this.section = section;
  }

  @Override
  public final String id() {
    return id;
  }

  @Override
  public final String asks() {
    return asks;
  }

  @Override
  public final String why() {
    return "Publication Manual of the American Psychological Association, 7th edition, " + section;
  }

  @Override
  public final List<Finding> findings(Checked checked) {
    List<Finding> findings = new ArrayList<>();
    if (checked.dressed().isPresent()
        && checked.cascade().isPresent()
        && checked.table().isPresent()) {
      look(
          new Subject(checked.table().get(), checked.dressed().get(), checked.cascade().get()),
          findings::add);
    }
    return findings;
  }

  /// Looks at a table.
  abstract void look(Subject subject, Consumer<Finding> found);

  /// A table as it is dressed.
  record Subject(Table table, Dressed dressed, Cascade cascade) {
    List<DressedRow> rows() {
      return dressed.rows();
    }

    Optional<DressedCell> first(PartName part) {
      return rows().stream()
          .filter(row -> !row.isTable())
          .filter(row -> row.part().name() == part)
          .map(row -> row.cells().getFirst())
          .findFirst();
    }

    List<DressedCell> heads() {
      return dressed.band(DressedRow.Band.HEAD).stream()
          .flatMap(row -> row.cells().stream())
          .toList();
    }

    List<DressedRow> body() {
      return dressed.band(DressedRow.Band.BODY);
    }

    /// All that the notes and the source line say.
    String notes() {
      StringBuilder all = new StringBuilder();
      dressed
          .band(DressedRow.Band.BELOW)
          .forEach(row -> row.cells().forEach(cell -> all.append(cell.text()).append('\n')));
      return all.toString();
    }
  }

  /// A finding at a cell.
  Finding at(DressedCell cell, String is, String should, String sentence, Mend... mends) {
    Where where = new Where.Place(cell.place(), cell.part().label());
    return new Finding(this, where, is, should, sentence).mendedBy(mends);
  }

  /// A finding on the whole table.
  Finding on(PartName part, String is, String should, String sentence, Mend... mends) {
    Where where = new Where.Part(part.label());
    return new Finding(this, where, is, should, sentence).mendedBy(mends);
  }

  /// What a property of a look comes from, if that is known.
  static Selector from(Look look, Property property, Selector otherwise) {
    return look.origin(property).map(Origin::selector).orElse(otherwise);
  }

  /// What takes a rule off: what was drawn by hand is taken back; else it is set to none where the
  /// style draws it.
  static Mend unruled(Subject subject, String words, Look look, Property rule) {
    List<Touches.Touch> drawn =
        subject.cascade().touches().each().stream()
            .filter(touch -> touch.property() == rule && !touch.setting().equals("none"))
            .toList();
    if (!drawn.isEmpty()) {
      return new Mend.Lift(words, drawn);
    }
    Optional<Selector> ofStyle =
        subject.cascade().chain().stream()
            .flatMap(style -> style.settings().entrySet().stream())
            .filter(one -> !one.getValue().getOrDefault(rule, "none").equals("none"))
            .map(Map.Entry::getKey)
            .filter(one -> !subject.cascade().touches().of(one).containsKey(rule))
            .findFirst();
    Selector selector = ofStyle.orElseGet(() -> from(look, rule, Selector.of(PartName.TABLE)));
    return new Mend.Touch("set", words, selector, rule, "none");
  }

  /// What sets a property right: what was set by hand against it is taken back; else it is set for
  /// the part.
  static Mend set(
      Subject subject, String words, Selector selector, Property property, String setting) {
    List<Touches.Touch> against =
        subject.cascade().touches().each().stream()
            .filter(touch -> touch.property() == property && !touch.setting().equals(setting))
            .filter(touch -> touch.selector() instanceof Selector.OfPlace)
            .toList();
    return against.isEmpty()
        ? new Mend.Touch("set", words, selector, property, setting)
        : new Mend.Lift(words, against);
  }
}
