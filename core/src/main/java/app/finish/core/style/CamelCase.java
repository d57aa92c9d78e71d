package app.finish.core.style;

import java.util.Locale;

/// Names of constants as files write them.
public final class CamelCase {
  private CamelCase() {}

  /// "GRAND_TOTAL_ROW" as "grandTotalRow".
  static String of(Enum<?> constant) {
    String[] parts = constant.name().toLowerCase(Locale.ROOT).split("_");
    StringBuilder word = new StringBuilder(parts[0]);
    for (int i = 1; i < parts.length; i++) {
      word.append(Character.toUpperCase(parts[i].charAt(0))).append(parts[i].substring(1));
    }
    return word.toString();
  }
}
