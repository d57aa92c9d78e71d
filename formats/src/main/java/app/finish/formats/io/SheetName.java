package app.finish.formats.io;

import java.util.List;

/// The names of sheets: at most 31 letters, none of `[]:*?/\`, none twice (ECMA-376, part 1,
/// 18.2.19).
public final class SheetName {
  private static final int LONGEST = 31;

  private SheetName() {}

  /// The name of a table's sheet, which none of the others has.
  public static String of(SentTable table, List<String> others) {
    String number = table.number().replaceAll("[\\[\\]:*?/\\\\\\p{Cntrl}]", " ").strip();
    String bare = ("Table " + number).strip();
    String name = bare.substring(0, Math.min(bare.length(), LONGEST - 4));
    String free = name;
    for (int i = 2; has(others, free); i++) {
      free = name + " (" + i + ")";
    }
    return free;
  }

  private static boolean has(List<String> others, String name) {
    return others.stream().anyMatch(name::equalsIgnoreCase);
  }
}
