package app.finish.core.highlight;

import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Reads what a highlight shows.
record ShowReader(SentenceWords words) {
  Show read() {
    try {
      if (words.takes("tint")) {
        return tint();
      }
      if (words.takes("bar")) {
        return bar();
      }
      if (words.takes("sign")) {
        return signs();
      }
      return words.takes("trend") ? new Show.Trend(ink()) : flag();
    } catch (Refusal e) {
      throw e.sentence().startsWith("In “") ? e : words.wrong(withoutStop(e.sentence()));
    }
  }

  private static String withoutStop(String sentence) {
    return sentence.endsWith(".") ? sentence.substring(0, sentence.length() - 1) : sentence;
  }

  /// A role of the palette, perhaps with a share of it.
  private String ink() {
    String role = words.take().text();
    int before = words.index();
    if (words.seesNumber()) {
      String share = words.take().text();
      if (words.takes("%")) {
        return role + " " + share + "%";
      }
      words.backTo(before);
    }
    return role;
  }

  private Show tint() {
    List<String> inks = new ArrayList<>(List.of(ink()));
    while (words.takes("to")) {
      inks.add(ink());
    }
    if (words.takes("by", "rank")) {
      return new Show.Tint(inks, List.of(), true);
    }
    return new Show.Tint(inks, words.takes("at") ? numbers() : List.of());
  }

  private List<Double> numbers() {
    List<Double> numbers = new ArrayList<>(List.of(words.number()));
    int before = words.index();
    while (words.takes(",") && words.seesNumber()) {
      numbers.add(words.number());
      before = words.index();
    }
    words.backTo(before);
    return numbers;
  }

  private Show bar() {
    String ink = ink();
    String negative = words.takes("below", "zero") ? ink() : ink;
    Show.Bar.Scale scale =
        words.takes("by", "column")
            ? Show.Bar.Scale.COLUMN
            : words.takes("over", "all", "measures") ? Show.Bar.Scale.ALL : Show.Bar.Scale.MEASURE;
    return new Show.Bar(ink, negative, scale, !words.takes("alone"));
  }

  private Show signs() {
    List<String> signs = new ArrayList<>();
    while (!words.atEnd() && !isEndOfSigns()) {
      signs.add(words.take().text());
    }
    List<Double> bounds = words.takes("at") ? numbers() : List.of();
    String ink = words.takes("in") ? ink() : "ink";
    Show.Signs.Stand stand =
        words.takes("after")
            ? Show.Signs.Stand.AFTER
            : words.takes("alone") ? Show.Signs.Stand.ALONE : Show.Signs.Stand.BEFORE;
    words.takes("before");
    return new Show.Signs(signs, bounds, ink, stand);
  }

  private boolean isEndOfSigns() {
    return words.sees("at")
        || words.sees("in")
        || words.sees("after")
        || words.sees("before")
        || words.sees("alone")
        || words.sees(",");
  }

  private Show flag() {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    while (!words.atEnd() && !words.sees(",", "the") && !words.sees("the")) {
      words.takes(",");
      words.takes("and");
      one(settings);
    }
    if (settings.isEmpty()) {
      throw words.wrong("what to show is expected, such as bold bad on bad 12%");
    }
    return new Show.Flag(settings);
  }

  private void one(Map<Property, String> settings) {
    if (words.takes("on")) {
      settings.put(Property.FILL, ink());
    } else if (words.takes("bold") || words.takes("regular")) {
      settings.put(Property.WEIGHT, words.last());
    } else if (words.takes("italic") || words.takes("upright")) {
      settings.put(Property.SLANT, words.last());
    } else if (words.takes("underlined")) {
      settings.put(Property.UNDERLINE, "single");
    } else if (words.takes("struck")) {
      settings.put(Property.STRIKE, "single");
    } else if (words.takes("before")) {
      settings.put(Property.BEFORE, words.take().text());
    } else if (words.takes("after")) {
      settings.put(Property.AFTER, words.take().text());
    } else if (words.takes("instead")) {
      settings.put(Property.INSTEAD, words.take().text());
    } else if (words.takes("decimals")) {
      settings.put(Property.DECIMALS, words.take().text());
    } else if (words.takes("size")) {
      String number = words.take().text();
      settings.put(Property.SIZE, words.takes("%") ? number + "%" : number + points());
    } else if (words.takes("face")) {
      settings.put(Property.FACE, words.take().text());
    } else if (words.takes("in")) {
      String large = words.take().text();
      settings.put(Property.LARGE_NUMBERS, large.equals("full") ? "in full" : large);
    } else {
      other(settings);
    }
  }

  private String points() {
    words.takes("pt");
    return " pt";
  }

  /// A property by its name and a setting in quotes, or an ink.
  private void other(Map<Property, String> settings) {
    int before = words.index();
    Optional<Property> property = Property.of(words.take().text());
    if (property.isPresent() && words.peek().quoted()) {
      settings.put(property.get(), words.take().text());
      return;
    }
    words.backTo(before);
    if (settings.containsKey(Property.INK)) {
      throw words.wrong("an ink was said already; a fill follows the word on");
    }
    settings.put(Property.INK, ink());
  }
}
