package app.finish.core.dress;

import app.finish.core.style.Look;
import app.finish.core.style.Property;
import java.util.Map;

/// What stands beside a figure or in its stead: words, signs, nothing where a bar or a line is
/// drawn alone.
///
/// ```java
/// CellSigns.marked("84.6", look); // "▼ 84.6"
/// ```
public final class CellSigns {
  private static final Map<String, Character> SIGNS =
      Map.ofEntries(
          Map.entry("up", '▲'),
          Map.entry("down", '▼'),
          Map.entry("flat", '▬'),
          Map.entry("rising", '◥'),
          Map.entry("falling", '◢'),
          Map.entry("dot", '●'),
          Map.entry("ring", '○'),
          Map.entry("square", '■'),
          Map.entry("diamond", '◆'),
          Map.entry("cross", '✕'),
          Map.entry("tick", '✓'));

  private CellSigns() {}

  /// The character of a sign by its name; a square for a box.
  static String drawing(String name) {
    return String.valueOf(SIGNS.getOrDefault(name, '■'));
  }

  /// A figure's text with what a look puts beside it.
  static String marked(String text, Look look) {
    String instead = look.setting(Property.INSTEAD);
    boolean drawn =
        look.setting(Property.BAR).endsWith(" alone")
            || !look.setting(Property.TREND).equals("none");
    String figure = drawn ? "" : instead.equals("figure") ? text : instead;
    String whole = look.setting(Property.BEFORE) + figure + look.setting(Property.AFTER);
    String sign = look.setting(Property.SIGN);
    if (sign.equals("none")) {
      return whole;
    }
    String[] words = sign.split(" ");
    char drawing = SIGNS.getOrDefault(words[1], '●');
    return switch (words[0]) {
      case "alone" -> "" + drawing;
      case "after" -> whole + "\u00A0" + drawing;
      default -> drawing + "\u00A0" + whole;
    };
  }

  /// The sign that a look asks for, as a character; 0 if it asks for none.
  public static char sign(Look look) {
    String sign = look.marked() ? look.setting(Property.SIGN) : "none";
    return sign.equals("none") ? 0 : SIGNS.getOrDefault(sign.split(" ")[1], '●');
  }

  /// The ink of the sign that a look asks for.
  public static String ink(Look look) {
    return look.setting(Property.SIGN).split(" ", 3)[2];
  }
}
