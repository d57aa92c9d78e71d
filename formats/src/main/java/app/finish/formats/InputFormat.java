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
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

/// The formats that tables are brought in from. To add one, write its reader and add a line here:
/// the window's file picker, the command line's help, sentences about files, the choice of the
/// reader and docs/formats.md follow.
///
/// ```java
/// InputFormat.ofFile("fares.xlsx").orElseThrow().reader();
/// ```
public enum InputFormat {
  /// Workbooks (ECMA-376, spreadsheets).
  XLSX(
      XlsxReader::new,
      "XLSX",
      "workbooks: every sheet, with formats, merges, hidden rows and notes",
      "xlsx",
      "xlsm"),
  /// Workbooks (ISO 26300).
  ODS(OdsReader::new, "ODS", "workbooks of the open standard", "ods"),
  /// Documents (ECMA-376, wordprocessing).
  DOCX(DocxReader::new, "DOCX", "documents: every table with its caption and notes", "docx"),
  /// Web pages.
  HTML(HtmlReader::new, "HTML", "web pages: every table", "html", "htm", "xhtml"),
  /// Values parted by commas, tabs or the like (RFC 4180).
  CSV(
      CsvReader::new,
      "CSV, TSV",
      "values parted by commas, tabs, semicolons or bars",
      "csv",
      "tsv",
      "tab"),
  /// Markdown with pipe tables.
  MARKDOWN(
      MarkdownReader::new,
      "Markdown",
      "pipe tables with the headings above them",
      "md",
      "markdown"),
  /// Statistics in JSON-stat.
  JSON_STAT(JsonStatReader::new, "JSON-stat", "cubes of statistical offices", "json"),
  /// What consoles print, and other text.
  TEXT(TextReader::new, "text", "what consoles print: columns, boxes, whole sessions", "txt");

  private final Supplier<TableReader> reader;
  private final String label;
  private final String about;
  private final List<String> endings;

  InputFormat(Supplier<TableReader> reader, String label, String about, String... endings) {
    this.reader = reader;
    this.label = label;
    this.about = about;
    this.endings = List.of(endings);
  }

  /// The reader of this format.
  public TableReader reader() {
    return reader.get();
  }

  /// The name for people.
  public String label() {
    return label;
  }

  /// What is read of it, in a line.
  public String about() {
    return about;
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

  /// The names of all formats as a sentence lists them: "XLSX, ODS, … or text".
  public static String labelsInWords() {
    List<String> labels = Arrays.stream(values()).map(InputFormat::label).toList();
    int last = labels.size() - 1;
    return String.join(", ", labels.subList(0, last)) + " or " + labels.get(last);
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
