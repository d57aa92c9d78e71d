package app.finish.formats;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.recognise.Recogniser;
import app.finish.formats.io.Kept;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jsoup.Jsoup;

/// What tests of this module begin with.
public final class Given {
  static final Fonts FONTS = new Fonts();

  private static final String[] PIVOT = {
    "Fares and recovery by route",
    "In thousands of euros",
    "",
    "Route | Season | 2025 | | 2026 |",
    " | | Fares | Cost recovery | Fares | Cost recovery",
    "Hale–Orrin | Winter | 10.5 | 93% | 11.5 | 98%",
    " | Summer | 20.0 | 104% | 1,300.0 | 108%",
    "Hale–Orrin total | | 30.5 | 97% | 1,311.5 | 101%",
    "Skell & <Tamsay> | Winter | 1.5 | 43% | 1.5 | 48%",
    " | Summer | 2.0 | 54% | -2.5 | n/a",
    "Skell & <Tamsay> total | | 3.5 | 47% | -1.0 | 51%",
    "All routes | | 34.0 | 87% | 1,310.5 | 89%",
    "Note. Fares \"in thousands\" & rounded.",
    "Source: Sailing records"
  };

  private static final Pattern LOOK = Pattern.compile("\\.(k[0-9]+) \\{ ([^}]*) \\}");

  private Given() {}

  public static Path folder() {
    try {
      Path folder = Files.createTempDirectory("finish-test");
      folder.toFile().deleteOnExit();
      return folder;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  public static Document sailings(String style) {
    return document(style, PIVOT);
  }

  public static Document document(String style, String... lines) {
    Document document = Document.EMPTY;
    for (Grid grid : Recogniser.split(Grid.ofText(lines))) {
      document = document.withAdded(new Source("given", grid), Finish.in(style));
    }
    return document;
  }

  public static Document documentOf(List<Source> sources, String style) {
    Document document = Document.EMPTY;
    for (Source source : sources) {
      document = document.withAdded(source, Finish.in(style));
    }
    return document;
  }

  public static Sending sending() {
    return new Sending(FONTS, StyleFile.shipped(), Formulas.NONE);
  }

  /// A document as a file of a format; its last item where a file holds one.
  public static Path sent(Document document, OutputFormat format) throws IOException {
    Path file = folder().resolve("out." + format.extension());
    List<Integer> all =
        java.util.stream.IntStream.range(0, document.items().size()).boxed().toList();
    List<Integer> one = format.keeps().contains(Kept.CHARTS) ? List.of(all.getLast()) : List.of(0);
    List<Integer> indexes = format.holdsSeveralTables() ? all : one;
    sending().write(document, indexes, format, Paper.A4, file);
    return file;
  }

  static Proof proof(Document document, OutputFormat format) {
    return sending().proof(document, 0, format.writer(FONTS).paper(Paper.A4));
  }

  /// A page with the looks of its style sheet on its elements.
  static org.jsoup.nodes.Document page(Path file) throws IOException {
    org.jsoup.nodes.Document page = Jsoup.parse(file.toFile());
    Matcher look = LOOK.matcher(page.select("style").html());
    while (look.find()) {
      page.select("." + look.group(1)).attr("style", look.group(2));
    }
    return page;
  }
}
