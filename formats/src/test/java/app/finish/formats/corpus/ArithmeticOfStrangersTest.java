package app.finish.formats.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.demand.Checks;
import app.finish.core.document.Source;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.formats.Sources;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

/// What others computed agrees with itself, so no check of arithmetic may speak of it.
public class ArithmeticOfStrangersTest {
  @Test
  public void soundOutputOfOthersIsLeftAlone() throws IOException {
    List<String> alarms = new ArrayList<>();
    int tables = 0;
    for (Path file : Corpus.files().keySet()) {
      if (!file.getParent().getFileName().toString().equals("strangers")) {
        continue;
      }
      for (Source source : Sources.read(file)) {
        tables++;
        Checked read =
            Checked.of(Recogniser.recognise(source.grid(), Corrections.NONE), source.grid());
        for (Finding finding : Checks.ALL.of(read)) {
          if (finding.check().startsWith("arithmetic.")) {
            alarms.add(file.getFileName() + ": " + finding.sentence());
          }
        }
      }
    }
    assertThat(alarms).isEmpty();
    assertThat(tables).isGreaterThan(50);
  }
}
