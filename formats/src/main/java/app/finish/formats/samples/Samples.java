package app.finish.formats.samples;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.style.PartName;
import app.finish.core.tally.Tally;
import app.finish.formats.Sources;
import app.finish.formats.finish.TallyJson;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

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

  /// Records of sailings, two years of them.
  public static final String SAILINGS = "sailings.csv";

  /// Records of a survey's answers.
  public static final String ANSWERS = "survey-answers.csv";

  private static final List<Map.Entry<String, String>> TALLIES =
      List.of(
          Map.entry("pivot", "Sailings, Fares and Cost Recovery by Route and Season"),
          Map.entry("crosstab", "Tickets of Islanders and Visitors"),
          Map.entry("descriptives", "Waiting Comfort, Trust and Crowding by Residence"));

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

  /// A tally of the demo, counted from its records beforehand: "pivot", "crosstab", "descriptives"
  /// or "days".
  public static Tally tally(String name) throws IOException {
    String file = "tally-" + name + ".json";
    try (InputStream stream =
        Samples.class.getResourceAsStream("/app/finish/formats/samples/" + file)) {
      return TallyJson.read(new String(stream.readAllBytes(), StandardCharsets.UTF_8), file);
    }
  }

  /// The document of the demo, in the plain style: the three pivots of the workbook, of the survey
  /// a frequency table, correlations and a regression, a pivot, a crosstab and descriptives that
  /// were tallied from records, and five tables that are arranged; then three charts, and a board
  /// of four tables and the charts.
  public static Document demo() throws IOException {
    List<Source> sources = new ArrayList<>(read(PIVOTS));
    List<Source> survey = read(SURVEY);
    sources.addAll(List.of(survey.get(0), survey.get(4), survey.get(5)));
    Document document = Document.EMPTY;
    for (Source source : sources) {
      document = document.withAdded(source, Finish.in("Plain"));
    }
    for (Map.Entry<String, String> one : TALLIES) {
      Finish titled = Finish.in("Plain").withWord(PartName.TITLE, one.getValue());
      document = document.withAdded(Source.of(tally(one.getKey())), titled);
    }
    Document all =
        PlantedFaults.added(
            WorkedExamples.highlighted(
                WorkedExamples.added(
                    document, sources.getFirst(), survey, Source.of(tally("days")))));
    return WorkedExamples.boarded(WorkedExamples.charted(all));
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
