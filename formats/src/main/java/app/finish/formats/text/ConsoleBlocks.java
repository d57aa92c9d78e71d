package app.finish.formats.text;

import app.finish.core.recognise.words.Vocabulary;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Cuts what a console printed into its tables: each with the words just above it, its lines, and
/// the notes just below. Prompts, calls and prose that belong to no table stand outside.
///
/// ```java
/// ConsoleBlocks session = ConsoleBlocks.of(lines);
/// session.blocks().getFirst().lines();
/// ```
///
/// @param blocks the tables in order
/// @param outside the lines that belong to no table
public record ConsoleBlocks(List<Block> blocks, List<String> outside) {
  /// One table.
  ///
  /// @param words lines of words above it
  /// @param lines its heads and figures, with rules and blank lines
  /// @param notes lines of words below it
  record Block(List<String> words, List<String> lines, List<String> notes) {}

  private record Paragraph(int blanksBefore, List<String> lines) {}

  private static final Pattern CALL =
      Pattern.compile(
          "(Call|Formula|Command|Code|Fit|Fitted"
              + " model|Data)\\s*:.*|[\\p{L}_][\\w.]*\\(.*(=|~|\\)$).*",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern NOTE =
      Pattern.compile(
          "("
              + Vocabulary.NOTE_WORDS
              + "|"
              + Vocabulary.SOURCE_WORDS
              + "|base|warnings?|legend|signif|significance|standard"
              + " errors?|n\\.b|key|data|figures|values|numbers|footnotes?)\\b.*[.:].*|[*†‡§]+.*|\\[?[0-9a-z][\\])]"
              + " .*|-{2,3}|\\(.*\\)|(name|length|dtype|freq)\\s*:.*|number of"
              + " (obs|observations|groups)\\b.*|\\[[0-9]+ rows x [0-9]+ columns\\]|.*\\b(in"
              + " parentheses|in brackets)\\b.*",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern LAYER = Pattern.compile("\\s*, , .*=.*");
  private static final int SHORT = 120;

  /// The tables of these lines.
  static ConsoleBlocks of(List<String> lines) {
    return new Reading().read(paragraphs(lines));
  }

  private static List<Paragraph> paragraphs(List<String> lines) {
    List<Paragraph> paragraphs = new ArrayList<>();
    List<String> open = new ArrayList<>();
    int blanks = 1;
    for (String line : lines) {
      boolean prompt = ConsoleLine.isPrompt(line);
      if (!open.isEmpty() && (line.isBlank() || prompt || ConsoleLine.isPrompt(open.getLast()))) {
        paragraphs.add(new Paragraph(blanks, open));
        open = new ArrayList<>();
        blanks = 0;
      }
      if (line.isBlank()) {
        blanks++;
      } else {
        open.add(line);
      }
    }
    if (!open.isEmpty()) {
      paragraphs.add(new Paragraph(blanks, open));
    }
    return paragraphs;
  }

  private static final class Reading {
    private final List<Block> blocks = new ArrayList<>();
    private final List<String> outside = new ArrayList<>();
    private final List<Paragraph> pending = new ArrayList<>();
    private boolean open;

    ConsoleBlocks read(List<Paragraph> paragraphs) {
      for (Paragraph paragraph : paragraphs) {
        if (ConsoleLine.isPrompt(paragraph.lines.getFirst())) {
          leave(paragraph);
          open = false;
        } else if (paragraph.lines.stream().anyMatch(ConsoleLine::isData)
            || ConsolePanel.isPanel(paragraph.lines)) {
          take(paragraph);
        } else if (open && isNote(paragraph)) {
          blocks.getLast().notes.addAll(paragraph.lines);
        } else {
          pending.add(paragraph);
        }
      }
      closePending();
      return new ConsoleBlocks(blocks, outside);
    }

    /// Prose and calls stand outside; so do words that no table follows, unless one is just above.
    private void closePending() {
      for (Paragraph paragraph : pending) {
        boolean near = open && !blocks.isEmpty() && paragraph.blanksBefore <= 1;
        if (near) {
          blocks.getLast().notes.addAll(paragraph.lines);
        } else {
          outside.addAll(paragraph.lines);
        }
      }
      pending.clear();
    }

    private void leave(Paragraph paragraph) {
      closePending();
      outside.addAll(paragraph.lines);
    }

    private boolean isNote(Paragraph paragraph) {
      String first = paragraph.lines.getFirst().strip();
      return paragraph.blanksBefore <= 2
          && pending.isEmpty()
          && (NOTE.matcher(first).matches()
              || TextLine.isSentence(first) && paragraph.blanksBefore == 0);
    }

    private void take(Paragraph paragraph) {
      List<List<String>> sections = new ConsoleSections(paragraph.lines).cut();
      for (int i = 0; i < sections.size(); i++) {
        List<String> section = sections.get(i);
        boolean goesOn =
            i == 0 && open && pending.isEmpty() && paragraph.blanksBefore == 1 && goesOn(section);
        if (goesOn) {
          Block last = blocks.getLast();
          last.lines.addAll(last.notes);
          last.notes.clear();
          last.lines.add("");
          int end = endOfTable(section);
          last.lines.addAll(section.subList(0, end));
          last.notes.addAll(section.subList(end, section.size()));
        } else {
          begin(section);
        }
        open = true;
      }
    }

    /// Whether figures go on below a blank line without heads of their own.
    private boolean goesOn(List<String> section) {
      Block last = blocks.getLast();
      if (!last.notes.isEmpty()
          || ConsolePanel.isPanel(last.lines)
          || ConsolePanel.isPanel(section)) {
        return false;
      }
      boolean wraps = last.lines.stream().anyMatch(line -> line.endsWith(" \\"));
      return !wraps
          && section.stream().anyMatch(ConsoleLine::isData)
          && ConsoleSections.fits(last.lines, section.subList(0, endOfTable(section)));
    }

    private void begin(List<String> section) {
      List<String> words = new ArrayList<>();
      List<String> lines = new ArrayList<>();
      for (int i = 0; i < pending.size(); i++) {
        Paragraph paragraph = pending.get(i);
        boolean last =
            i == pending.size() - 1
                || i == pending.size() - 2
                    && paragraph.lines.size() < 3
                    && paragraph.lines.stream().allMatch(line -> TextLine.pieces(line).size() < 3);
        boolean call = CALL.matcher(paragraph.lines.getFirst().strip()).matches();
        boolean prose =
            paragraph.lines.stream()
                .anyMatch(
                    line ->
                        line.length() > SHORT
                            || TextLine.isSentence(line)
                            || ConsoleLine.isNamed(line));
        boolean heads =
            i == pending.size() - 1
                && paragraph.lines.stream()
                    .allMatch(line -> TextLine.pieces(line).size() > 1 || TextLine.isRule(line))
                && !call
                && !ConsoleLine.numbersATable(paragraph.lines.getFirst());
        boolean layer = LAYER.matcher(paragraph.lines.getFirst()).matches();
        if (heads) {
          lines.addAll(paragraph.lines);
        } else if (layer) {
          words.add(
              paragraph
                  .lines
                  .getFirst()
                  .replaceFirst("^\\s*(, )+", "")
                  .replaceFirst("\\s*=\\s*", "\u0000"));
          words.addAll(paragraph.lines.subList(1, paragraph.lines.size()));
        } else if (last && !call && !prose
            || ConsoleLine.numbersATable(paragraph.lines.getFirst())) {
          words.addAll(paragraph.lines);
        } else if (i == 0 && open && paragraph.blanksBefore <= 1 && !blocks.isEmpty() && !call) {
          blocks.getLast().notes.addAll(paragraph.lines);
        } else {
          outside.addAll(paragraph.lines);
        }
      }
      pending.clear();
      int end = endOfTable(section);
      lines.addAll(section.subList(0, end));
      blocks.add(new Block(words, lines, new ArrayList<>(section.subList(end, section.size()))));
    }

    /// The place behind the last line that is no note.
    private static int endOfTable(List<String> section) {
      int end = section.size();
      boolean panel = ConsolePanel.isPanel(section);
      while (end > 0 && !panel && isTrailing(section, end - 1)) {
        end--;
      }
      return end;
    }

    /// Whether a line at the end of a table is a note below its figures.
    private static boolean isTrailing(List<String> section, int at) {
      String line = section.get(at);
      if (TextLine.isRule(line)) {
        return at + 1 < section.size();
      }
      return !ConsoleLine.isData(line)
          && !ConsolePanel.isPanel(List.of(line))
          && (TextLine.pieces(line).size() == 1
              || NOTE.matcher(line.strip()).matches()
              || TextLine.isSentence(line));
    }
  }
}
