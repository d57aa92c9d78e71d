package app.finish.formats;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;

/// The files about Marram Sound that ship with Finish.
public final class Samples {
  /// The name of the workbook with the pivots.
  public static final String PIVOTS = "marram-sound.xlsx";

  /// Pivots in the shapes that spreadsheets give them, one to a sheet.
  public static final String SHAPES = "pivots.xlsx";

  /// The statistics of a survey, as statistics packages print them.
  public static final String SURVEY = "survey-output.html";

  /// The statistics of a survey, as consoles print them.
  public static final String CONSOLE = "survey-console.txt";

  private Samples() {}

  /// Puts a sample into a folder.
  ///
  /// @return the file
  public static Path copy(String name, Path folder) throws IOException {
    Path file = folder.resolve(name);
    try (InputStream stream =
        Samples.class.getResourceAsStream("/app/finish/formats/samples/" + name)) {
      Files.copy(stream, file, StandardCopyOption.REPLACE_EXISTING);
    }
    return file;
  }

  /// The document of the demo, in the plain style: the three pivots of the workbook, and of the
  /// survey a frequency table, correlations and a regression.
  public static Document demo() throws IOException {
    List<Source> sources = new ArrayList<>(read(PIVOTS));
    List<Source> survey = read(SURVEY);
    sources.addAll(List.of(survey.get(0), survey.get(4), survey.get(5)));
    Document document = Document.EMPTY;
    for (Source source : sources) {
      document = document.withAdded(source, Finish.in("Plain"));
    }
    return document;
  }

  /// The tables of a sample.
  public static List<Source> read(String name) throws IOException {
    Path folder = Files.createTempDirectory("finish-sample");
    Path file = copy(name, folder);
    try {
      return Sources.read(file);
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(folder);
    }
  }
}
