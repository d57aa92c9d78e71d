package app.finish.core.check.house;

import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import app.finish.core.check.house.HouseDemand.Breach;
import app.finish.core.check.house.HouseDemand.Subject;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.words.TitleUnits;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Matcher;

/// What the forms of demands ask of a table in common.
final class Breaches {
  private Breaches() {}

  static List<Breach> most(int is, Matcher said, String what) {
    int most = Integer.parseInt(said.group(1));
    return is <= most
        ? List.of()
        : List.of(
            new Breach(
                new Where.Part(PartName.TABLE.label()),
                is + " " + what,
                "at most " + most,
                "The table has " + is + " " + what + ".",
                List.of()));
  }

  /// What moves the units from the end of a title to a line of their own.
  static List<Mend> unitsOfTitle(Table table) {
    String typed = table.words().typed(table.words().title());
    return TitleUnits.of(typed)
        .<Mend>map(
            units ->
                new Mend.Several(
                    "Move “" + units.units() + "” there from the title",
                    List.of(
                        new Mend.Reword("", PartName.TITLE, units.title()),
                        new Mend.Reword("", PartName.UNITS, units.units()))))
        .stream()
        .toList();
  }

  static List<Breach> lacking(Subject subject, PartName part, String what) {
    return lacking(subject, part, what, List.of());
  }

  static List<Breach> lacking(Subject subject, PartName part, String what, List<Mend> mends) {
    boolean there =
        subject.dressed().rows().stream()
            .anyMatch(row -> !row.isTable() && row.part().name() == part);
    return there
        ? List.of()
        : List.of(
            new Breach(
                new Where.Part(part.label()), "", what, "The table has no " + what + ".", mends));
  }

  static List<Breach> first(
      List<DressedCell> cells, Predicate<DressedCell> which, Function<DressedCell, Breach> breach) {
    return cells.stream().filter(which).findFirst().map(breach).stream().toList();
  }

  static Breach at(DressedCell cell, String is, String should, String sentence, Mend... mends) {
    return new Breach(
        new Where.Place(cell.place(), cell.part().label()), is, should, sentence, List.of(mends));
  }

  static Mend touch(String words, Selector selector, Property property, String setting) {
    return new Mend.Touch("set", words, selector, property, setting);
  }

  static String size(double points) {
    return String.format(
        Locale.ROOT, "%s pt", points == Math.rint(points) ? "" + (int) points : "" + points);
  }

  static boolean isTotal(DressedCell cell) {
    return switch (cell.part().name()) {
      case SUBTOTAL_ROW, GRAND_TOTAL_ROW -> true;
      default -> false;
    };
  }

  static boolean isFigure(Subject subject, DressedCell cell, MeasureKind kind) {
    return cell.place() instanceof CellMeaning.Body(int row, int column)
        && subject.table().body().at(row, column) instanceof Value.Numeric
        && subject.table().measureAt(row, column).kind() == kind;
  }

  static int decimals(Subject subject, DressedCell cell) {
    return cell.place() instanceof CellMeaning.Body(int row, int column)
        ? WrittenDecimals.of(cell.bareText(), subject.table().body().number(row, column))
        : 0;
  }

  static Optional<MeasureKind> kind(String word) {
    return Arrays.stream(MeasureKind.values())
        .filter(kind -> kind.word().equalsIgnoreCase(word))
        .findFirst();
  }

  static int number(String word) {
    List<String> words = List.of("no", "one", "two", "three", "four");
    int named = words.indexOf(word.toLowerCase(Locale.ROOT));
    return named >= 0 ? named : word.matches("\\d") ? Integer.parseInt(word) : -1;
  }

  /// The first cell whose ink or fill is plainly red (−1) or green (1).
  static Optional<DressedCell> inked(Subject subject, int hue) {
    return subject.cells().stream()
        .filter(
            cell -> {
              String fill = cell.look().setting(Property.FILL);
              boolean ink = !cell.text().isEmpty() && isHue(cell.look().ink(), hue);
              return ink
                  || !fill.equals("none")
                      && !fill.startsWith("mix")
                      && isHue(subject.dressed().palette().colour(fill), hue);
            })
        .findFirst();
  }

  static boolean isHue(Colour colour, int hue) {
    int apart = colour.green() - colour.red();
    int other = hue > 0 ? colour.blue() : Math.max(colour.blue(), colour.green());
    int own = hue > 0 ? colour.green() : colour.red();
    return apart * hue > 40 && own - other > 25;
  }
}
