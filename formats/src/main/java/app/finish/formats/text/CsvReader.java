package app.finish.formats.text;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Limits;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import app.finish.formats.io.Watched;
import de.siegmar.fastcsv.reader.CsvParseException;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.CsvRecordHandler;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;

/// Reads CSV and TSV (RFC 4180 and its relatives). The encoding is found out (a byte order mark,
/// else UTF-8, and Windows-1252 for bytes that can't be that), and so is the delimiter (the one of
/// comma, semicolon, tab and bar that parts the lines most evenly).
public final class CsvReader implements TableReader {
  private static final char[] DELIMITERS = {'\t', ';', ',', '|'};
  private static final int SAMPLE = 200;

  /// A first line that only says what parts the cells, as some programs write it.
  private static final Pattern TOLD = Pattern.compile("sep=[,;|\t]\r?\n");

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    String name = FileName.of(file);
    return Sheets.of(List.of(read(TextFile.read(file, request), name)));
  }

  /// The grid that a text holds.
  ///
  /// @param name what the text is called in messages
  Grid read(String text, String name) throws IOException {
    boolean told = TOLD.matcher(text).lookingAt();
    char delimiter = told ? text.charAt(4) : delimiter(text);
    List<List<GridCell>> rows = new ArrayList<>();
    long cells = 0;
    try (de.siegmar.fastcsv.reader.CsvReader<CsvRecord> records =
        de.siegmar.fastcsv.reader.CsvReader.builder()
            .fieldSeparator(delimiter)
            .skipEmptyLines(false)
            .allowExtraCharsAfterClosingQuote(true)
            .allowMissingFields(true)
            .allowExtraFields(true)
            .build(
                CsvRecordHandler.of(handler -> handler.maxFields(Limits.FIELDS)),
                told ? text.substring(text.indexOf('\n') + 1) : text)) {
      for (CsvRecord record : records) {
        Watched.check();
        if (record.getFieldCount() > Limits.COLUMNS) {
          throw Limits.tooWide(name, rows.size() + 1L);
        }
        List<GridCell> row = new ArrayList<>(record.getFieldCount());
        for (String field : record.getFields()) {
          row.add(GridCell.of(field.replace("\r\n", " ").replace('\n', ' ').stripTrailing()));
        }
        cells += row.size();
        if (cells > Limits.CELLS) {
          throw Limits.tooMany(name);
        }
        rows.add(row);
      }
    } catch (CsvParseException e) {
      throw new Problem(
          name
              + " can't be read as CSV near row "
              + (rows.size() + 1)
              + ": a quotation mark or a cell has no end. Open it in a text editor and close it.",
          e);
    }
    return Limits.grid(name, "", withWholeTitles(rows, delimiter));
  }

  /// Lines of words above the table that the delimiter cut, as in “Population by age, 2024”: they
  /// have fewer cells than the table, and a blank stands behind each delimiter.
  private static List<List<GridCell>> withWholeTitles(List<List<GridCell>> rows, char delimiter) {
    int width = rows.stream().limit(SAMPLE).mapToInt(List::size).max().orElse(0);
    for (int i = 0; i + 1 < rows.size() && i < 4; i++) {
      List<GridCell> row = rows.get(i);
      if (row.size() == width || row.size() > 1 && !isCutLine(row)) {
        break;
      }
      if (row.size() > 1) {
        String line = String.join("" + delimiter, row.stream().map(GridCell::text).toList());
        rows.set(i, List.of(GridCell.of(line)));
      }
    }
    return rows;
  }

  private static boolean isCutLine(List<GridCell> row) {
    return !row.getFirst().isBlank()
        && row.stream().skip(1).allMatch(cell -> cell.text().matches(" \\S.*"));
  }

  /// The delimiter that parts the most lines into the same number of cells, more than one. Tabs win
  /// a draw, then semicolons: a comma may be a decimal mark.
  static char delimiter(String text) {
    char best = ',';
    double bestScore = 0;
    List<String> lines = text.lines().filter(line -> !line.isBlank()).limit(SAMPLE).toList();
    for (char delimiter : DELIMITERS) {
      int[] counts = new int[64];
      for (String line : lines) {
        counts[Math.min(63, count(line, delimiter))]++;
      }
      double score = 0;
      for (int count = 1; count < counts.length; count++) {
        score = Math.max(score, counts[count] * (1 + Math.min(count, 20) / 100.0));
      }
      if (score > bestScore + 0.001) {
        best = delimiter;
        bestScore = score;
      }
    }
    return best;
  }

  private static int count(String line, char delimiter) {
    int count = 0;
    boolean quoted = false;
    for (int i = 0; i < line.length(); i++) {
      char c = line.charAt(i);
      quoted ^= c == '"';
      count += c == delimiter && !quoted ? 1 : 0;
    }
    return count;
  }
}
