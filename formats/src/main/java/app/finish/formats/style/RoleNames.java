package app.finish.formats.style;

import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Pattern;

/// Which role of a palette a name in a style sheet or a token file stands for.
public final class RoleNames {
  private static final Map<String, Pattern> ROLES = roles();

  private RoleNames() {}

  private static Map<String, Pattern> roles() {
    Map<String, Pattern> roles = new LinkedHashMap<>();
    roles.put("onAccent", word("on-?(accent|primary|brand)"));
    roles.put("soft", word("muted|soft|secondary-?(text|ink)|text-?(secondary|muted)|subdued"));
    roles.put("mist", word("mist|tint|subtle|wash"));
    roles.put("paper", word("paper|background|bg|surface|canvas|page"));
    roles.put("rule", word("rule|border|line|divider|hairline"));
    roles.put("good", word("good|success|positive"));
    roles.put("bad", word("bad|danger|error|negative|critical"));
    roles.put("signal", word("signal|warning|notice|highlight|attention"));
    roles.put("accent", word("accent|primary|brand|main"));
    roles.put("ink", word("ink|text|foreground|fg|body"));
    return roles;
  }

  private static Pattern word(String words) {
    return Pattern.compile("(^|-)(" + words + ")($|-)");
  }

  /// The role that a name stands for, or a role of that name.
  static String of(String name) {
    String dashed = dashed(name);
    for (Map.Entry<String, Pattern> role : ROLES.entrySet()) {
      if (role.getValue().matcher(dashed).find()) {
        return role.getKey();
      }
    }
    return own(name);
  }

  private static String dashed(String name) {
    return name.replaceAll("([a-z0-9])([A-Z])", "$1-$2")
        .toLowerCase(Locale.ROOT)
        .replaceAll("[^a-z0-9]+", "-");
  }

  /// A role of one's own: "brand-sea-2" becomes brandSeaB, since a role is a word of letters.
  static String own(String name) {
    StringBuilder role = new StringBuilder();
    for (String word : dashed(name).split("-")) {
      String letters = letters(word);
      if (!letters.isEmpty()) {
        String rest = letters.substring(1);
        boolean first = role.isEmpty();
        String start = letters.substring(0, 1);
        role.append(first ? start.toLowerCase(Locale.ROOT) : start.toUpperCase(Locale.ROOT));
        role.append(rest);
      }
    }
    return role.isEmpty() ? "colour" : role.toString();
  }

  private static String letters(String word) {
    StringBuilder letters = new StringBuilder();
    for (char one : word.toCharArray()) {
      letters.append(Character.isDigit(one) ? (char) ('A' + one - '0') : one);
    }
    return letters.toString();
  }
}
