package app.finish.records;

import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Question;
import app.finish.core.tally.Reading;
import app.finish.core.tally.RecordsName;
import app.finish.core.tally.SignificanceTest;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import app.finish.core.tally.TallyMeasure.Base;
import app.finish.formats.samples.Samples;
import app.finish.records.source.RecordFile;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// The records about Marram Sound that ship with Finish, and the plans of the demo.
public final class RecordSamples {
  private RecordSamples() {}

  /// The records of a sample: [Samples#SAILINGS] or [Samples#ANSWERS].
  public static Records open(RecordsName.Sample sample, DatabaseQuery asking) throws IOException {
    Path folder = Files.createTempDirectory("finish-sample");
    Path file = Samples.copy(sample.name(), folder);
    try {
      return RecordFile.open(file, sample, Reading.PLAIN, asking, column -> true);
    } finally {
      Files.deleteIfExists(file);
      Files.deleteIfExists(folder);
    }
  }

  /// The plans of the demo, each with the sample that it is for: a pivot of sailings, a crosstab of
  /// answers with its χ², and descriptives.
  public static Map<String, Plan> demo() {
    Map<String, Plan> plans = new LinkedHashMap<>();
    plans.put(
        "pivot",
        Plan.EMPTY
            .withDown(
                List.of(
                    TallyDimension.of("Route"),
                    TallyDimension.of("Sailed on")
                        .in(new Bins.Dates(DatePart.SEASON))
                        .named("Season")))
            .withMeasures(
                List.of(
                    TallyMeasure.count().withName("Sailings"),
                    TallyMeasure.of(TallyFunction.SUM, "Passengers"),
                    TallyMeasure.of(TallyFunction.SUM, "Fares"),
                    TallyMeasure.of(TallyFunction.SUM, "Running cost"),
                    new TallyMeasure.Calculated("Fares / Running cost", "Cost recovery"))));
    plans.put(
        "crosstab",
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Ticket")))
            .withAcross(List.of(TallyDimension.of("Residence")))
            .withMeasures(
                List.of(
                    TallyMeasure.count().withName("n"),
                    TallyMeasure.percent(Base.COLUMN, "").withName("%")))
            .withMissing(MissingAnswers.LEFT_OUT)
            .withTests(Set.of(SignificanceTest.CHI_SQUARE)));
    plans.put(
        "descriptives",
        Plan.EMPTY
            .withDown(List.of(TallyDimension.of("Residence")))
            .withMeasures(
                List.of(
                    TallyMeasure.of(TallyFunction.MEAN, "Waiting comfort"),
                    TallyMeasure.of(TallyFunction.MEAN, "Trust in the timetable"),
                    TallyMeasure.of(TallyFunction.MEAN, "Crowding")))
            .withQuestion(Question.DESCRIPTION));
    plans.put(
        "days",
        Plan.EMPTY
            .withDown(
                List.of(
                    TallyDimension.of("Sailed on").in(new Bins.Dates(DatePart.DAY)).named("Day")))
            .withMeasures(
                List.of(
                    TallyMeasure.count().withName("Sailings"),
                    TallyMeasure.of(TallyFunction.SUM, "Vehicles"),
                    TallyMeasure.percent(Base.TOTAL, "Vehicles").withName("Share"))));
    return plans;
  }

  /// The sample that a plan of the demo is for.
  public static RecordsName.Sample sampleOf(String plan) {
    return new RecordsName.Sample(
        plan.equals("pivot") || plan.equals("days") ? Samples.SAILINGS : Samples.ANSWERS);
  }
}
