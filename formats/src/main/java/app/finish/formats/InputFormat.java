package app.finish.formats;

import app.finish.formats.docx.DocxReader;
import app.finish.formats.html.HtmlReader;
import app.finish.formats.io.TableReader;
import app.finish.formats.json.JsonStatReader;
import app.finish.formats.spreadsheet.OdsReader;
import app.finish.formats.spreadsheet.XlsxReader;
import app.finish.formats.text.CsvReader;
import app.finish.formats.text.MarkdownReader;
import app.finish.formats.text.TextReader;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

/// The formats that tables are brought in from. To add one, write its reader and add a line here:
/// the window's file picker, sentences about files and the choice of the reader follow.
///
/// ```java
/// InputFormat.ofFile("fares.xlsx").orElseThrow().reader();
/// ```
public enum InputFormat {
  /// Workbooks (ECMA-376, spreadsheets).
  XLSX(XlsxReader::new, "xlsx", "xlsm"),
  /// Workbooks (ISO 26300).
  ODS(OdsReader::new, "ods"),
  /// Documents (ECMA-376, wordprocessing).
  DOCX(DocxReader::new, "docx"),
  /// Web pages.
  HTML(HtmlReader::new, "html", "htm", "xhtml"),
  /// Values parted by commas, tabs or the like (RFC 4180).
  CSV(CsvReader::new, "csv", "tsv", "tab"),
  /// Markdown with pipe tables.
  MARKDOWN(MarkdownReader::new, "md", "markdown"),
  /// Statistics in JSON-stat.
  JSON_STAT(JsonStatReader::new, "json"),
  /// What consoles print, and other text.
  TEXT(TextReader::new, "txt");

  private final Supplier<TableReader> reader;
  private final List<String> endings;

  InputFormat(Supplier<TableReader> reader, String... endings) {
    this.reader = reader;
    this.endings = List.of(endings);
  }

  /// The reader of this format.
  public TableReader reader() {
    return reader.get();
  }

  /// The endings of its files, without the point.
  public List<String> endings() {
    return endings;
  }

  /// The endings of all formats, without the point.
  public static List<String> allEndings() {
    List<String> all = new ArrayList<>();
    for (InputFormat format : values()) {
      all.addAll(format.endings);
    }
    return all;
  }

  /// The format that a file's ending names, if one does.
  public static Optional<InputFormat> ofFile(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    String ending = lower.substring(lower.lastIndexOf('.') + 1);
    for (InputFormat format : values()) {
      if (format.endings.contains(ending)) {
        return Optional.of(format);
      }
    }
    return Optional.empty();
  }
}
