package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.tally.Plan;
import app.finish.core.tally.Tally;
import app.finish.formats.finish.TallyJson;
import app.finish.formats.samples.Samples;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.testng.annotations.Test;

/// The shipped samples of records are what the generator makes, and the tallies of the demo what
/// the records give.
public class RecordSamplesTest {
  /// Makes the tallies of the demo again, in the folder of samples.
  public static void main(String[] arguments) throws IOException {
    for (Map.Entry<String, Plan> one : RecordSamples.demo().entrySet()) {
      Path file = Path.of(arguments[0]).resolve("tally-" + one.getKey() + ".json");
      Files.writeString(file, TallyJson.write(tally(one.getKey(), one.getValue())));
    }
  }

  private static Tally tally(String name, Plan plan) throws IOException {
    try (Records records = RecordSamples.open(RecordSamples.sampleOf(name), DatabaseQuery.SILENT)) {
      return Tallying.of(records).tally(plan);
    }
  }

  @Test
  public void samplesAreWhatTheGeneratorMakes() throws IOException {
    Path folder = Files.createTempDirectory("samples");
    assertThat(Samples.copy(Samples.SAILINGS, folder)).hasContent(SampleRecords.sailings());
    assertThat(Samples.copy(Samples.ANSWERS, folder)).hasContent(SampleRecords.answers());
  }

  @Test
  public void theDemosTalliesAreWhatTheRecordsGive() throws IOException {
    for (Map.Entry<String, Plan> one : RecordSamples.demo().entrySet()) {
      String shipped = TallyJson.write(Samples.tally(one.getKey()));
      Tally fresh = tally(one.getKey(), one.getValue());
      assertThat(TallyJson.write(fresh)).isEqualTo(shipped);
      assertThat(TallyJson.read(shipped, "demo")).isEqualTo(fresh);
    }
  }
}
