package app.finish.core.style;

import app.finish.core.problem.Refusal;
import java.util.List;
import java.util.Optional;
import java.util.regex.Pattern;

/// The properties of a look. Each has a written form, which is checked when a style is read.
public enum Property {
  /// The face, by the name that publishers use: "Times New Roman".
  FACE("Face", ".+"),
  /// "9.5 pt", or "90%" of what is inherited.
  SIZE("Size", "[0-9]+(\\.[0-9]+)? ?(pt|%)"),
  /// "regular" or "bold".
  WEIGHT("Weight", "regular|bold"),
  /// "upright" or "italic".
  SLANT("Slant", "upright|italic"),
  /// "none", "single" or "double".
  UNDERLINE("Underline", "none|single|double"),
  /// "none" or "single": a line through the text.
  STRIKE("Strike", "none|single"),
  /// A role of the palette, a tint of one on paper or a shade of one towards black: "accent",
  /// "accent 20%", "accent shade 30%"; a colour of its own: "#0b3d2e"; "readable" for ink or paper,
  /// whichever reads better on the fill.
  INK("Ink", Form.INK),
  /// "none", an ink, or a mixture of two: "mix bad 30%, good 30%, 40%".
  FILL("Fill", "none|" + Form.INK + "|mix " + Form.INK + ", " + Form.INK + ", [0-9]{1,3}%"),
  /// "start", "centre", "end", "decimal" (on the point, to the end), "decimal centre".
  ALIGN("Alignment", "start|centre|end|decimal|decimal centre"),
  /// "as usual" (heads and figures at the foot of their cells, headings of several rows at the
  /// top), "top", "middle" or "bottom".
  VERTICAL("Vertical place", "as usual|top|middle|bottom"),
  /// What becomes of a text that is too long for its line: "break" it, or "shorten" it with an
  /// ellipsis.
  LONG_TEXTS("Long texts", "break|shorten"),
  /// "as written" or "title".
  LETTER_CASE("Letter case", "as written|title"),
  /// Distance of lines as a multiple of the size.
  LINE_HEIGHT("Line height", Form.NUMBER),
  /// Points above the text.
  PADDING_ABOVE("Space above", Form.POINTS),
  /// Points below the text.
  PADDING_BELOW("Space below", Form.POINTS),
  /// Points at either side of the text.
  PADDING_SIDES("Space at the sides", Form.POINTS),
  /// Points of indent for each level of the stub.
  INDENT("Indent", Form.POINTS),
  /// "content", or the least height of a row in points.
  ROW_HEIGHT("Row height", "content|" + Form.POINTS),
  /// "none", or weight, ink, kind, reach, gap and whether it stays where its row is set aside: "1
  /// pt ink", "0.5 pt accent dotted spanned", "0.75 pt ink double figures gap 3 pt stays".
  RULE_ABOVE("Rule above", Form.RULE),
  /// As above.
  RULE_BELOW("Rule below", Form.RULE),
  /// As above.
  RULE_LEFT("Rule left", Form.RULE),
  /// As above.
  RULE_RIGHT("Rule right", Form.RULE),
  /// As above: between the rows of a part.
  RULE_BETWEEN_ROWS("Lines between rows", Form.RULE),
  /// As above: between the columns of a part.
  RULE_BETWEEN_COLUMNS("Lines between columns", Form.RULE),
  /// "in full", "thousands" (1.2 k), "millions" (1.2 M) or "as large" (whichever is short).
  LARGE_NUMBERS("Large numbers", "in full|thousands|millions|as large"),
  /// A number, or "as written" for the most that the measure was written with.
  DECIMALS("Decimals", "as written|[0-9]"),
  /// What parts thousands: "comma", "point", "space", "none".
  GROUPING("Thousands", "comma|point|space|none"),
  /// "point" or "comma".
  DECIMAL_MARK("Decimal mark", "point|comma"),
  /// "minus", "hyphen" or "parentheses".
  NEGATIVE("Negatives", "minus|hyphen|parentheses"),
  /// What stands for a missing value.
  MISSING("Missing", ".*"),
  /// "yes" or "no".
  ZERO_BEFORE_POINT("Zero before the point", "yes|no"),
  /// Where % and currency stand: "cell" or "head".
  UNIT_PLACE("Unit", "cell|head"),
  /// Whether a currency sign stands "before" or "after" its figure.
  CURRENCY("Currency sign", "before|after"),
  /// Whether a percent sign stands "close" to its figure or "spaced" from it.
  PERCENT("Percent sign", "close|spaced"),
  /// What stands before the text, such as "Note." before a note.
  LEAD_IN("Lead-in", ".*"),
  /// By which signs notes are tied to their places: "as came", or letters where none came;
  /// "letters" a, b, c, "numbers" 1, 2, 3, or "signs" *, †, ‡.
  NOTE_SIGNS("Signs of notes", "as came|letters|numbers|signs"),
  /// Whether each note on single places has "lines" of its own, or they "run on".
  NOTE_FORM("Notes on places", "lines|run on"),
  /// What stands before a figure.
  BEFORE("Before the figure", ".*"),
  /// What stands behind a figure.
  AFTER("Behind the figure", ".*"),
  /// What stands in a figure's stead: "figure" for the figure itself.
  INSTEAD("In its stead", ".*"),
  /// "none", or a bar in the cell: its ink, where zero is and where it ends, as shares of the room
  /// between the least and the greatest; "alone" for no figure: "accent 0.2 0.75 alone".
  BAR("Bar", "none|" + Form.INK + " [01]\\.[0-9]+ [01]\\.[0-9]+( alone)?"),
  /// "none", or a sign, where it stands and its ink: "before up good".
  SIGN(
      "Sign",
      "none|(before|after|alone) (up|down|flat|rising|falling|dot|ring|square|diamond|cross|tick)"
          + " "
          + Form.INK),
  /// "none", or a line over figures and its ink, each figure as a share of the room between the
  /// least and the greatest: "accent 0.1,0.55,-,1".
  TREND("Trend line", "none|" + Form.INK + " [0-9.,-]+"),
  /// Points between the words above and below and the table itself.
  GAP("Space around the table", Form.POINTS),
  /// "indented" (one stub column, groups as rows) or "columns" (a stub column a level).
  STUB_FORM("Stub", "indented|columns"),
  /// Of the words that stand before numbers and notes, and of the marks in figures where nothing
  /// sets them: "as it reads", or a language by its name.
  LANGUAGE("Language", "as it reads|English|German|French|Spanish|Italian|Portuguese|Dutch"),
  /// "content" (as wide as it must be), "page" (as wide as the page) or a width in points.
  WIDTH("Table width", "content|page|" + Form.POINTS),
  /// Of columns: "content", "even" (as wide as the widest), a width in points, or a share of the
  /// width that all columns have by their content. Set for the table it is of those with figures.
  COLUMN_WIDTH("Column width", "content|even|" + Form.POINTS + "|" + Form.NUMBER + "%"),
  /// The least size that the table may be set in to fit a page, in points.
  LEAST_SIZE("Least size", Form.POINTS),
  /// "none", or weight and ink of a frame around the table.
  FRAME("Frame", "none|" + Form.POINTS + " " + Form.INK),
  /// How far the corners of the frame are rounded, in points.
  RADIUS("Corner radius", Form.POINTS),
  /// Of an alternate tint: one of so many rows, columns or bands of them bears it.
  EVERY("One of", "[1-9]"),
  /// Of an alternate tint: how many rows or columns bear it together.
  TOGETHER("In a band", "[1-9]"),
  /// Of an alternate tint: the first that bears it, counted from 1.
  FROM("Beginning with", "[1-9]"),
  /// Of an alternate tint: counted anew "in groups", or "through".
  COUNTED("Counted", "in groups|through"),
  /// Of an alternate tint: whether it is over the "body" only, or over "totals" too.
  OVER("Over", "body|totals"),
  /// On a board: where title and number stand, "above" the table, "below" it, or "hidden".
  TITLE_PLACE("Title", "above|below|hidden"),
  /// On a board: whether heads are "shown" or "hidden"; a reader of the screen has them.
  HEADS_SHOWN("Heads", "shown|hidden"),
  /// On a board: whether what its readers sort, find and fold with is "shown" or "hidden".
  TOOLS("Tools", "shown|hidden"),
  /// On a board: "all" rows in one list, or so many at once, in pages.
  ROWS_AT_ONCE("Rows at once", "all|[1-9][0-9]{0,3}"),
  /// On a board: whether the last grand total "stays" in sight while rows go by, or goes "along".
  GRAND_TOTAL("Grand total", "stays|along"),
  /// On a board in a narrow window: whether the table "scrolls" in its box, or each row becomes a
  /// card ("cards").
  NARROW("In a narrow window", "scrolls|cards"),
  /// On a board that hangs on a wall: "same size" as at a desk, or "larger".
  ON_A_WALL("On a wall", "same size|larger"),
  /// What lies behind the tables of a board: "as the reader's system", or an ink.
  BACKDROP("Behind the tables", "as the reader's system|" + Form.INK);

