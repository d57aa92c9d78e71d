package app.finish.core.highlight;

import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.StringJoiner;

/// Writes highlights as sentences, and reads these.
///
/// ```java
/// Highlight low = HighlightSentence.read("Cost recovery below 85: bold bad on bad 12%, the row");
/// HighlightSentence.of(low); // the same sentence
/// ```
///
/// docs/highlight.md tells the words.
public final class HighlightSentence {
  private HighlightSentence() {}

  /// The highlight that a sentence says.
  ///
  /// @throws app.finish.core.problem.Refusal with what is wrong and where, if it says none
  public static Highlight read(String sentence) {
    return new SentenceReader(sentence).read();
  }

  /// The highlights that sentences say; one that can't be read is left out.
  public static List<Highlight> readAll(List<String> sentences) {
    List<Highlight> all = new ArrayList<>();
    for (String sentence : sentences) {
      try {
        all.add(read(sentence));
      } catch (Refusal e) {
        // Whoever took the sentence in has told what is wrong with it.
        continue;
      }
    }
    return all;
  }

  /// The condition that words say.
  ///
  /// @throws app.finish.core.problem.Refusal with what is wrong and where, if they say none
  public static Condition readCondition(String words) {
    return SentenceReader.condition(words);
  }

  /// What words say is to be shown.
  ///
  /// @throws app.finish.core.problem.Refusal with what is wrong and where, if they say nothing
  public static Show readShow(String words) {
    return SentenceReader.show(words);
  }

  /// A highlight as a sentence that can be read again.
  public static String of(Highlight highlight) {
    String named = highlight.name().isEmpty() ? "" : quoted(highlight.name()) + " = ";
    String reach =
        switch (highlight.reach()) {
          case CELL -> "";
          case ROW -> ", the row";
          case COLUMN -> ", the column";
          case HEADING -> ", the heading";
        };
    String where = of(highlight.where());
    return named
        + where
        + (where.contains(",") ? ", when " : " ")
        + of(highlight.when())
        + ": "
        + of(highlight.show())
        + reach;
  }

  /// What a highlight may say of itself under a table: “Bold on a tint: Cost recovery below 85.”
  public static String legend(Highlight highlight) {
    String shown =
        switch (highlight.show()) {
          case Show.Flag(Map<Property, String> settings) -> shown(settings);
          case Show.Tint _ -> "Tinted by value";
          case Show.Bar _ -> "Bars as long as the figure is large";
          case Show.Signs _ -> "Signs by value";
          case Show.Trend _ -> "Lines over the figures of the row";
        };
    String where = of(highlight.where());
    String when = highlight.when() instanceof Condition.Always ? "" : " " + of(highlight.when());
    String name = highlight.name().isEmpty() ? where + when : highlight.name();
    return shown + ": " + name.replace("“", "").replace("”", "") + ".";
  }

  private static String shown(Map<Property, String> settings) {
    List<String> words = new ArrayList<>();
    if (settings.containsKey(Property.FILL)) {
      words.add("shaded");
    }
    if (settings.getOrDefault(Property.WEIGHT, "").equals("bold")) {
      words.add("bold");
    }
    if (settings.getOrDefault(Property.SLANT, "").equals("italic")) {
      words.add("italic");
    }
    if (settings.containsKey(Property.UNDERLINE)) {
      words.add("underlined");
    }
    if (settings.containsKey(Property.STRIKE)) {
      words.add("struck through");
    }
    if (words.isEmpty()) {
      words.add(settings.containsKey(Property.INK) ? "coloured" : "marked");
    }
    String all = String.join(", ", words);
    return Character.toUpperCase(all.charAt(0)) + all.substring(1);
  }

  /// Where a highlight looks, in words.
  public static String of(Region where) {
    StringJoiner words = new StringJoiner(", ");
    words.add(
        where.measures().isEmpty()
            ? "everything"
            : list(where.measures().stream().map(HighlightSentence::name).toList(), "or"));
    where
        .members()
        .forEach(
            (dimension, members) ->
                words.add(
                    "in "
                        + (dimension.isEmpty() ? "" : name(dimension) + " ")
                        + list(members.stream().map(HighlightSentence::quoted).toList(), "or")));
    for (Region.Under under : where.under()) {
      words.add(
          "under " + list(under.paths().stream().map(HighlightSentence::path).toList(), "or"));
    }
    if (!where.levels().isEmpty()) {
      words.add(
          "at level " + list(where.levels().stream().map(HighlightSentence::level).toList(), "or"));
    }
    List<String> parts = new ArrayList<>();
    if (where.body() && where.subtotals() && where.grandTotals()) {
      words.add("totals too");
    } else if (!where.body() && where.subtotals() && where.grandTotals()) {
      words.add("totals only");
    } else {
      if (where.subtotals()) {
        parts.add("subtotals");
      }
      if (where.grandTotals()) {
        parts.add("grand totals");
      }
      if (!parts.isEmpty()) {
        words.add(String.join(" and ", parts) + (where.body() ? " too" : " only"));
      }
    }
    return words.toString();
  }

  /// A heading by the labels that lead to it: “North” › “Ferry”.
  private static String path(List<String> labels) {
    return String.join(" › ", labels.stream().map(HighlightSentence::quoted).toList());
  }

  private static String level(String name) {
    return name.matches("[0-9]+") ? name : name(name);
  }

