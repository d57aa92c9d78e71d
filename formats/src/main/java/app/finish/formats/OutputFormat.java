package app.finish.formats;

import app.finish.core.layout.font.Fonts;
import app.finish.formats.data.CsvWriter;
import app.finish.formats.data.TidyWriter;
import app.finish.formats.docx.DocxWriter;
import app.finish.formats.html.BoardWriter;
import app.finish.formats.html.HtmlWriter;
import app.finish.formats.io.Kept;
import app.finish.formats.io.TableWriter;
import app.finish.formats.jats.JatsWriter;
import app.finish.formats.json.JsonStatWriter;
import app.finish.formats.opendocument.OdsWriter;
import app.finish.formats.opendocument.OdtWriter;
import app.finish.formats.pdf.PdfWriter;
import app.finish.formats.pdf.PngWriter;
import app.finish.formats.richtext.RtfWriter;
import app.finish.formats.spreadsheet.XlsxWriter;
import app.finish.formats.svg.SvgWriter;
import app.finish.formats.typeset.LatexWriter;
import app.finish.formats.typeset.MarkdownWriter;
import app.finish.formats.typeset.TypstWriter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
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
      Use.MANUSCRIPT,
      true,
      true,
      fonts -> new DocxWriter()),
  /// ISO/IEC 26300, text.
  ODT(
      "odt",
      "Open text",
      "The same in the open format of office documents",
      Use.MANUSCRIPT,
      true,
      true,
      fonts -> new OdtWriter()),
  /// Rich Text Format 1.9.
  RTF(
      "rtf",
      "Rich text",
      "For old word processors and mail programs",
      Use.MANUSCRIPT,
      true,
      true,
      fonts -> new RtfWriter()),
  /// ECMA-376, spreadsheet, with formulas.
  ADDING(
      "sums.xlsx",
      "Workbook that adds up",
      "The same with totals as formulas, where they are exactly the sum of their parts",
      Use.WORKBOOK,
      true,
      true,
      fonts -> XlsxWriter.adding()),
  /// ECMA-376, spreadsheet.
  XLSX(
      "xlsx",
      "Workbook",
      "Figures as numbers, a sheet for each table",
      Use.WORKBOOK,
      true,
      true,
      fonts -> new XlsxWriter()),
  /// ISO/IEC 26300, spreadsheet.
  ODS(
      "ods",
      "Open workbook",
      "The same in the open format of office documents",
      Use.WORKBOOK,
      true,
      true,
      fonts -> new OdsWriter()),
  /// A page that readers work with.
  BOARD(
      "board.html",
      "Board",
      "One page in which readers sort, find, fold and point at figures",
      Use.WEB,
      true,
      false,
      fonts -> new BoardWriter()),
  /// Pages, and pasting into mail.
  HTML(
      "html", "Web page", "For web pages and mail", Use.WEB, true, true, fonts -> new HtmlWriter()),
  /// ISO 32000.
  PDF("pdf", "Print", "For printing, fonts embedded", Use.PICTURE, true, true, PdfWriter::new),
  /// A picture.
  PNG("png", "Picture", "For slides and pages, of dots", Use.PICTURE, false, true, PngWriter::new),
  /// Scalable Vector Graphics 1.1.
  SVG(
      "svg",
      "Drawing",
      "A picture at any size, its text as text",
      Use.PICTURE,
      false,
      true,
      fonts -> new SvgWriter()),
  /// LaTeX that compiles by itself.
  LATEX(
      "tex",
      "Typesetting",
      "LaTeX, to compile or to take into a paper",
      Use.TYPESETTING,
      true,
      false,
      fonts -> new LatexWriter()),
  /// Typst that compiles by itself.
  TYPST(
      "typ",
      "Typst",
      "Typesetting in a younger language",
      Use.TYPESETTING,
      true,
      true,
      fonts -> new TypstWriter()),
  /// ANSI/NISO Z39.96, 1.3.
  JATS(
      "xml",
      "Journal XML",
      "JATS 1.3, in which journals keep articles",
      Use.TYPESETTING,
      true,
      false,
      fonts -> new JatsWriter()),
  /// GitHub Flavored Markdown.
  MARKDOWN(
      "md",
      "Plain text",
      "Markdown, for notes and readmes",
      Use.WEB,
      true,
      false,
      fonts -> new MarkdownWriter()),
  /// RFC 4180, a line for each figure.
  TIDY(
      "tidy.csv",
      "Data",
      "A line for each figure, with its members and its exact value",
      Use.DATA,
      false,
      false,
      fonts -> new TidyWriter()),
  /// RFC 4180.
  CSV(
      "csv",
      "Cells",
      "The heads and rows as they are shown",
      Use.DATA,
      false,
      false,
      fonts -> new CsvWriter()),
  /// JSON-stat 2.0.
  JSON_STAT(
      "json",
      "Statistical data",
      "JSON-stat 2.0: a cube of exact values",
      Use.DATA,
      true,
      false,
      fonts -> new JsonStatWriter());

  /// What a person has in mind with a file.
  public enum Use {
    /// A text that goes on being written.
    MANUSCRIPT("To write on"),
    /// Cells that are calculated with.
    WORKBOOK("To calculate with"),
    /// Pages on a screen.
    WEB("For the web"),
    /// What a typesetter or a journal takes.
    TYPESETTING("To typeset"),
    /// What stays as it is.
    PICTURE("To print and to place"),
    /// Values without looks.
    DATA("As data");

    private final String label;

    Use(String label) {
      this.label = label;
    }

    /// The name for people.
    public String label() {
      return label;
    }
  }

  private final String extension;
  private final String label;
  private final String about;
  private final Use use;
  private final boolean severalTables;
  private final boolean onPaper;
  private final Function<Fonts, TableWriter> writer;

  OutputFormat(
      String extension,
      String label,
      String about,
      Use use,
      boolean severalTables,
      boolean onPaper,
      Function<Fonts, TableWriter> writer) {
    this.extension = extension;
    this.label = label;
    this.about = about;
    this.use = use;
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

  /// What it is for, in a word.
  public Use use() {
    return use;
  }

  /// Whether one file can hold several tables.
  public boolean holdsSeveralTables() {
    return severalTables;
  }

  /// Whether it makes a difference on which paper it is.
  public boolean isOnPaper() {
    return onPaper;
  }

  /// Whether its files show letters in fonts of this machine, so that those must have them.
  public boolean drawsLetters() {
    return use == Use.PICTURE;
  }

  /// What of a table its files still have, as its writer says.
  public Set<Kept> keeps() {
    return writer.apply(new Fonts()).keeps();
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