  private static final class Form {
    static final String INK = "(?:[a-z][a-zA-Z]*(?: (?:shade )?[0-9]{1,3}%)?|#[0-9a-fA-F]{6})";
    static final String NUMBER = "[0-9]+(\\.[0-9]+)?";
    static final String POINTS = NUMBER + " ?pt";
    static final String RULE =
        "none|"
            + POINTS
            + " "
            + INK
            + "( (single|double|dotted))?( (full|spanned|figures))?( gap "
            + POINTS
            + ")?( stays)?";
  }

  /// What a property is about.
  public enum Chapter {
    /// Face, size, weight, ink.
    TYPE("Type"),
    /// Where a text stands and how much room it has.
    PLACE("Place and space"),
    /// Drawn lines.
    RULES("Rules"),
    /// How numbers are written.
    NUMBERS("Numbers"),
    /// What is set for the table as a whole.
    TABLE("The table as a whole"),
    /// The tint of every other row or column.
    TINT("Alternate tint"),
    /// What stands or is drawn beside a figure by its value; highlights set it.
    MARKS("Marks by value"),
    /// What is only on a board.
    BOARD("The board");

    private final String label;

    Chapter(String label) {
      this.label = label;
    }

    /// Its name for people.
    public String label() {
      return label;
    }
  }

