package app.finish.core.style;

import java.util.Collections;
import java.util.EnumMap;
import java.util.Map;

/// What a property is where nothing sets it.
public final class Unset {
  static final Map<Property, String> SETTINGS = settings();

  private Unset() {}

  private static Map<Property, String> settings() {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    for (Property property : Property.values()) {
      settings.put(property, of(property));
    }
    return Collections.unmodifiableMap(settings);
  }

  private static String of(Property property) {
    return switch (property) {
      case FACE -> "Arial";
      case SIZE -> "10 pt";
      case WEIGHT -> "regular";
      case SLANT -> "upright";
      case INK -> "ink";
      case UNDERLINE,
          STRIKE,
          BAR,
          SIGN,
          TREND,
          FILL,
          RULE_ABOVE,
          RULE_BELOW,
          RULE_LEFT,
          RULE_RIGHT,
          RULE_BETWEEN_ROWS,
          RULE_BETWEEN_COLUMNS,
          FRAME ->
          "none";
      case ALIGN -> "start";
      case VERTICAL -> "as usual";
      case LONG_TEXTS -> "break";
      case LETTER_CASE, DECIMALS -> "as written";
      case LINE_HEIGHT -> "1.2";
      case PADDING_ABOVE, PADDING_BELOW -> "2 pt";
      case PADDING_SIDES, GAP -> "4 pt";
      case INDENT -> "10 pt";
      case ROW_HEIGHT, WIDTH, COLUMN_WIDTH -> "content";
      case LARGE_NUMBERS -> "in full";
      case GROUPING -> "comma";
      case DECIMAL_MARK -> "point";
      case NEGATIVE -> "minus";
      case MISSING, LEAD_IN, BEFORE, AFTER -> "";
      case NOTE_SIGNS -> "as came";
      case NOTE_FORM -> "lines";
      case INSTEAD -> "figure";
      case ZERO_BEFORE_POINT -> "yes";
      case UNIT_PLACE -> "cell";
      case CURRENCY -> "before";
      case PERCENT -> "close";
      case LANGUAGE -> "as it reads";
      case STUB_FORM -> "columns";
      case LEAST_SIZE -> "7 pt";
      case RADIUS -> "0 pt";
      case EVERY, FROM -> "2";
      case TOGETHER -> "1";
      case COUNTED -> "in groups";
      case OVER -> "body";
      case TITLE_PLACE -> "above";
      case HEADS_SHOWN, TOOLS -> "shown";
      case ROWS_AT_ONCE -> "all";
      case GRAND_TOTAL -> "stays";
      case NARROW -> "scrolls";
      case ON_A_WALL -> "same size";
      case BACKDROP -> "as the reader's system";
    };
  }
}
