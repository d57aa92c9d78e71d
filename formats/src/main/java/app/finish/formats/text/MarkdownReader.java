package app.finish.formats.text;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.formats.io.FileName;
import app.finish.formats.io.RaisedText;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Reads the pipe tables of a Markdown text. A heading or a line just above a table is its title,
/// lines just below it are its notes.
public final class MarkdownReader implements TableReader {
  private static final Pattern NOTE =
      Pattern.compile(
          "("
              + Vocabulary.NOTE_WORDS
              + "|"
              + Vocabulary.SOURCE_WORDS
              + ")\\b\\s*[.:0-9].*|[¹²³⁴-⁹ᵃ-ᵉ*†‡§]+"
              + " ?\\S.*|\\\\?\\*+\\s?p\\b.*|\\[?\\^?[0-9a-e][\\])]:? .*",
          Pattern.CASE_INSENSITIVE);

  /// A line without words or figures.
  private static final Pattern DRAWN = Pattern.compile("[^\\p{L}\\p{N}]+");

  private static final Pattern TITLE = Pattern.compile("(\\*\\*|__|Table|:).*|[*_][^*_].*[*_]");
  private static final Pattern NUMBER =
      Pattern.compile("(table|tabelle|tableau)\\s+[A-Z]?[0-9.–-]+\\.?", Pattern.CASE_INSENSITIVE);
  private static final Pattern RAISED = Pattern.compile("\\^([\\w*†‡]{1,3})\\^");
  private static final String STAR = "\u0001";
  private static final String LINE = "\u0002";
  private static final Pattern DIVIDER =
      Pattern.compile("\\s*+\\|?\\s*+:?-++:?\\s*+(?:\\|\\s*+:?-++:?\\s*+)*+\\|?\\s*+");

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    return Sheets.of(read(TextFile.read(file, request), FileName.of(file)));
  }

  /// Whether a text holds a pipe table.
  static boolean holdsATable(List<String> lines) {
    for (int i = 1; i < lines.size(); i++) {
      if (isDivider(lines, i)) {
        return true;
      }
    }
    return false;
  }

  private static boolean isDivider(List<String> lines, int at) {
    String line = lines.get(at);
    return line.contains("-")
        && (line.contains("|") || lines.get(at - 1).contains("|"))
        && DIVIDER.matcher(line).matches()
        && lines.get(at - 1).contains("|")
        && cells(line).size() == cells(lines.get(at - 1)).size();
  }

  /// The tables of a text.
  static List<Grid> read(String text, String name) throws IOException {
    List<String> lines = text.lines().toList();
    List<Grid> grids = new ArrayList<>();
    for (int i = 1; i < lines.size(); i++) {
      if (isDivider(lines, i)) {
        int end = i + 1;
        while (end < lines.size() && lines.get(end).contains("|")) {
          end++;
        }
        grids.add(table(lines, i, end, name));
        i = end;
      }
    }
    return grids;
  }

  private static Grid table(List<String> lines, int divider, int end, String name)
      throws IOException {
    SheetBuilder sheet = new SheetBuilder(name);
    for (String words : wordsAbove(lines, divider - 1)) {
      sheet.addLine(words);
    }
    for (int i = divider - 1; i < end; i++) {
      if (i != divider) {
        sheet.beginRow();
        for (String cell : cells(lines.get(i))) {
          sheet.add(cell(cell, i < divider));
        }
      }
    }
    int below = end;
    while (below < lines.size() && !lines.get(below).isBlank()) {
      String line = bare(lines.get(below++)).replaceFirst("^:\\s*", "");
      if (!DRAWN.matcher(line).matches()) {
        sheet.addLine(line);
      }
    }
    while (below + 1 < lines.size() && isNote(lines.get(below + 1))) {
      below++;
      while (below < lines.size() && !lines.get(below).isBlank()) {
        sheet.addLine(bare(lines.get(below++)));
      }
    }
    return sheet.grid("");
  }

  private static boolean isNote(String line) {
    return NOTE.matcher(bare(line)).matches() || RAISED.matcher(line.strip()).lookingAt();
  }

  /// The lines of words above a table: a line just above it, or a paragraph that is emphasised or
  /// says that it is a table's, with its number before it; else the heading under which it stands.
  private static List<String> wordsAbove(List<String> lines, int head) {
    int above = head - 1;
    boolean gap = above >= 0 && lines.get(above).isBlank();
    above -= gap ? 1 : 0;
    if (above >= 0 && !lines.get(above).isBlank() && !lines.get(above).contains("|")) {
      String line = lines.get(above);
      if (DRAWN.matcher(line).matches()) {
        return headingAbove(lines, above);
      }
      if (!gap && !line.startsWith("#") && TextLine.isSentence(line)) {
        return headingAbove(lines, above);
      }
      if (!gap || line.startsWith("#") || TITLE.matcher(line).matches()) {
        List<String> words = new ArrayList<>();
        int number = above - 1;
        number -= number >= 0 && lines.get(number).isBlank() ? 1 : 0;
        if (number >= 0 && NUMBER.matcher(bare(lines.get(number))).matches()) {
          words.add(bare(lines.get(number)));
        }
        String title = line.replaceFirst("^#+\\s*", "").replaceFirst("^(Table)?:\\s*", "");
        words.add(bare(title.replaceFirst("\\s*\\{#[^}]*\\}$", "")));
        return words;
      }
    }
    return headingAbove(lines, above);
  }

  private static List<String> headingAbove(List<String> lines, int from) {
    for (int at = from; at >= 0 && !lines.get(at).contains("|"); at--) {
      if (lines.get(at).matches("#{1,6}\\s+\\S.*")) {
        return List.of(bare(lines.get(at).replaceFirst("^#+\\s*", "")));
      }
    }
    return List.of();
  }

  private static List<String> cells(String line) {
    String inner = line.strip().replaceFirst("^\\|", "").replaceFirst("(?<!\\\\)\\|$", "");
    List<String> cells = new ArrayList<>();
    for (String cell : inner.split("(?<!\\\\)\\|", -1)) {
      cells.add(cell.replace("\\|", "|"));
    }
    return cells;
  }

  private static GridCell cell(String written, boolean head) {
    String text = written.strip();
    boolean bold = text.matches("(\\*\\*|__).+(\\*\\*|__)");
    int indent =
        written.length() - written.stripLeading().length() > 2 || text.startsWith("&nbsp;") ? 1 : 0;
    String bare = bare(text.replace("&nbsp;", " ")).strip();
    return GridCell.of(bare)
        .with(new SourceFormat(bold || head, false, bare.isEmpty() ? 0 : indent));
  }

  /// A text without the marks of emphasis and code around its words.
  private static String bare(String text) {
    String kept = text.replace("\\*", STAR).replace("\\_", LINE);
    return RAISED
        .matcher(kept)
        .replaceAll(mark -> RaisedText.wrapped(mark.group(1), true))
        .replaceAll("(\\*\\*|__)(.+?)\\1", "$2")
        .replaceAll("(?<![\\w*])([*_`])(?=\\S)(.+?)(?<=\\S)\\1(?![\\w*])", "$2")
        .replace(STAR, "*")
        .replace(LINE, "_")
        .strip();
  }
}
