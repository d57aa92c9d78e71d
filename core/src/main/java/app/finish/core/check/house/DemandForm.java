package app.finish.core.check.house;

import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import app.finish.core.check.house.HouseDemand.Breach;
import app.finish.core.check.house.HouseDemand.Subject;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.note.Description;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.problem.Refusal;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.words.Markup;
import app.finish.core.words.TitleUnits;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// The forms of demands that a house style can make, each a sentence.
enum DemandForm {
  COLUMNS("at most 8 columns", "at most (\\d+) columns") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return most(subject.dressed().columns(), said, "columns");
    }
  },
  ROWS("at most 30 rows", "at most (\\d+) rows") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return most(subject.band(DressedRow.Band.BODY).size(), said, "rows");
    }
  },
  TITLE_LENGTH("title of at most 90 letters", "titles? of at most (\\d+) letters") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return most(subject.table().words().title().length(), said, "letters in its title");
    }
  },
  FACE("face is Arial or Georgia", "faces? (?:is|are) (.+)") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      List<String> faces = Arrays.asList(said.group(1).strip().split("\\s+or\\s+|,\\s*"));
      List<Breach> breaches = new ArrayList<>();
      for (DressedCell cell : subject.cells()) {
        String face = cell.look().face();
        boolean other = faces.stream().noneMatch(face::equalsIgnoreCase) && !cell.text().isEmpty();
        if (other && breaches.isEmpty()) {
          breaches.add(
              at(
                  cell,
                  face,
                  faces.getFirst(),
                  cell.part().label() + " is set in " + face + ".",
                  touch(
                      "Set it in " + faces.getFirst(),
                      Selector.of(PartName.TABLE),
                      Property.FACE,
                      faces.getFirst())));
        }
      }
      return breaches;
    }
  },
  SIZE("size is at least 8 pt", "sizes? (?:is|are) at least ([0-9.]+) ?pt") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      double least = Double.parseDouble(said.group(1));
      return first(
          subject.cells(),
          cell -> !cell.text().isEmpty() && cell.look().size() < least - 0.01,
          cell ->
              at(
                  cell,
                  size(cell.look().size()),
                  size(least),
                  cell.part().label() + " is set in " + size(cell.look().size()) + ".",
                  touch(
                      "Set it in " + size(least),
                      Selector.of(cell.part().name()),
                      Property.SIZE,
                      size(least))));
    }
  },
  DECIMALS("every percent has 1 decimal", "every ([a-z]+) has (\\w+) decimals?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      MeasureKind kind = kind(said.group(1)).orElseThrow();
      int wanted = number(said.group(2));
      return first(
          subject.cells(),
          cell -> isFigure(subject, cell, kind) && decimals(subject, cell) != wanted,
          cell ->
              at(
                  cell,
                  cell.bareText(),
                  wanted + (wanted == 1 ? " decimal" : " decimals"),
                  "A " + kind.word() + " is written " + cell.bareText() + ".",
                  touch(
                      "Write all so", new Selector.OfKind(kind), Property.DECIMALS, "" + wanted)));
    }

    @Override
    void prove(Matcher said) {
      if (kind(said.group(1)).isEmpty() || number(said.group(2)) < 0) {
        throw new Refusal(
            "“"
                + said.group()
                + "” names no kind of measure or no number. Write one such as every percent has 1"
                + " decimal.");
      }
    }
  },
  TOTALS_BOLD("totals in bold", "totals? (?:is |are )?(?:in )?bold") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return first(
          subject.cells(),
          cell -> isTotal(cell) && !cell.look().bold() && !cell.text().isEmpty(),
          cell ->
              at(
                  cell,
                  "regular",
                  "bold",
                  cell.part().label() + " is not bold.",
                  touch("Set it bold", Selector.of(cell.part().name()), Property.WEIGHT, "bold")));
    }
  },
  NO_RED_WITH_GREEN("no red with green", "no red with green") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      Optional<DressedCell> red = inked(subject, -1);
      Optional<DressedCell> green = inked(subject, 1);
      return red.isPresent() && green.isPresent()
          ? List.of(at(red.get(), "red and green", "", "Red and green stand in one table."))
          : List.of();
    }
  },
  UNIT_LINE("a unit line on every table", "a units? line(?: on every table)?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return lacking(subject, PartName.UNITS, "line of units", unitsOfTitle(subject.table()));
    }
  },
  SOURCE_LINE("a source line on every table", "a source line(?: on every table)?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return lacking(subject, PartName.SOURCE, "source line");
    }
  },
  DESCRIPTION(
      "a description on every table", "an? (?:description|alternative text)(?: on every table)?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      String offered = Description.of(subject.table());
      return subject.described()
          ? List.of()
          : List.of(
              new Breach(
                  new Where.Part(PartName.TABLE.label()),
                  "",
                  offered,
                  "Nobody has written what the table shows, for those who can't see it.",
                  List.of(
                      new Mend.Reword(
                          "Take the one offered", PartName.TABLE, Markup.escaped(offered)))));
    }
  },
  TITLE("a title on every table", "a title(?: on every table)?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return lacking(subject, PartName.TITLE, "title");
    }
  },
  NO_VERTICAL_RULES("no vertical rules", "no vertical rules?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return first(
          subject.cells(),
          cell -> cell.look().ruleLeft().isDrawn() || cell.look().ruleRight().isDrawn(),
          cell -> at(cell, "a vertical rule", "none", "A vertical rule is drawn."));
    }
  },
  NO_FILLS("no fills", "no fills?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return first(
          subject.cells(),
          cell -> !cell.look().setting(Property.FILL).equals("none"),
          cell ->
              at(
                  cell,
                  cell.look().setting(Property.FILL),
                  "none",
                  cell.part().label() + " has a fill."));
    }
  },
  NO_EMPTY_CELLS("no empty cells", "no (?:empty|blank) cells") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return first(
          subject.cells(),
          cell ->
              cell.place() instanceof CellMeaning.Body(int row, int column)
                  && subject.table().body().at(row, column) instanceof Value.Missing
                  && cell.text().isBlank(),
          cell -> at(cell, "", "a figure or a sign", "A cell is empty."));
    }
  };

  private final String example;
  private final Pattern pattern;

  DemandForm(String example, String form) {
    this.example = example;
    this.pattern = Pattern.compile(form, Pattern.CASE_INSENSITIVE);
  }

  Pattern pattern() {
    return pattern;
  }

  String word() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /// An example of each form.
  static String examples() {
    return Arrays.stream(values())
        .map(form -> "“" + form.example + "”")
        .collect(Collectors.joining(", "))
        .replaceFirst(", (?=[^,]*$)", " or ");
  }

  /// What does not hold.
  abstract List<Breach> breaches(Subject subject, Matcher said);

  /// Makes sure that what a sentence names is there.
  void prove(Matcher said) {}

  private static List<Breach> most(int is, Matcher said, String what) {
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
  private static List<Mend> unitsOfTitle(Table table) {
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

  private static List<Breach> lacking(Subject subject, PartName part, String what) {
    return lacking(subject, part, what, List.of());
  }

  private static List<Breach> lacking(
      Subject subject, PartName part, String what, List<Mend> mends) {
    boolean there =
        subject.dressed().rows().stream()
            .anyMatch(row -> !row.isTable() && row.part().name() == part);
    return there
        ? List.of()
        : List.of(
            new Breach(
                new Where.Part(part.label()), "", what, "The table has no " + what + ".", mends));
  }

  private static List<Breach> first(
      List<DressedCell> cells, Predicate<DressedCell> which, Function<DressedCell, Breach> breach) {
    return cells.stream().filter(which).findFirst().map(breach).stream().toList();
  }

  private static Breach at(
      DressedCell cell, String is, String should, String sentence, Mend... mends) {
    return new Breach(
        new Where.Place(cell.place(), cell.part().label()), is, should, sentence, List.of(mends));
  }

  private static Mend touch(String words, Selector selector, Property property, String setting) {
    return new Mend.Touch("set", words, selector, property, setting);
  }

  private static String size(double points) {
    return String.format(
        Locale.ROOT, "%s pt", points == Math.rint(points) ? "" + (int) points : "" + points);
  }

  private static boolean isTotal(DressedCell cell) {
    return switch (cell.part().name()) {
      case SUBTOTAL_ROW, GRAND_TOTAL_ROW -> true;
      default -> false;
    };
  }

  private static boolean isFigure(Subject subject, DressedCell cell, MeasureKind kind) {
    return cell.place() instanceof CellMeaning.Body(int row, int column)
        && subject.table().body().at(row, column) instanceof Value.Numeric
        && subject.table().measureAt(row, column).kind() == kind;
  }

  private static int decimals(Subject subject, DressedCell cell) {
    return cell.place() instanceof CellMeaning.Body(int row, int column)
        ? WrittenDecimals.of(cell.bareText(), subject.table().body().number(row, column))
        : 0;
  }

  private static Optional<MeasureKind> kind(String word) {
    return Arrays.stream(MeasureKind.values())
        .filter(kind -> kind.word().equalsIgnoreCase(word))
        .findFirst();
  }

  private static int number(String word) {
    List<String> words = List.of("no", "one", "two", "three", "four");
    int named = words.indexOf(word.toLowerCase(Locale.ROOT));
    return named >= 0 ? named : word.matches("\\d") ? Integer.parseInt(word) : -1;
  }

  /// The first cell whose ink or fill is plainly red (−1) or green (1).
  private static Optional<DressedCell> inked(Subject subject, int hue) {
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

  private static boolean isHue(Colour colour, int hue) {
    int apart = colour.green() - colour.red();
    int other = hue > 0 ? colour.blue() : Math.max(colour.blue(), colour.green());
    int own = hue > 0 ? colour.green() : colour.red();
    return apart * hue > 40 && own - other > 25;
  }
}
