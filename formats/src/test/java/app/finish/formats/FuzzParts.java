package app.finish.formats;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.demand.Checks;
import app.finish.core.check.demand.Inspection;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.dress.Dressed;
import app.finish.core.grid.Grid;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.io.Sent;
import app.finish.formats.io.ZipText;
import app.finish.formats.style.PaletteFile;
import app.finish.formats.style.StyleFile;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// What the fuzzer calls besides the readers of tables: documents with their moves, styles,
/// palettes and highlights; and every writer, whose output a strict reader must take. Only a
/// sentence for the person may come of it, or what is meant.
public final class FuzzParts {
  private static final StyleBook SHIPPED = StyleFile.shipped();
  private static final Fonts FONTS = new Fonts();
  private static final Inspection INSPECTION =
      new Inspection(_ -> SHIPPED, Formulas.NONE, Checks::demandedBy);
  private static final int MOST_CELLS = 4_000;
  private static final String PART = "=== ";

  private static String target = "written";
  private static Path folder = Path.of(".");
  private static int turn;

  private FuzzParts() {}

  /// Sets what is fuzzed.
  ///
  /// @param arguments `document`, `style`, `palette`, `highlight` or `written`
  public static void fuzzerInitialize(String[] arguments) throws IOException {
    target = arguments[0];
    folder = Files.createTempDirectory("finish-fuzz");
  }

  /// Takes one input.
  public static void fuzzerTestOneInput(byte[] data) throws IOException {
    take(new String(data, StandardCharsets.UTF_8));
  }

  /// Takes one input, and says whether anything came of it but a sentence.
  static boolean take(String text) throws IOException {
    try {
      switch (target) {
        case "document" -> document(text);
        case "style" -> style(text);
        case "palette" -> palette(text);
        case "highlight" -> highlight(text);
        default -> written(text);
      }
      return true;
    } catch (Problem | Refusal e) {
      String sentence = String.valueOf(e.getMessage());
      if (sentence.matches("(?s).*[a-z]\\.[A-Z][A-Za-z]*(Exception|Error).*")
          || !sentence.matches("(?s).*[.?!”)]\\s*")) {
        throw new AssertionError("no sentence: " + sentence, e);
      }
      return false;
    }
  }

  /// A document of parts, each behind a line with its name.
  private static void document(String text) throws IOException {
    Path file = folder.resolve("fuzzed.finish");
    try (OutputStream out = Files.newOutputStream(file)) {
      ZipText zip = new ZipText(out);
      List<String> names = new ArrayList<>();
      for (String part : text.split("(?m)^" + PART)) {
        int end = part.indexOf('\n');
        String name = end < 0 ? "" : part.substring(0, end).strip();
        if (!name.isEmpty() && name.length() < 60 && !names.contains(name)) {
          names.add(name);
          zip.add(name, part.substring(end + 1));
        }
      }
      zip.addDigests();
      zip.finish();
    }
    Document document = DocumentFile.read(file);
    for (int i = 0; i < document.tables().size(); i++) {
      DocumentTable table = document.table(i);
      Finishing finishing = Finishing.of(table);
      if (finishing.table().body().rows() * finishing.table().body().columns() < MOST_CELLS) {
        Dressed dressed =
            finishing
                .in(new Sending(FONTS, SHIPPED, Formulas.NONE).styles(document))
                .numbered(1)
                .dressed();
        dressed.rows().forEach(row -> row.cells().forEach(cell -> cell.text().length()));
      }
    }
    Path again = folder.resolve("again.finish");
    DocumentFile.write(document, again);
    if (!DocumentFile.read(again).equals(document)) {
      throw new AssertionError("a document is not what it was");
    }
  }

  private static void style(String text) throws IOException {
    HouseStyle style = StyleFile.parse(text, "fuzzed.json", false);
    HouseStyle again = StyleFile.parse(StyleFile.write(style), "again.json", false);
    if (!again.equals(style)) {
      throw new AssertionError("a style is not what it was");
    }
    SHIPPED.with(style).cascade(style.name());
  }

  private static void palette(String text) throws IOException {
    Path file = folder.resolve(text.stripLeading().startsWith("{") ? "p.json" : "p.css");
    Files.writeString(file, text);
    PaletteFile.read(file);
  }

  private static void highlight(String text) {
    HighlightSentence.read(text);
  }

  /// A table of lines: held against all checks, and written in one format after another.
  private static void written(String text) throws IOException {
    String[] lines = text.lines().limit(60).map(FuzzParts::atMost).toArray(String[]::new);
    if (lines.length == 0) {
      return;
    }
    List<String> styles = SHIPPED.styles().stream().map(HouseStyle::name).toList();
    Document document =
        Document.EMPTY.withAdded(
            new Source("fuzzed", Grid.ofText(lines)),
            Finish.in(styles.get(text.length() % styles.size())));
    Sent sent = new Sending(FONTS, SHIPPED, Formulas.NONE).sent(document, List.of(0), Paper.A4);
    OutputFormat[] all = OutputFormat.values();
    for (int i = 0; i < 3; i++) {
      OutputFormat format = all[turn++ % all.length];
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      format.writer(FONTS).write(sent, out);
      StrictReading.read(format, out.toByteArray());
    }
  }

  /// At most forty cells of a line.
  private static String atMost(String line) {
    String[] cells = line.split("\\|", 41);
    return cells.length <= 40 ? line : String.join("|", List.of(cells).subList(0, 40));
  }
}
