package app.finish.desktop.model;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.TouchPlaces;
import app.finish.core.layout.CellBox;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Measure;
import app.finish.core.table.Table;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Predicate;

/// From a cell outward: the cell itself, its line, its measure, its part, the parts that this one
/// belongs to, the table. At each of these heights a look can be changed.
///
/// @param label its name for people
/// @param selectors what is set there: one selector, or one for each of several picked cells
/// @param ways for each selector what is set at all heights from the table to here, for the look as
///   it is here
/// @param covers which cells of the proof it covers
public record Heights(
    String label, List<Selector> selectors, List<List<Selector>> ways, Predicate<CellBox> covers) {

  private Heights(String label, Selector selector, List<Selector> way, Predicate<CellBox> covers) {
    this(label, List.of(selector), List.of(way), covers);
  }

  /// What is set at all heights from the table to here, for the first of the cells.
  public List<Selector> way() {
    return ways.getFirst();
  }

  /// What is set there for the first of the cells.
  public Selector selector() {
    return selectors.getFirst();
  }

  /// The heights over several cells, from special to general: those of the first cell, each with
  /// what the others have at the same height.
  ///
  /// @param cells at least one
  public static List<Heights> of(Shown shown, List<DressedCell> cells) {
    List<Heights> first = of(shown, cells.getFirst());
    for (DressedCell cell : cells.subList(1, cells.size())) {
      List<Heights> others = of(shown, cell);
      first = first.stream().map(height -> height.with(height.like(others))).toList();
    }
    return first;
  }

  /// The height among others that is of the same kind.
  private Optional<Heights> like(List<Heights> others) {
    return others.stream()
        .filter(other -> kind(other.selector()).equals(kind(selector())))
        .findFirst();
  }

  private static String kind(Selector selector) {
    return switch (selector) {
      case Selector.OfPlace place -> "place " + place.line();
      case Selector.OfPart part ->
          part.level() > 0
              ? "level"
              : part.part() == PartName.TABLE || part.part() == PartName.BODY
                  ? part.part().name()
                  : part.part().family().isPresent() ? "part" : "family";
      default -> selector.getClass().getSimpleName();
    };
  }

  private Heights with(Optional<Heights> other) {
    if (other.isEmpty() || selectors.contains(other.get().selector())) {
      return this;
    }
    List<Selector> more = new ArrayList<>(selectors);
    more.add(other.get().selector());
    String several =
        selector() instanceof Selector.OfPlace place
            ? Texts.of(place.line() ? "height.lines" : "height.cells", more.size())
            : label + ", " + other.get().label;
    List<List<Selector>> moreWays = new ArrayList<>(ways);
    moreWays.add(other.get().way());
    return new Heights(several, more, moreWays, covers.or(other.get().covers));
  }

  /// The heights over a cell, from special to general.
  public static List<Heights> of(Shown shown, DressedCell cell) {
    List<Heights> general = new ArrayList<>();
    Part part = cell.part();
    add(general, "height.everything", Selector.of(PartName.TABLE), box -> true);
    boolean figure = cell.place() instanceof CellMeaning.Body;
    if (figure && part.name() != PartName.BODY) {
      add(
          general,
          "",
          Selector.of(PartName.BODY),
          box -> box.cell().place() instanceof CellMeaning.Body);
    }
    part.name()
        .family()
        .ifPresent(
            family ->
                add(
                    general,
                    "",
                    Selector.of(family),
                    box -> box.cell().part().name().family().equals(Optional.of(family))));
    add(general, "", Selector.of(part.name()), box -> box.cell().part().name() == part.name());
    if (part.name() == PartName.HELD) {
      for (PartName stretch : List.of(PartName.HELD_NAME, PartName.HELD_MEMBER)) {
        List<Selector> way = new ArrayList<>(general.getLast().way());
        way.removeIf(one -> one instanceof Selector.OfPart of && of.part().isStretch());
        way.add(Selector.of(stretch));
        Predicate<CellBox> covers = general.getLast().covers;
        general.add(new Heights(stretch.label(), Selector.of(stretch), way, covers));
      }
    }
    if (part.level() > 0 && levels(shown, part.name()) > 1) {
      add(
          general,
          "",
          new Selector.OfPart(part.name(), part.level()),
          box -> box.cell().part().equals(part));
    }
    if (figure) {
      addMeasure(general, shown, (CellMeaning.Body) cell.place(), part);
    }
    addPlaces(general, shown, cell);
    return general.reversed();
  }

  /// The heights for many parts at once.
  public static List<Heights> many() {
    List<Heights> all = new ArrayList<>();
    all.add(many("height.everything", PartName.TABLE, box -> true));
    all.add(many("height.words", PartName.WORDS, Heights.in(PartName.WORDS)));
    all.add(many("height.heads", PartName.HEADS, Heights.in(PartName.HEADS)));
    all.add(
        many("height.stub", PartName.STUB, box -> box.cell().place() instanceof CellMeaning.Stub));
    all.add(
        many("height.body", PartName.BODY, box -> box.cell().place() instanceof CellMeaning.Body));
    all.add(many("height.totals", PartName.TOTALS, Heights.in(PartName.TOTALS)));
    all.add(
        new Heights(
            Texts.of("height.alternate"),
            new Selector.Alternate(),
            List.of(
                Selector.of(PartName.TABLE), Selector.of(PartName.BODY), new Selector.Alternate()),
            box -> box.cell().place() instanceof CellMeaning.Body));
    all.add(
        new Heights(
            Texts.of("height.alternateColumns"),
            new Selector.AlternateColumns(),
            List.of(
                Selector.of(PartName.TABLE),
                Selector.of(PartName.BODY),
                new Selector.AlternateColumns()),
            box -> box.cell().place() instanceof CellMeaning.Body));
    return all;
  }

  private static Predicate<CellBox> in(PartName family) {
    return box -> box.cell().part().name().family().equals(Optional.of(family));
  }

  private static Heights many(String label, PartName part, Predicate<CellBox> covers) {
    List<Selector> way = new ArrayList<>();
    way.add(Selector.of(PartName.TABLE));
    if (part != PartName.TABLE) {
      way.add(Selector.of(part));
    }
    return new Heights(Texts.of(label), Selector.of(part), way, covers);
  }

  private static void add(
      List<Heights> general, String label, Selector selector, Predicate<CellBox> covers) {
    List<Selector> way = new ArrayList<>(general.isEmpty() ? List.of() : general.getLast().way());
    way.add(selector);
    String name = label.isEmpty() ? named(selector) : Texts.of(label);
    general.add(new Heights(name, selector, way, covers));
  }

  private static String named(Selector selector) {
    String label = selector.label();
    return label.isEmpty()
        ? selector.toString()
        : label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1);
  }

  private static int levels(Shown shown, PartName name) {
    Table table = shown.arranged().table();
    return switch (name) {
      case STUB, GROUP_ROW -> table.down().depth();
      case SUBTOTAL_ROW -> table.down().depth() - 1;
      case SPANNER, SUBTOTAL_COLUMN -> table.across().depth() - 1;
      default -> 1;
    };
  }

  private static void addMeasure(
      List<Heights> general, Shown shown, CellMeaning.Body place, Part part) {
    Table table = shown.arranged().table();
    Measure measure = table.measureAt(place.row(), place.column());
    if (measure.name().isEmpty()) {
      return;
    }
    Predicate<CellBox> same =
        box ->
            box.cell().place() instanceof CellMeaning.Body body
                && table.measureAt(body.row(), body.column()).name().equals(measure.name());
    Selector.OfMeasure of = new Selector.OfMeasure(measure.name());
    add(general, "", new Selector.OfKind(measure.kind()), same);
    add(general, "", of, same);
    add(
        general,
        "",
        new Selector.OfBoth(Selector.of(part.name()), of),
        same.and(box -> box.cell().part().name() == part.name()));
  }

  private static void addPlaces(List<Heights> general, Shown shown, DressedCell cell) {
    Optional<Selector.OfPlace> line = TouchPlaces.of(shown.naming(), cell.place(), true);
    Optional<Selector.OfPlace> own = TouchPlaces.of(shown.naming(), cell.place(), false);
    line.ifPresent(
        selector -> {
          add(general, "", selector, box -> isOn(shown, selector, box));
          Heights last = general.removeLast();
          String label = Texts.of("height.line", selector.label());
          general.add(new Heights(label, selector, last.way(), last.covers));
        });
    own.ifPresent(
        selector ->
            add(general, "height.cell", selector, box -> box.cell().place().equals(cell.place())));
  }

  private static boolean isOn(Shown shown, Selector.OfPlace line, CellBox box) {
    Optional<Selector.OfPlace> here = TouchPlaces.of(shown.naming(), box.cell().place(), false);
    return here.isPresent() && TouchPlaces.isOn(line, here.get());
  }

  /// Whether the columns of a height can have a width.
  private static boolean hasColumns(Selector selector) {
    return switch (selector) {
      case Selector.OfPart(PartName part, int _) ->
          part == PartName.TABLE
              || part == PartName.BODY
              || part == PartName.STUB
              || part == PartName.SUBTOTAL_COLUMN
              || part == PartName.GRAND_TOTAL_COLUMN;
      case Selector.OfKind _, Selector.OfMeasure _ -> true;
      case Selector.OfPlace place -> place.line() && place.down().isEmpty();
      default -> false;
    };
  }

  /// The properties that mean something at a height.
  public List<Property> offered() {
    Selector selector = selector();
    boolean table = selector.equals(Selector.of(PartName.TABLE));
    boolean tint =
        selector instanceof Selector.Alternate || selector instanceof Selector.AlternateColumns;
    List<Property> offered = new ArrayList<>();
    boolean stretch = selector instanceof Selector.OfPart of && of.part().isStretch();
    if (stretch) {
      return List.of(Property.WEIGHT, Property.SLANT, Property.INK);
    }
    for (Property property : Property.values()) {
      boolean fits =
          switch (property.chapter()) {
            case TABLE, BOARD -> table;
            case PLACE -> property != Property.COLUMN_WIDTH || hasColumns(selector);
            case TINT -> tint;
            default -> true;
          };
      if (fits && property.chapter() != Property.Chapter.MARKS) {
        offered.add(property);
      }
    }
    if (tint) {
      offered.sort(
          (a, b) ->
              Boolean.compare(
                  b.chapter() == Property.Chapter.TINT, a.chapter() == Property.Chapter.TINT));
    }
    return offered;
  }
}