  private final String label;
  private final Pattern form;

  Property(String label, String form) {
    this.label = label;
    this.form = Pattern.compile(form);
  }

  /// Its name for people.
  public String label() {
    return label;
  }

  /// Its name in files: "ruleAbove".
  public String word() {
    return CamelCase.of(this);
  }

  /// What it is about.
  public Chapter chapter() {
    return switch (this) {
      case FACE,
          SIZE,
          WEIGHT,
          SLANT,
          UNDERLINE,
          STRIKE,
          INK,
          FILL,
          LETTER_CASE,
          LEAD_IN,
          NOTE_SIGNS,
          NOTE_FORM ->
          Chapter.TYPE;
      case BAR, SIGN, TREND, BEFORE, AFTER, INSTEAD -> Chapter.MARKS;
      case ALIGN,
          VERTICAL,
          LONG_TEXTS,
          LINE_HEIGHT,
          PADDING_ABOVE,
          PADDING_BELOW,
          PADDING_SIDES,
          INDENT,
          ROW_HEIGHT,
          COLUMN_WIDTH ->
          Chapter.PLACE;
      case RULE_ABOVE, RULE_BELOW, RULE_LEFT, RULE_RIGHT, RULE_BETWEEN_ROWS, RULE_BETWEEN_COLUMNS ->
          Chapter.RULES;
      case LARGE_NUMBERS,
          DECIMALS,
          GROUPING,
          DECIMAL_MARK,
          NEGATIVE,
          MISSING,
          ZERO_BEFORE_POINT,
          UNIT_PLACE,
          CURRENCY,
          PERCENT ->
          Chapter.NUMBERS;
      case LANGUAGE, GAP, STUB_FORM, WIDTH, LEAST_SIZE, FRAME, RADIUS -> Chapter.TABLE;
      case EVERY, TOGETHER, FROM, COUNTED, OVER -> Chapter.TINT;
      case TITLE_PLACE,
          HEADS_SHOWN,
          TOOLS,
          ROWS_AT_ONCE,
          GRAND_TOTAL,
          NARROW,
          ON_A_WALL,
          BACKDROP ->
          Chapter.BOARD;
    };
  }