  /// A condition in words.
  public static String of(Condition condition) {
    return switch (condition) {
      case Condition.Always _ -> "always";
      case Condition.Compared(Condition.Sign sign, Operand with) -> sign.words() + " " + of(with);
      case Condition.Between(double low, double high) ->
          "between " + number(low) + " and " + number(high);
      case Condition.Outermost(boolean greatest, double count, boolean percent, Scope scope) ->
          "among the "
              + (greatest ? "top " : "bottom ")
              + number(count)
              + (percent ? "%" : "")
              + " of "
              + scope.words();
      case Condition.FarFromMean(double deviations, Scope scope) ->
          "further than " + number(deviations) + " SD from the mean of " + scope.words();
      case Condition.Changed(Condition.Sign sign, double by, boolean percent, boolean across) ->
          "changed by "
              + sign.words()
              + " "
              + number(by)
              + (percent ? "%" : "")
              + (across ? " from the left" : " from above");
      case Condition.Missing _ -> "missing";
      case Condition.IsNumber _ -> "a number";
      case Condition.IsText _ -> "a text";
      case Condition.Contains(String text) -> "containing " + quoted(text);
      case Condition.OneOf(List<String> texts) ->
          "one of " + String.join(", ", texts.stream().map(HighlightSentence::quoted).toList());
      case Condition.Expression(String text) -> "where {" + text + "}";
      case Condition.All(List<Condition> some) -> joined(some, " and ", true);
      case Condition.Any(List<Condition> some) -> joined(some, " or ", false);
      case Condition.Not(Condition other) -> "not " + inner(other, true);
    };
  }

  private static String joined(List<Condition> some, String word, boolean all) {
    return String.join(word, some.stream().map(one -> inner(one, all)).toList());
  }

  private static String inner(Condition condition, boolean inAll) {
    boolean bracketed =
        condition instanceof Condition.Any || !inAll && condition instanceof Condition.All;
    bracketed |= condition instanceof Condition.All;
    return bracketed ? "(" + of(condition) + ")" : of(condition);
  }

  private static String of(Operand operand) {
    return switch (operand) {
      case Operand.Number(double number) -> number(number);
      case Operand.OfMeasure(String measure) -> quoted(measure);
      case Operand.AtMember(String dimension, String member) ->
          "that of " + (dimension.isEmpty() ? "" : name(dimension) + " ") + quoted(member);
      case Operand.OfMany(Operand.Statistic statistic, Scope scope) ->
          "the " + statistic.word() + " of " + scope.words();
    };
  }

  /// What is shown, in words.
  public static String of(Show show) {
    return switch (show) {
      case Show.Flag(Map<Property, String> settings) -> flag(settings);
      case Show.Tint(List<String> inks, List<Double> anchors, boolean ranked) ->
          "tint "
              + String.join(" to ", inks)
              + (ranked ? " by rank" : "")
              + (anchors.isEmpty()
                  ? ""
                  : " at "
                      + String.join(
                          ", ", anchors.stream().map(HighlightSentence::number).toList()));
      case Show.Bar(String ink, String negative, Show.Bar.Scale scale, boolean figure) ->
          "bar "
              + ink
              + (negative.equals(ink) ? "" : " below zero " + negative)
              + switch (scale) {
                case MEASURE -> "";
                case COLUMN -> " by column";
                case ALL -> " over all measures";
              }
              + (figure ? "" : " alone");
      case Show.Signs(
              List<String> signs,
              List<Double> bounds,
              String ink,
              Show.Signs.Stand stand) ->
          "sign "
              + String.join(" ", signs)
              + (bounds.isEmpty()
                  ? ""
                  : " at "
                      + String.join(", ", bounds.stream().map(HighlightSentence::number).toList()))
              + (ink.equals("ink") ? "" : " in " + ink)
              + switch (stand) {
                case BEFORE -> "";
                case AFTER -> " after";
                case ALONE -> " alone";
              };
      case Show.Trend(String ink) -> "trend " + ink;
    };
  }

  private static String flag(Map<Property, String> settings) {
    List<String> words = new ArrayList<>();
    settings.forEach(
        (property, setting) -> {
          switch (property) {
            case WEIGHT, SLANT -> words.add(setting);
            case UNDERLINE ->
                words.add(setting.equals("single") ? "underlined" : "underline " + quoted(setting));
            case STRIKE ->
                words.add(setting.equals("single") ? "struck" : "strike " + quoted(setting));
            case INK -> words.add(setting);
            case FILL -> {}
            case BEFORE -> words.add("before " + quoted(setting));
            case AFTER -> words.add("after " + quoted(setting));
            case INSTEAD -> words.add("instead " + quoted(setting));
            case DECIMALS ->
                words.add("decimals " + (setting.contains(" ") ? quoted(setting) : setting));
            case SIZE -> words.add("size " + setting);
            case FACE -> words.add("face " + quoted(setting));
            case LARGE_NUMBERS ->
                words.add(
                    setting.startsWith("in ")
                        ? setting
                        : "in " + (setting.contains(" ") ? quoted(setting) : setting));
            default -> words.add(property.word() + " " + quoted(setting));
          }
        });
    String fill = settings.getOrDefault(Property.FILL, "");
    if (!fill.isEmpty()) {
      words.add("on " + fill);
    }
    return String.join(" ", words);
  }

  private static String list(List<String> words, String last) {
    return words.size() < 2 ? String.join("", words) : String.join(" " + last + " ", words);
  }

  /// A name that needs no quotes if it is made of words that mean nothing else.
  private static String name(String name) {
    return SentenceReader.isPlainName(name) ? name : quoted(name);
  }

  static String quoted(String text) {
    return "“" + text.replace("\\", "\\\\").replace("”", "\\”") + "”";
  }

  static String number(double number) {
    return number == Math.rint(number) && Math.abs(number) < 1e15
        ? Long.toString((long) number)
        : Double.toString(number);
  }
}
