package app.finish.formats;

import app.finish.core.layout.font.Fonts;
import app.finish.formats.data.CsvWriter;
import app.finish.formats.data.TidyWriter;
import app.finish.formats.docx.DocxWriter;
import app.finish.formats.html.HtmlWriter;
import app.finish.formats.io.TableWriter;
import app.finish.formats.pdf.PdfWriter;
import app.finish.formats.pdf.PngWriter;
import app.finish.formats.spreadsheet.XlsxWriter;
import app.finish.formats.svg.SvgWriter;
import app.finish.formats.typeset.LatexWriter;
import app.finish.formats.typeset.MarkdownWriter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;

/// The formats that tables are sent out in. To add one, write its writer and add a line here: the
/// window's choices, the command line's help, sentences about files and docs/formats.md follow.
///
/// ```java
/// OutputFormat.ofFile("fares.docx").orElseThrow().writer(fonts);
/// ```
public enum OutputFormat {
  /// ECMA-376, wordprocessing.
  DOCX(
      "docx",
      "Word processor",
      "A table that can be edited, with styles by name",
      true,
      true,
      fonts -> new DocxWriter()),
  /// ECMA-376, spreadsheet.
  XLSX(
      "xlsx",
      "Workbook",
      "Figures as numbers, a sheet for each table",
      true,
      true,
      fonts -> new XlsxWriter()),
  /// Pages, and pasting into mail.
  HTML("html", "Web page", "For web pages and mail", true, true, fonts -> new HtmlWriter()),
  /// ISO 32000.
  PDF("pdf", "Print", "For printing, fonts embedded", true, true, PdfWriter::new),
  /// A picture.
  PNG("png", "Picture", "200 dots an inch", false, true, PngWriter::new),
  /// Scalable Vector Graphics 1.1.
  SVG(
      "svg",
      "Drawing",
      "A picture at any size, its text as text",
      false,
      true,
      fonts -> new SvgWriter()),
  /// LaTeX that compiles by itself.
  LATEX(
      "tex",
      "Typesetting",
      "LaTeX, to compile or to take into a paper",
      true,
      false,
      fonts -> new LatexWriter()),
  /// GitHub Flavored Markdown.
  MARKDOWN(
      "md",
      "Plain text",
      "Markdown, for notes and readmes",
      true,
      false,
      fonts -> new MarkdownWriter()),
  /// RFC 4180, a line for each figure.
  TIDY(
      "tidy.csv",
      "Data",
      "A line for each figure, with its members and its exact value",
      false,
      false,
      fonts -> new TidyWriter()),
  /// RFC 4180.
  CSV(
      "csv",
      "Cells",
      "The heads and rows as they are shown",
      false,
      false,
      fonts -> new CsvWriter());

  private final String extension;
  private final String label;
  private final String about;
  private final boolean severalTables;
  private final boolean onPaper;
  private final Function<Fonts, TableWriter> writer;

  OutputFormat(
      String extension,
      String label,
      String about,
      boolean severalTables,
      boolean onPaper,
      Function<Fonts, TableWriter> writer) {
    this.extension = extension;
    this.label = label;
    this.about = about;
    this.severalTables = severalTables;
    this.onPaper = onPaper;
    this.writer = writer;
  }

  /// The ending of its files, without the point.
  public String extension() {
    return extension;
  }

  /// The name for people.
  public String label() {
    return label;
  }

  /// What it is for, in a line.
  public String about() {
    return about;
  }

  /// Whether one file can hold several tables.
  public boolean holdsSeveralTables() {
    return severalTables;
  }

  /// Whether it makes a difference on which paper it is.
  public boolean isOnPaper() {
    return onPaper;
  }

  /// The writer of this format.
  public TableWriter writer(Fonts fonts) {
    return writer.apply(fonts);
  }

  /// The endings of all formats as a sentence lists them: ".docx, .html, .pdf or .png".
  public static String endingsInWords() {
    List<String> endings = Arrays.stream(values()).map(one -> "." + one.extension).toList();
    int last = endings.size() - 1;
    return String.join(", ", endings.subList(0, last)) + " or " + endings.get(last);
  }

  /// The format that a file's ending names, if one does.
  public static Optional<OutputFormat> ofFile(String name) {
    String lower = name.toLowerCase(Locale.ROOT);
    for (OutputFormat format : values()) {
      if (lower.endsWith("." + format.extension)) {
        return Optional.of(format);
      }
    }
    return Optional.empty();
  }
}
