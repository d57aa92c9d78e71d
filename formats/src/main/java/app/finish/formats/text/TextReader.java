package app.finish.formats.text;

import app.finish.formats.io.FileName;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Pattern;

/// Reads a text whose kind is not told: a Markdown table, cells parted by a delimiter, or columns
/// set with spaces.
public final class TextReader implements TableReader {
  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    return read(TextFile.read(file, request), FileName.of(file));
  }

  /// The sheets that a text makes.
  public static Sheets read(String text, String name) throws IOException {
    List<String> lines = text.lines().filter(line -> !line.isBlank()).limit(400).toList();
    boolean boxed = BoxedText.isBoxed(lines);
    if (MarkdownReader.holdsATable(lines) && !(boxed && isDrawn(lines))) {
      return Sheets.of(MarkdownReader.read(text, name));
    }
    boolean tabs = lines.stream().filter(line -> line.contains("\t")).count() * 2 > lines.size();
    boolean fixed = !tabs && (boxed || !isDelimited(lines)) && FixedWidthReader.fits(lines);
    return fixed
        ? FixedWidthReader.read(text, name)
        : Sheets.of(List.of(new CsvReader().read(text, name)));
  }

  /// Whether corners are drawn, which Markdown has none of.
  private static boolean isDrawn(List<String> lines) {
    return lines.stream()
        .anyMatch(line -> line.matches("\\s*[|]?[-=+]*\\+[-=+]+[|]?\\s*|.*[┌╭┏╔╒┼].*"));
  }

  /// Whether most lines have the same number of one delimiter.
  private static boolean isDelimited(List<String> lines) {
    char delimiter = CsvReader.delimiter(String.join("\n", lines));
    Pattern gap =
        Pattern.compile(
            "[^\\s"
                + Pattern.quote("" + delimiter)
                + "] {2,}[^\\s"
                + Pattern.quote("" + delimiter)
                + "]");
    if (lines.stream().filter(line -> gap.matcher(line).find()).count() * 2 >= lines.size()) {
      return false;
    }
    int[] counts = new int[64];
    for (String line : lines) {
      counts[(int) Math.min(63, line.chars().filter(c -> c == delimiter).count())]++;
    }
    int most = 0;
    for (int count = 1; count < counts.length; count++) {
      most = Math.max(most, counts[count]);
    }
    return most * 10 > lines.size() * 6;
  }
}