  /// The settings that it can have, if they can be listed; empty if it is a number or a text.
  public List<String> choices() {
    String all = form.pattern();
    boolean listed = all.matches("[a-zA-Z |]+");
    return switch (this) {
      case DECIMALS -> List.of("as written", "0", "1", "2", "3", "4");
      case EVERY -> List.of("2", "3", "4", "5");
      case TOGETHER -> List.of("1", "2", "3", "4", "5");
      case FROM -> List.of("1", "2", "3", "4", "5");
      case ROWS_AT_ONCE -> List.of("all", "10", "25", "50", "100");
      default -> listed ? List.of(all.split("\\|")) : List.of();
    };
  }

  /// The form of its settings, as a regular expression that a whole setting matches.
  public String form() {
    return form.pattern();
  }

  /// Whether a setting has the form that this property asks for.
  public boolean accepts(String setting) {
    return form.matcher(setting).matches();
  }

  /// Checks a setting.
  ///
  /// @throws app.finish.core.problem.Refusal in words for the person, if it has another form
  public void check(String setting) {
    if (!accepts(setting)) {
      List<String> choices = choices();
      String form =
          choices.isEmpty()
              ? example()
              : String.join(", ", choices).replaceFirst(", (?=[^,]*$)", " or ");
      throw new Refusal(label + " can't be “" + setting + "”. Write " + form + ".");
    }
  }

  private String example() {
    return switch (this) {
      case SIZE -> "points or a share, such as 9.5 pt or 90%";
      case INK, FILL ->
          "a role of the palette, a tint or a shade of it, such as accent, accent 20% or accent"
              + " shade 30%, or a colour, such as #0b3d2e";
      case RULE_ABOVE, RULE_BELOW, RULE_LEFT, RULE_RIGHT, RULE_BETWEEN_ROWS, RULE_BETWEEN_COLUMNS ->
          "none, or weight and ink, such as 0.5 pt ink double";
      case LINE_HEIGHT -> "a number, such as 1.3";
      case FRAME -> "none, or weight and ink, such as 1 pt ink";
      case COLUMN_WIDTH ->
          "content, even, points or a share of the table's width, such as 60 pt or 25%";
      case BACKDROP -> "as the reader's system, or an ink, such as paper";
      case WIDTH, ROW_HEIGHT -> "content, or points, such as 60 pt";
      case FACE -> "the name of a face";
      case BAR -> "none, or an ink, where zero is and where it ends, such as accent 0.2 0.75";
      case SIGN ->
          "none, or where it stands, its name (up, down, flat, rising, falling, dot, ring, square,"
              + " diamond, cross, tick) and an ink, such as before up good";
      case TREND -> "none, or an ink and shares of the room, such as accent 0.1,0.5,1";
      default -> "points, such as 4 pt";
    };
  }

  /// Whether it is a rule.
  public boolean isRule() {
    return chapter() == Chapter.RULES;
  }

  /// Whether it is a rule on a side of what it is set for. Such rules are not inherited: one set on
  /// a family of parts is drawn at its edge.
  public boolean isSide() {
    return isRule() && this != RULE_BETWEEN_ROWS && this != RULE_BETWEEN_COLUMNS;
  }

  /// The property of this name in files, if there is one.
  public static Optional<Property> of(String word) {
    for (Property property : values()) {
      if (property.word().equals(word)) {
        return Optional.of(property);
      }
    }
    return Optional.empty();
  }
}
