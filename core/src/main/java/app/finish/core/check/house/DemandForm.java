package app.finish.core.check.house;

import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import app.finish.core.check.house.HouseDemand.Breach;
import app.finish.core.check.house.HouseDemand.Subject;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.note.Description;
import app.finish.core.problem.Refusal;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;
import app.finish.core.words.Markup;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/// The forms of demands that a house style can make, each a sentence.
enum DemandForm {
  COLUMNS("at most 8 columns", "at most (\\d+) columns") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.most(subject.dressed().columns(), said, "columns");
    }
  },
  ROWS("at most 30 rows", "at most (\\d+) rows") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.most(subject.band(DressedRow.Band.BODY).size(), said, "rows");
    }
  },
  TITLE_LENGTH("title of at most 90 letters", "titles? of at most (\\d+) letters") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.most(subject.table().words().title().length(), said, "letters in its title");
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
              Breaches.at(
                  cell,
                  face,
                  faces.getFirst(),
                  cell.part().label() + " is set in " + face + ".",
                  Breaches.touch(
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
      return Breaches.first(
          subject.cells(),
          cell -> !cell.text().isEmpty() && cell.look().size() < least - 0.01,
          cell ->
              Breaches.at(
                  cell,
                  Breaches.size(cell.look().size()),
                  Breaches.size(least),
                  cell.part().label() + " is set in " + Breaches.size(cell.look().size()) + ".",
                  Breaches.touch(
                      "Set it in " + Breaches.size(least),
                      Selector.of(cell.part().name()),
                      Property.SIZE,
                      Breaches.size(least))));
    }
  },
  DECIMALS("every percent has 1 decimal", "every ([a-z]+) has (\\w+) decimals?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      MeasureKind kind = Breaches.kind(said.group(1)).orElseThrow();
      int wanted = Breaches.number(said.group(2));
      return Breaches.first(
          subject.cells(),
          cell ->
              Breaches.isFigure(subject, cell, kind) && Breaches.decimals(subject, cell) != wanted,
          cell ->
              Breaches.at(
                  cell,
                  cell.bareText(),
                  wanted + (wanted == 1 ? " decimal" : " decimals"),
                  "A " + kind.word() + " is written " + cell.bareText() + ".",
                  Breaches.touch(
                      "Write all so", new Selector.OfKind(kind), Property.DECIMALS, "" + wanted)));
    }

    @Override
    void prove(Matcher said) {
      if (Breaches.kind(said.group(1)).isEmpty() || Breaches.number(said.group(2)) < 0) {
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
      return Breaches.first(
          subject.cells(),
          cell -> Breaches.isTotal(cell) && !cell.look().bold() && !cell.text().isEmpty(),
          cell ->
              Breaches.at(
                  cell,
                  "regular",
                  "bold",
                  cell.part().label() + " is not bold.",
                  Breaches.touch(
                      "Set it bold", Selector.of(cell.part().name()), Property.WEIGHT, "bold")));
    }
  },
  NO_RED_WITH_GREEN("no red with green", "no red with green") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      Optional<DressedCell> red = Breaches.inked(subject, -1);
      Optional<DressedCell> green = Breaches.inked(subject, 1);
      return red.isPresent() && green.isPresent()
          ? List.of(
              Breaches.at(red.get(), "red and green", "", "Red and green stand in one table."))
          : List.of();
    }
  },
  UNIT_LINE("a unit line on every table", "a units? line(?: on every table)?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.lacking(
          subject, PartName.UNITS, "line of units", Breaches.unitsOfTitle(subject.table()));
    }
  },
  SOURCE_LINE("a source line on every table", "a source line(?: on every table)?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.lacking(subject, PartName.SOURCE, "source line");
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
      return Breaches.lacking(subject, PartName.TITLE, "title");
    }
  },
  NO_VERTICAL_RULES("no vertical rules", "no vertical rules?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.first(
          subject.cells(),
          cell -> cell.look().ruleLeft().isDrawn() || cell.look().ruleRight().isDrawn(),
          cell -> Breaches.at(cell, "a vertical rule", "none", "A vertical rule is drawn."));
    }
  },
  NO_FILLS("no fills", "no fills?") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.first(
          subject.cells(),
          cell -> !cell.look().setting(Property.FILL).equals("none"),
          cell ->
              Breaches.at(
                  cell,
                  cell.look().setting(Property.FILL),
                  "none",
                  cell.part().label() + " has a fill."));
    }
  },
  NO_EMPTY_CELLS("no empty cells", "no (?:empty|blank) cells") {
    @Override
    List<Breach> breaches(Subject subject, Matcher said) {
      return Breaches.first(
          subject.cells(),
          cell ->
              cell.place() instanceof CellMeaning.Body(int row, int column)
                  && subject.table().body().at(row, column) instanceof Value.Missing
                  && cell.text().isBlank(),
          cell -> Breaches.at(cell, "", "a figure or a sign", "A cell is empty."));
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
}
