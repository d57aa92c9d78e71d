package app.finish.core.note;

import java.util.Collections;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// What is said once for all tables of a document.
///
/// ```java
/// Wording.USUAL.withNumbering("A{n}"); // Table A1, Table A2
/// Wording.USUAL.withNumbering("{chapter}.{n}").withChapter("t4", true); // Table 2.1 from there on
/// ```
///
/// @param numbering how a number is written: `{n}` is the place among the tables, or, where
///   `{chapter}` stands in it too, the place in the chapter
/// @param chapters the ids of the items with which a new chapter begins; the first chapter begins
///   with the document
/// @param levels the levels of probability that stars stand for, the largest first: `*` for the
///   first, `**` for the second
/// @param glossary what abbreviations mean
public record Wording(
    String numbering, Set<String> chapters, List<Double> levels, Map<String, String> glossary) {
  private static final Pattern PLACE = Pattern.compile("\\{n}");

  private static final Pattern DIGITS = Pattern.compile("[0-9]+(?!.*[0-9])");

  /// Numbers from 1 on, and the levels that most journals use.
  public static final Wording USUAL =
      new Wording("{n}", Set.of(), List.of(0.05, 0.01, 0.001), Map.of());

  /// Copies the collections; levels are put in order, the largest first.
  ///
  /// @throws IllegalArgumentException if a level is no probability or the numbering has no `{n}`
  public Wording {
    chapters = Collections.unmodifiableSet(new TreeSet<>(chapters));
    levels = levels.stream().distinct().sorted(Collections.reverseOrder()).toList();
    glossary = Collections.unmodifiableMap(new TreeMap<>(glossary));
    if (levels.stream().anyMatch(level -> !(level > 0 && level < 1))) {
      throw new IllegalArgumentException("a level lies between 0 and 1");
    }
    if (!PLACE.matcher(numbering).find()) {
      throw new IllegalArgumentException("a numbering holds {n}");
    }
  }

  /// The same with numbers written otherwise. A number without `{n}`, such as "A1", is taken for
  /// what the first one shall be: its last digits become the place.
  public Wording withNumbering(String other) {
    return new Wording(pattern(other), chapters, levels, glossary);
  }

  private static String pattern(String typed) {
    if (PLACE.matcher(typed).find()) {
      return typed.strip();
    }
    Matcher digits = DIGITS.matcher(typed);
    return digits.find() ? digits.replaceFirst("{n}").strip() : typed.strip() + "{n}";
  }

  /// The same, with a new chapter at an item or none.
  public Wording withChapter(String id, boolean begins) {
    Set<String> others = new LinkedHashSet<>(chapters);
    if (begins) {
      others.add(id);
    } else {
      others.remove(id);
    }
    return new Wording(numbering, others, levels, glossary);
  }

  /// The same with stars for other levels.
  public Wording withLevels(List<Double> others) {
    return new Wording(numbering, chapters, others, glossary);
  }

  /// The same with the meaning of an abbreviation; the empty string forgets it.
  public Wording withMeaning(String abbreviation, String meaning) {
    Map<String, String> others = new TreeMap<>(glossary);
    others.remove(abbreviation);
    if (!meaning.isBlank()) {
      others.put(abbreviation, meaning.strip());
    }
    return new Wording(numbering, chapters, levels, others);
  }

  /// Whether numbers begin anew with each chapter.
  public boolean countsByChapter() {
    return numbering.contains("{chapter}");
  }

  /// A number as it is written.
  ///
  /// @param chapter the chapter, from 1
  /// @param place the place among the tables, or in the chapter
  public String numeral(int chapter, int place) {
    return numbering.replace("{chapter}", "" + chapter).replace("{n}", "" + place);
  }
}
