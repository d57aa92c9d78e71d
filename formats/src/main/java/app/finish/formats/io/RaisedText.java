package app.finish.formats.io;

import app.finish.core.grid.GridCell;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A text some of which stood raised. What is raised at its end is a footnote's mark; what is
/// raised at its start is the mark of a note ("ᵃ Exact statistic"); anything else keeps its place
/// as raised characters ("R²", "m²").
///
/// ```java
/// RaisedText text = new RaisedText();
/// text.add("4.210", false);
/// text.add("b", true);
/// text.cell().mark(); // "b"
/// ```
public final class RaisedText {
  private static final Pattern MARK =
      Pattern.compile("[a-z]{1,2}(\\s*,\\s*[a-z])*|[0-9]{1,2}(\\s*,\\s*[0-9])*|[*†‡§¶]{1,4}");
  private static final String PLAIN = "0123456789+-=()abcdefghijklmnoprstuvwxyz";
  private static final String RAISED = "⁰¹²³⁴⁵⁶⁷⁸⁹⁺⁻⁼⁽⁾ᵃᵇᶜᵈᵉᶠᵍʰⁱʲᵏˡᵐⁿᵒᵖʳˢᵗᵘᵛʷˣʸᶻ";
  private static final char BEGIN = '\uFDD0';
  private static final char END = '\uFDD1';
  private static final Pattern STRETCH = Pattern.compile(BEGIN + "([^" + END + "]*)" + END);

  private final StringBuilder text = new StringBuilder();

  /// Adds a stretch of text.
  void add(String stretch, boolean raised) {
    text.append(wrapped(stretch, raised));
  }

  /// A stretch of text with signs around it if it is raised, which [#cell(String)] understands.
  public static String wrapped(String stretch, boolean raised) {
    return raised && !stretch.isBlank() ? BEGIN + stretch + END : stretch;
  }

  /// The cell that the text makes.
  public GridCell cell() {
    return cell(text.toString());
  }

  /// The cell that a text makes, where [#wrapped] stretches are raised.
  public static GridCell cell(String wrapped) {
    if (wrapped.indexOf(BEGIN) < 0) {
      return GridCell.of(wrapped);
    }
    String joined = wrapped.replace("" + END + BEGIN, "");
    String bare = joined.stripTrailing();
    int begin = bare.lastIndexOf(BEGIN);
    String last = bare.substring(begin + 1).replace("" + END, "").strip();
    boolean ends = begin > 0 && bare.indexOf(END, begin) == bare.length() - 1;
    if (ends && isMark(plain(bare.substring(0, begin)), last)) {
      return GridCell.of(plain(bare.substring(0, begin)).stripTrailing())
          .withMark(last.replaceAll("\\s", ""));
    }
    return GridCell.of(plain(joined));
  }

  /// Whether what is raised behind a text is a mark: not a power, such as the 2 of R² or m².
  private static boolean isMark(String before, String raised) {
    if (before.isBlank() || !MARK.matcher(raised).matches()) {
      return false;
    }
    boolean digits = Character.isDigit(raised.charAt(0));
    boolean afterLetter = Character.isLetter(before.charAt(before.length() - 1));
    boolean shortWord = before.strip().matches(".*\\b\\p{L}{1,2}");
    return !(digits && afterLetter && shortWord);
  }

  private static String plain(String wrapped) {
    Matcher stretches = STRETCH.matcher(wrapped);
    StringBuilder plain = new StringBuilder();
    while (stretches.find()) {
      String raised = stretches.group(1).strip();
      boolean leads = plain.isEmpty() && wrapped.substring(0, stretches.start()).isBlank();
      boolean marks = leads && MARK.matcher(raised).matches();
      String shown =
          marks && Character.isLetterOrDigit(raised.charAt(0)) ? raised + ". " : raised(raised);
      stretches.appendReplacement(plain, Matcher.quoteReplacement(shown));
    }
    stretches.appendTail(plain);
    return plain.toString().replace("" + BEGIN, "").replace("" + END, "");
  }

  private static String raised(String text) {
    StringBuilder raised = new StringBuilder();
    for (char c : text.toCharArray()) {
      int at = PLAIN.indexOf(c);
      raised.append(at < 0 ? c : RAISED.charAt(at));
    }
    return raised.toString();
  }
}
