package app.finish.core.words;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The marks by which a person says in plain typing how words are set: `*italic*`, `**bold**`,
/// `^raised^`, `~lowered~`, and symbols by their names: `\chi`, `\times`. A backslash before one of
/// the marks takes it as it is. What is no pair around a text stays as it was typed, so the star of
/// "* p < .05" and a lone ^ need no backslash.
///
/// ```java
/// Markup.plain("*M* age in years^2^"); // "M age in years2"
/// Markup.read("\\eta^2^"); // "η", and "2" raised
/// ```
public final class Markup {
  /// Where a stretch stands.
  public enum Height {
    /// On the line.
    ON_LINE,
    /// Small and above the line.
    RAISED,
    /// Small and below the line.
    LOWERED
  }

  /// A stretch of a text in one look.
  ///
  /// @param text the stretch, without marks
  /// @param bold whether it is bold
  /// @param italic whether it is italic
  /// @param height where it stands
  public record Stretch(String text, boolean bold, boolean italic, Height height) {
    /// Whether it is as the words around it.
    public boolean isPlain() {
      return !bold && !italic && height == Height.ON_LINE;
    }

    /// The same look over another text.
    public Stretch withText(String other) {
      return new Stretch(other, bold, italic, height);
    }
  }

  /// The symbols that have names.
  public static final Map<String, String> SYMBOLS =
      Map.ofEntries(
          Map.entry("alpha", "α"),
          Map.entry("beta", "β"),
          Map.entry("gamma", "γ"),
          Map.entry("delta", "δ"),
          Map.entry("epsilon", "ε"),
          Map.entry("eta", "η"),
          Map.entry("theta", "θ"),
          Map.entry("kappa", "κ"),
          Map.entry("lambda", "λ"),
          Map.entry("mu", "μ"),
          Map.entry("pi", "π"),
          Map.entry("rho", "ρ"),
          Map.entry("sigma", "σ"),
          Map.entry("tau", "τ"),
          Map.entry("phi", "φ"),
          Map.entry("chi", "χ"),
          Map.entry("omega", "ω"),
          Map.entry("Delta", "Δ"),
          Map.entry("Sigma", "Σ"),
          Map.entry("times", "×"),
          Map.entry("pm", "±"),
          Map.entry("minus", "−"),
          Map.entry("le", "≤"),
          Map.entry("ge", "≥"),
          Map.entry("ne", "≠"),
          Map.entry("degree", "°"),
          Map.entry("dagger", "†"),
          Map.entry("ddagger", "‡"),
          Map.entry("endash", "–"),
          Map.entry("emdash", "—"));

  private static final Pattern PAIR =
      Pattern.compile(
          "\\\\(?<name>[A-Za-z]+)|\\\\(?<bare>[*^~\\\\{}])"
              + "|(?<![\\p{L}\\p{N}*])\\*\\*(?<bold>[^\\s*](?:.*?[^\\s*])??)\\*\\*(?![\\p{L}\\p{N}*])"
              + "|(?<![\\p{L}\\p{N}*])\\*(?<italic>[^\\s*](?:[^*]*[^\\s*])?)\\*(?![\\p{L}\\p{N}*])"
              + "|\\^(?<raised>[^\\s^](?:[^^]{0,40}[^\\s^])?)\\^"
              + "|~(?<lowered>[^\\s~](?:[^~]{0,40}[^\\s~])?)~");

  private static final Pattern ANY = Pattern.compile("[*^~\\\\]");

  private Markup() {}

  /// The stretches of a text as it is typed; one for a text without marks.
  public static List<Stretch> read(String typed) {
    List<Stretch> stretches = new ArrayList<>();
    read(typed, new Stretch("", false, false, Height.ON_LINE), stretches);
    return stretches.isEmpty()
        ? List.of(new Stretch("", false, false, Height.ON_LINE))
        : List.copyOf(stretches);
  }

  private static void read(String typed, Stretch around, List<Stretch> into) {
    Matcher matcher = PAIR.matcher(typed);
    int end = 0;
    while (matcher.find()) {
      String symbol = matcher.group("name") == null ? "" : symbol(matcher.group("name"));
      if (matcher.group("name") != null && symbol.isEmpty()) {
        continue;
      }
      add(typed.substring(end, matcher.start()), around, into);
      end = matcher.end();
      if (!symbol.isEmpty()) {
        add(symbol, around, into);
      } else if (matcher.group("bare") != null) {
        add(matcher.group("bare"), around, into);
      } else {
        inner(matcher, around, into);
      }
    }
    add(typed.substring(end), around, into);
  }

  private static String symbol(String name) {
    return SYMBOLS.getOrDefault(name, "");
  }

  private static void inner(Matcher matcher, Stretch around, List<Stretch> into) {
    boolean bold = around.bold;
    boolean italic = around.italic;
    if (matcher.group("bold") != null) {
      read(matcher.group("bold"), new Stretch("", true, italic, around.height), into);
    } else if (matcher.group("italic") != null) {
      read(matcher.group("italic"), new Stretch("", bold, true, around.height), into);
    } else if (matcher.group("raised") != null) {
      read(matcher.group("raised"), new Stretch("", bold, italic, Height.RAISED), into);
    } else {
      read(matcher.group("lowered"), new Stretch("", bold, italic, Height.LOWERED), into);
    }
  }

  private static void add(String text, Stretch like, List<Stretch> into) {
    if (text.isEmpty()) {
      return;
    }
    boolean same = !into.isEmpty() && into.getLast().equals(like.withText(into.getLast().text));
    if (same) {
      into.set(into.size() - 1, like.withText(into.getLast().text + text));
    } else {
      into.add(like.withText(text));
    }
  }

  /// The text without marks.
  public static String plain(String typed) {
    if (!ANY.matcher(typed).find()) {
      return typed;
    }
    StringBuilder text = new StringBuilder();
    read(typed).forEach(stretch -> text.append(stretch.text));
    return text.toString();
  }

  /// Whether some of the text is set otherwise than the rest.
  public static boolean isMarked(String typed) {
    return ANY.matcher(typed).find() && read(typed).stream().anyMatch(one -> !one.isPlain());
  }

  /// A text as it has to be typed to stand as it is.
  public static String escaped(String text) {
    return plain(text).equals(text) ? text : ANY.matcher(text).replaceAll("\\\\$0");
  }
}
