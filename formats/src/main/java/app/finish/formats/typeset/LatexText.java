package app.finish.formats.typeset;

import app.finish.core.dress.DressedCell;
import app.finish.core.dress.Run;
import app.finish.core.style.Look;
import java.util.Map;

/// Text as LaTeX takes it: no letter of it is a command, and letters that the fonts of pdfLaTeX
/// lack are written by their commands.
final class LatexText {
  private static final Map<Character, String> WRITTEN =
      Map.ofEntries(
          Map.entry('\\', "\\textbackslash{}"),
          // Behind the end of a row these would belong to it.
          Map.entry('[', "{[}"),
          Map.entry('*', "{*}"),
          Map.entry('{', "\\{"),
          Map.entry('}', "\\}"),
          Map.entry('$', "\\$"),
          Map.entry('&', "\\&"),
          Map.entry('#', "\\#"),
          Map.entry('%', "\\%"),
          Map.entry('_', "\\_"),
          Map.entry('^', "\\textasciicircum{}"),
          Map.entry('~', "\\textasciitilde{}"),
          Map.entry('<', "\\textless{}"),
          Map.entry('>', "\\textgreater{}"),
          Map.entry('|', "\\textbar{}"),
          Map.entry('"', "\\textquotedbl{}"),
          Map.entry('\u00A0', "~"),
          Map.entry('\u2009', "\\,"),
          Map.entry('\u202F', "\\,"),
          Map.entry('\u2003', "\\quad{}"),
          Map.entry('−', "\\ensuremath{-}"),
          Map.entry('×', "\\ensuremath{\\times}"),
          Map.entry('±', "\\ensuremath{\\pm}"),
          Map.entry('≤', "\\ensuremath{\\le}"),
          Map.entry('≥', "\\ensuremath{\\ge}"),
          Map.entry('≠', "\\ensuremath{\\ne}"),
          Map.entry('≈', "\\ensuremath{\\approx}"),
          Map.entry('→', "\\ensuremath{\\rightarrow}"),
          Map.entry('·', "\\ensuremath{\\cdot}"),
          Map.entry('²', "\\textsuperscript{2}"),
          Map.entry('³', "\\textsuperscript{3}"),
          Map.entry('¹', "\\textsuperscript{1}"),
          Map.entry('▲', "\\ensuremath{\\blacktriangle}"),
          Map.entry('▼', "\\ensuremath{\\blacktriangledown}"),
          Map.entry('■', "\\rule{1ex}{1ex}"),
          Map.entry('●', "\\ensuremath{\\bullet}"),
          Map.entry('†', "\\textdagger{}"),
          Map.entry('‡', "\\textdaggerdbl{}"),
          Map.entry('€', "\\texteuro{}"));

  /// The small letters of Greek from U+03B1 on, and the capitals that differ from those of Latin.
  private static final String[] GREEK =
      ("alpha beta gamma delta varepsilon zeta eta theta iota kappa lambda mu nu xi o pi rho"
              + " varsigma sigma tau upsilon varphi chi psi omega")
          .split(" ");

  private static final Map<Character, String> CAPITALS =
      Map.ofEntries(
          Map.entry('Γ', "Gamma"),
          Map.entry('Δ', "Delta"),
          Map.entry('Θ', "Theta"),
          Map.entry('Λ', "Lambda"),
          Map.entry('Ξ', "Xi"),
          Map.entry('Π', "Pi"),
          Map.entry('Σ', "Sigma"),
          Map.entry('Φ', "Phi"),
          Map.entry('Ψ', "Psi"),
          Map.entry('Ω', "Omega"));

  private LatexText() {}

  private static String written(char one) {
    int greek = one - 'α';
    if (greek >= 0 && greek < GREEK.length) {
      return GREEK[greek].equals("o") ? "o" : "\\ensuremath{\\" + GREEK[greek] + "}";
    }
    if (CAPITALS.containsKey(one)) {
      return "\\ensuremath{\\" + CAPITALS.get(one) + "}";
    }
    return WRITTEN.getOrDefault(one, "" + one);
  }

  /// The text of a cell with the looks of its stretches.
  static String of(DressedCell cell) {
    StringBuilder text = new StringBuilder();
    for (Run run : cell.runs()) {
      text.append(of(run, cell.look()));
    }
    return text.toString();
  }

  private static String of(Run run, Look look) {
    if (run.text().isEmpty()) {
      return "";
    }
    String said = escaped(run.text());
    said = run.italic() ? "\\textit{" + said + "}" : said;
    said = run.bold() ? "\\textbf{" + said + "}" : said;
    said = run.raised() ? "\\textsuperscript{" + said + "}" : said;
    said = run.lowered() ? "\\textsubscript{" + said + "}" : said;
    return look.underline() == Look.Underline.NONE ? said : "\\underline{" + said + "}";
  }

  /// A label for callouts, which then say the number that is written, and not one that LaTeX
  /// counts.
  ///
  /// @param name what the label is called, such as `tab:2`
  static String labelled(String number, String name) {
    return "\\makeatletter\\def\\@currentlabel{"
        + escaped(number)
        + "}\\makeatother\\label{"
        + name.replaceAll("[^A-Za-z0-9.:]", "")
        + "}";
  }

  /// A text in which nothing is a command.
  static String escaped(String text) {
    StringBuilder safe = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char one = text.charAt(i);
      if (Character.isWhitespace(one) && !WRITTEN.containsKey(one)) {
        safe.append(' ');
      } else if (one >= ' ' && !Character.isSurrogate(one)) {
        safe.append(written(one));
      } else if (Character.isHighSurrogate(one)
          && i + 1 < text.length()
          && Character.isLowSurrogate(text.charAt(i + 1))) {
        safe.append(one).append(text.charAt(++i));
      }
    }
    return safe.toString();
  }
}
