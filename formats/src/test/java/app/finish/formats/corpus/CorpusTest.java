package app.finish.formats.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.corpus.Corpus.Read;
import app.finish.formats.corpus.Facts.Of;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/// What others' printers print is understood as well as once reached, and no figure of it is lost
/// or invented.
public class CorpusTest {
  private static final Map<Of, Double> REACHED =
      Map.of(
          Of.TABLES, 1.0,
          Of.WORDS, 0.999,
          Of.ROW_LABELS, 0.999,
          Of.COLUMN_LABELS, 0.999,
          Of.DIMENSIONS, 0.999,
          Of.TOTALS, 0.999,
          Of.KINDS, 0.999,
          Of.UNITS, 0.999,
          Of.FIGURES, 1.0);

  @Test
  public void isUnderstoodAsReached() throws IOException {
    Facts all = new Facts();
    List<String> lost = new ArrayList<>();
    List<String> alarms = new ArrayList<>();
    int tables = 0;
    for (Map.Entry<Path, List<TrueTable>> file : Corpus.files().entrySet()) {
      Read read = Corpus.read(file.getKey(), file.getValue());
      all.addShares(read.facts());
      tables += file.getValue().size();
      if (!read.lost().isEmpty() || !read.invented().isEmpty()) {
        lost.add(file.getKey() + " lost " + read.lost() + " invented " + read.invented());
      }
      read.alarms().forEach(alarm -> alarms.add(file.getKey() + ": " + alarm));
    }
    System.out.println(tables + " tables. " + Corpus.score(all));
    assertThat(tables).isGreaterThan(300);
    assertThat(lost).isEmpty();
    assertThat(alarms).isEmpty();
    REACHED.forEach(
        (kind, least) -> assertThat(all.share(kind)).as("%s", kind).isGreaterThanOrEqualTo(least));
  }
}
