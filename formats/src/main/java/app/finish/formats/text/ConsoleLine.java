package app.finish.formats.text;

import app.finish.core.recognise.words.Vocabulary;
import java.util.List;
import java.util.regex.Pattern;

/// What a line that a console printed is for.
///
/// ```java
/// ConsoleLine.isData("North   12   14"); // true
/// ConsoleLine.isPrompt(">>> print(table)"); // true
/// ```
final class ConsoleLine {
  private static final Pattern PROMPT =
      Pattern.compile(
          "(>>>|\\.\\.\\.|In \\[[0-9]*\\]:|Out\\[[0-9]+\\]:)( .*)?|(?![0-9.]+%)[\\w@~:/.-]*[$#%]"
              + " .*|[\\w.-]+(\\[[^\\]]*\\]|\\([^)]*\\))?[=\\-(*]?[#>]( .*)?|> [\\p{L}#].*|>|\\."
              + " \\p{Ll}\\w* .*|\\+ +[\\p{L}].*");
  private static final Pattern LEGEND =
      Pattern.compile(
          "(signif|significance|"
              + Vocabulary.NOTE_WORDS
              + "|"
              + Vocabulary.SOURCE_WORDS
              + ")\\b.*[.:].*|[*†‡]+\\s*p\\b.*",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern TALK =
      Pattern.compile(
          "\\(?[0-9,. ]+ (rows?|records?|observations|columns)\\b.*|time: [0-9.,]+ m?s.*|(query"
              + " ok|showing|displaying|output|\\.\\.\\. with [0-9]+|# (a tibble|groups|ℹ|i"
              + " )).*|shape: \\([0-9]+, ?[0-9]+\\)|[0-9]+\\s?[×x]\\s?[0-9]+"
              + " (DataFrame|tibble|data\\.frame|Array)\\b.*|\\[[0-9]+ rows x [0-9]+ columns\\]",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern NAMED = Pattern.compile("\\p{L}[^:]* [^:]*: [-+]?[0-9.,]+%?");
  private static final Pattern TABLE =
      Pattern.compile("(table|tab\\.|tabelle|tableau)\\s+[A-Z]?[0-9].*", Pattern.CASE_INSENSITIVE);

  private ConsoleLine() {}

  /// Whether a line is what someone typed.
  static boolean isPrompt(String line) {
    return PROMPT.matcher(line.strip()).matches() && !TextLine.holdsFigures(line);
  }

  /// Whether a line begins with the number of a table.
  static boolean numbersATable(String line) {
    return TABLE.matcher(line.strip()).matches();
  }

  /// Whether a line is a name, a colon and one figure.
  static boolean isNamed(String line) {
    return NAMED.matcher(line.strip()).matches();
  }

  /// Whether a line is what a program says of its own work: a prompt, how many rows there are, how
  /// long it took.
  static boolean isTalk(String line) {
    return isPrompt(line) || TALK.matcher(line.strip()).matches();
  }

  /// Whether a line bears figures of a table.
  static boolean isData(String line) {
    return TextLine.holdsFigures(line)
        && !ConsolePanel.isPanel(List.of(line))
        && !line.contains(" = ")
        && !TABLE.matcher(line.strip()).matches()
        && !NAMED.matcher(line.strip()).matches()
        && !LEGEND.matcher(line.strip()).matches();
  }
}
