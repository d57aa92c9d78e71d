package app.finish.core.style;

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
  /// A role of the palette, or a tint of one: "accent", "accent 20%".
  INK("Ink", Form.INK),
  /// "none" or an ink.
  FILL("Fill", "none|" + Form.INK),
  /// "start", "centre", "end", "decimal" (on the point, to the end), "decimal centre".
  ALIGN("Alignment", "start|centre|end|decimal|decimal centre"),
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
  /// "none", or weight, ink, kind and reach: "1 pt ink", "0.5 pt accent dotted spanned".
  RULE_ABOVE("Rule above", Form.RULE),
  /// As above.
  RULE_BELOW("Rule below", Form.RULE),
  /// As above.
  RULE_LEFT("Rule left", Form.RULE),
  /// As above.
  RULE_RIGHT("Rule right", Form.RULE),
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
  /// What stands before the text, such as "Note." before a note.
  LEAD_IN("Lead-in", ".*"),
  /// Points between the words above and below and the table itself.
  GAP("Space around the table", Form.POINTS),
  /// "indented" (one stub column, groups as rows) or "columns" (a stub column a level).
  STUB_FORM("Stub", "indented|columns"),
  /// "content" (as wide as it must be) or "page" (as wide as the page).
  WIDTH("Width", "content|page");

  private static final class Form {
    static final String INK = "[a-z][a-zA-Z]*( [0-9]{1,3}%)?";
    static final String NUMBER = "[0-9]+(\\.[0-9]+)?";
    static final String POINTS = NUMBER + " ?pt";
    static final String RULE =
        "none|" + POINTS + " " + INK + "( (single|double|dotted))?( (full|spanned))?";
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

  /// Whether a setting has the form that this property asks for.
  public boolean accepts(String setting) {
    return form.matcher(setting).matches();
  }

  /// Whether it is a rule. Rules are not inherited: one set on a family of parts is drawn at its
  /// edge.
  public boolean isRule() {
    return this == RULE_ABOVE || this == RULE_BELOW || this == RULE_LEFT || this == RULE_RIGHT;
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
