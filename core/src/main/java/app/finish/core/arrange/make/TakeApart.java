package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Branch;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.number.FigureGroup;
import app.finish.core.number.NumberReader;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.table.Body;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Takes the figures apart that stand together in the cells of a measure, each into a column of its
/// own.
///
/// ```java
/// new TakeApart("M (SD)"); // columns M and SD
/// ```
///
/// @param measure the measure, as its headings call it
public record TakeApart(String measure) implements Move {
  static final MoveKind KIND =
      new MoveKind("take apart", true, in -> new TakeApart(in.text("measure")));

  private static final Pattern NAMES =
      Pattern.compile("\\s*([^(\\[±]*?)\\s*[(\\[±]\\s*([^,)\\]]*)(?:,\\s*([^)\\]]*))?[)\\]]?\\s*");

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
    int place = columns.measure(measure);
    Table table = columns.table();
    int parts = parts(table, columns.roots(), place);
    if (parts == 0) {
      throw new NoPlace("no cell of “" + measure + "” holds several figures");
    }
    List<Measure> measures = new ArrayList<>(table.measures());
    List<String> names = names(parts);
    NumberReader reader =
        measures.get(place).reader().orElseGet(() -> MeasureColumns.reader(table));
    List<Integer> from = new ArrayList<>();
    List<Branch> roots = apart(columns.roots(), place, names, table, from);
    for (int part = 0; part < parts; part++) {
      measures.add(part(table, from, names, part, measures.get(place), reader));
    }
    int old = table.body().columns();
    Body body =
        Body.of(
            table.body().rows(),
            old + from.size() * parts,
            (row, column) ->
                column < old
                    ? table.body().at(row, column)
                    : part(
                        table.body().at(row, from.get((column - old) / parts)),
                        (column - old) % parts,
                        reader));
    Table wider =
        new Table(
            table.down(),
            columns.longer(from.size() * parts),
            measures,
            body,
            table.held(),
            table.words(),
            moved(table, from, parts));
    return columns.with(wider, roots);
  }

  /// The marks of cells stand at the first of their figures.
  private static Marks moved(Table table, List<Integer> from, int parts) {
    Map<Spot, String> marks = new HashMap<>(table.marks().byPlace());
    int old = table.body().columns();
    table
        .marks()
        .byPlace()
        .forEach(
            (spot, mark) -> {
              if (spot instanceof Spot.Figure(int row, int column) && from.contains(column)) {
                marks.put(new Spot.Figure(row, old + from.indexOf(column) * parts), mark);
              }
            });
    return table.marks().withMarks(marks);
  }

  private static int parts(Table table, List<Branch> branches, int place) {
    int most = 0;
    for (Branch branch : branches) {
      if (!branch.isLeaf()) {
        most = Math.max(most, parts(table, branch.children(), place));
      } else if (MeasureColumns.isOf(branch, place)) {
        for (int row = 0; row < table.body().rows(); row++) {
          String text = table.body().at(row, branch.sourceLeaf()).written();
          most = Math.max(most, FigureGroup.of(text).size());
        }
      }
    }
    return most;
  }

  /// What the parts are called: as the name tells, or as is usual.
  private List<String> names(int parts) {
    Matcher matcher = NAMES.matcher(measure);
    List<String> names = new ArrayList<>();
    if (matcher.matches()) {
      for (int group = 1; group <= 3; group++) {
        Optional.ofNullable(matcher.group(group))
            .map(String::strip)
            .filter(name -> !name.isEmpty())
            .ifPresent(names::add);
      }
    }
    boolean interval = measure.toLowerCase(Locale.ROOT).matches(".*(\\bci\\b|interval).*");
    if (names.size() == parts - 1 && interval && parts == 3) {
      return List.of(names.getFirst(), "LL", "UL");
    }
    if (names.size() == parts) {
      return names;
    }
    List<String> usual = new ArrayList<>();
    if (interval && parts == 2) {
      return List.of("LL", "UL");
    }
    for (int part = 1; part <= parts; part++) {
      usual.add(measure + " " + part);
    }
    return usual;
  }

  private List<Branch> apart(
      List<Branch> branches, int place, List<String> names, Table table, List<Integer> from) {
    List<Branch> all = new ArrayList<>();
    for (Branch branch : branches) {
      if (!branch.isLeaf()) {
        all.add(branch.withChildren(apart(branch.children(), place, names, table, from)));
      } else if (MeasureColumns.isOf(branch, place)) {
        int first = table.body().columns() + from.size() * names.size();
        from.add(branch.sourceLeaf());
        for (int part = 0; part < names.size(); part++) {
          all.add(
              new Branch(
                  names.get(part),
                  names.get(part),
                  branch.role(),
                  OptionalInt.of(table.measures().size() + part),
                  List.of(),
                  List.of(first + part),
                  Optional.empty()));
        }
      } else {
        all.add(branch);
      }
    }
    return all;
  }

  private static Measure part(
      Table table,
      List<Integer> from,
      List<String> names,
      int part,
      Measure whole,
      NumberReader reader) {
    int decimals = 0;
    boolean percent = false;
    for (int column : from) {
      for (int row = 0; row < table.body().rows(); row++) {
        List<String> figures = FigureGroup.of(table.body().at(row, column).written());
        if (part < figures.size()) {
          decimals = Math.max(decimals, decimals(figures.get(part), reader));
          percent |= figures.get(part).endsWith("%");
        }
      }
    }
    boolean interval = whole.kind() == MeasureKind.INTERVAL || part > 0 && names.size() == 3;
    MeasureKind kind =
        interval
            ? MeasureKind.INTERVAL
            : part == 0 ? whole.kind() : whole.bracketed().orElse(MeasureKind.VALUE);
    return new Measure(names.get(part), kind, percent ? "%" : "", decimals);
  }

  private static int decimals(String figure, NumberReader reader) {
    return reader.read(figure).map(number -> WrittenDecimals.of(figure, number.value())).orElse(0);
  }

  private static Value part(Value value, int part, NumberReader reader) {
    List<String> figures = FigureGroup.of(value.written());
    if (figures.isEmpty()) {
      return part == 0 ? value : value instanceof Value.Missing ? value : Value.BLANK;
    }
    if (part >= figures.size()) {
      return Value.BLANK;
    }
    String written = figures.get(part);
    return reader
        .read(written)
        .map(number -> Value.number(number.value(), written))
        .orElse(Value.text(written));
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.WHOLE;
  }

  @Override
  public String words(Levels levels) {
    return "Take “" + measure + "” apart";
  }

  @Override
  public void write(MoveWriting out) {
    out.put("measure", measure);
  }
}
