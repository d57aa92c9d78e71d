package app.finish.formats;

import app.finish.core.layout.font.Fonts;
import app.finish.formats.docx.DocxWriter;
import app.finish.formats.html.HtmlWriter;
import app.finish.formats.io.TableWriter;
import app.finish.formats.pdf.PdfWriter;
import app.finish.formats.pdf.PngWriter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

/// The formats that tables are sent out in.
public enum OutputFormat {
  /// Word processors (ECMA-376, wordprocessing).
  DOCX("Word processor", "docx", true),
  /// Web pages, and pasting into mail.
  HTML("Web page", "html", true),
  /// Printing and exchange (ISO 32000).
  PDF("Print", "pdf", true),
  /// A picture.
  PNG("Picture", "png", false);

  private final String label;
  private final String extension;
  private final boolean severalTables;

  OutputFormat(String label, String extension, boolean severalTables) {
    this.label = label;
    this.extension = extension;
    this.severalTables = severalTables;
  }

  /// The name for people.
  public String label() {
    return label;
  }

  /// The ending of its files, without the point.
  public String extension() {
    return extension;
  }

  /// Whether one file can hold several tables.
  public boolean holdsSeveralTables() {
    return severalTables;
  }

  /// The writer of this format.
  public TableWriter writer(Fonts fonts) {
    return switch (this) {
      case DOCX -> new DocxWriter();
      case HTML -> new HtmlWriter();
      case PDF -> new PdfWriter(fonts);
      case PNG -> new PngWriter(fonts);
    };
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
