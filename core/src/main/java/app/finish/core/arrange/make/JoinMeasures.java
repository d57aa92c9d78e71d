package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.move.Setting;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;

/// Writes two measures into one cell: *M* (*SD*), *n* (%), [LL, UL].
///
/// ```java
/// new JoinMeasures("M", "SD", JoinMeasures.Form.BRACKETS, "M (SD)");
/// ```
///
/// @param first the measure that stands first, as its headings call it
/// @param second the other
/// @param form how they stand together
/// @param name what both are called
public record JoinMeasures(String first, String second, Form form, String name) implements Move {
  /// How two figures stand together.
  public enum Form {
    /// 2.41 (0.62)
    BRACKETS,
    /// [1.2, 3.4]
    INTERVAL,
    /// 2.41 ± 0.62
    PLUS_MINUS;

    String written(String one, String other) {
      if (one.isEmpty() || other.isEmpty()) {
        return one + (other.isEmpty() || this != BRACKETS ? other : "(" + other + ")");
      }
      return switch (this) {
        case BRACKETS -> one + " (" + other + ")";
        case INTERVAL -> "[" + one + parted(one + other) + other + "]";
        case PLUS_MINUS -> one + " ± " + other;
      };
    }
  }

  /// What parts the limits of an interval; no comma where one is in the figures.
  private static String parted(String figures) {
    return figures.indexOf(',') >= 0 ? "; " : ", ";
  }

  static final MoveKind KIND =
      new MoveKind(
          "join measures",
          true,
          in ->
              new JoinMeasures(
                  in.text("first"), in.text("second"), form(in.text("form")), in.text("name")));

  private static Form form(String word) {
    for (Form form : Form.values()) {
      if (form.name().equalsIgnoreCase(word)) {
        return form;
      }
    }
    return Form.BRACKETS;
  }

  /// What two measures are called together.
  public static String usualName(String first, String second, Form form) {
    return form == Form.INTERVAL
        ? "[" + first + ", " + second + "]"
        : form == Form.PLUS_MINUS ? first + " ± " + second : first + " (" + second + ")";
  }

  @Override
  public Concern concern() {
    return Concern.FIGURES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    MeasureColumns columns = MeasureColumns.of(at.trees());
    int one = columns.measure(first);
    int other = columns.measure(second);
    Table table = columns.table();
    Map<Spot.Figure, Value> values = new HashMap<>();
    List<Branch> roots = joined(columns.roots(), one, other, table, values);
    if (values.isEmpty()) {
      throw new NoPlace("“" + first + "” and “" + second + "” never stand side by side");
    }
    List<Measure> measures = new ArrayList<>(table.measures());
    Measure of = measures.get(one);
    Optional<MeasureKind> bracketed =
        form == Form.INTERVAL ? Optional.empty() : Optional.of(measures.get(other).kind());
    MeasureKind kind = form == Form.INTERVAL ? MeasureKind.INTERVAL : of.kind();
    measures.add(
        new Measure(
            Markup.plain(name),
            kind,
            "",
            of.decimals(),
            bracketed,
            Optional.of(MeasureColumns.reader(table)),
            of.precise()));
    return columns.with(table.withBody(table.body().with(values)).withMeasures(measures), roots);
  }

  private List<Branch> joined(
      List<Branch> branches, int one, int other, Table table, Map<Spot.Figure, Value> values) {
    Optional<Branch> left = named(branches, one);
    Optional<Branch> right = named(branches, other);
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (left.isPresent() && right.isPresent() && branch == left.get()) {
        join(branch.sourceLeaf(), right.get().sourceLeaf(), one, other, table, values);
        all.add(
            new Branch(
                Markup.plain(name),
                name,
                branch.role(),
                OptionalInt.of(table.measures().size()),
                List.of(),
                List.of(branch.sourceLeaf()),
                branch.origin()));
      } else if (left.isEmpty() || right.isEmpty() || branch != right.get()) {
        List<Branch> inside =
            branch.isLeaf() ? List.of() : joined(branch.children(), one, other, table, values);
        all.add(branch.isLeaf() ? branch : lone(branch.withChildren(inside)));
      }
    }
    return all;
  }

  /// A group of nothing but the two is their column, under the group's name (no spanner stands over
  /// one column: APA 7, 7.12).
  private Branch lone(Branch group) {
    boolean only = group.children().size() == 1 && group.children().getFirst().typed().equals(name);
    if (!only || form != Form.INTERVAL) {
      return group;
    }
    Branch leaf = group.children().getFirst();
    return new Branch(
        group.label(),
        group.typed(),
        leaf.role(),
        leaf.measure(),
        List.of(),
        List.of(leaf.sourceLeaf()),
        group.origin());
  }

  private static Optional<Branch> named(List<Branch> branches, int measure) {
    return branches.stream().filter(branch -> MeasureColumns.isOf(branch, measure)).findFirst();
  }

  private void join(
      int left, int right, int one, int other, Table table, Map<Spot.Figure, Value> values) {
    Measure before = table.measures().get(one);
    Measure behind = table.measures().get(other);
    for (int row = 0; row < table.body().rows(); row++) {
      Value first = table.body().at(row, left);
      String text =
          form.written(
              MeasureColumns.written(first, before),
              MeasureColumns.written(table.body().at(row, right), behind)
                  .replaceFirst("\\s*%$", ""));
      values.put(new Spot.Figure(row, left), text.isEmpty() ? first : Value.text(text));
    }
  }

  @Override
  public boolean namesRichly() {
    return Markup.isMarked(name);
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return switch (form) {
      case BRACKETS -> "Write “" + second + "” in brackets behind “" + first + "”";
      case INTERVAL -> "Write “" + first + "” and “" + second + "” as an interval";
      case PLUS_MINUS -> "Write “" + second + "” behind “" + first + "” with ±";
    };
  }

  @Override
  public void write(MoveWriting out) {
    out.put("first", first)
        .put("second", second)
        .put("form", form.name().toLowerCase(Locale.ROOT))
        .put("name", name);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written(
            "what both are called", name, text -> new JoinMeasures(first, second, form, text)));
  }
}
