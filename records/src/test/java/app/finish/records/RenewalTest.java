package app.finish.records;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.problem.Problem;
import app.finish.formats.Sources;
import app.finish.formats.io.ReadRequest;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// New numbers come under old finishes, and what finds no place in them is said.
public class RenewalTest {
  private static final String OLD =
      """
      Route,Fares,Cost recovery
      Hale–Orrin,120,92
      Orrin–Skell,80,71
      Skell–Voe,44,63
      """;

  private Path folder;

  @BeforeClass
  public void begin() throws IOException {
    folder = Files.createTempDirectory("renewal");
  }

  private Path file(String name, String text) throws IOException {
    return Files.writeString(folder.resolve(name), text);
  }

  private Document document(String... highlights) throws IOException {
    List<Source> sources = Sources.tables(file("old.csv", OLD), ReadRequest.PLAIN).tables();
    Finish finish =
        Finish.in("Plain").withHighlights(HighlightSentence.readAll(List.of(highlights)));
    return new Document(List.of(), List.of()).withAdded(sources.getFirst(), finish);
  }

  private static Renewal renewed(Document document, Path file) throws IOException {
    return Renewal.of(document, file, DatabaseQuery.SILENT);
  }

  @Test
  public void aHighlightOfWhatIsGoneFallsAsleepAndThatIsSaid() throws IOException {
    Document document = document("Cost recovery below 85: bold", "Fares above 100: italic");
    Path without =
        file("without.csv", "Route,Fares\nHale–Orrin,130\nOrrin–Skell,70\nSkell–Voe,50\n");
    Renewal renewal = renewed(document, without);
    assertThat(renewal.said())
        .singleElement()
        .asString()
        .startsWith("Table 1: “Cost recovery below 85” sleeps: ")
        .contains("does not measure Cost recovery");
    Renewal again = renewed(renewal.refreshed().document(), without);
    assertThat(again.said()).as("what slept before is not said again").isEmpty();
    Renewal back = renewed(renewal.refreshed().document(), file("back.csv", OLD));
    assertThat(back.said()).isEmpty();
    assertThat(back.refreshed().document().table(0).finish()).isEqualTo(document.table(0).finish());
  }

  @Test
  public void aHighlightThatIsOffSleepsInSilence() throws IOException {
    Document document = document("Cost recovery below 85: bold");
    Finish finish = document.table(0).finish();
    Finish off = finish.withHighlights(List.of(finish.highlights().getFirst().switched(false)));
    Path without = file("off.csv", "Route,Fares\nHale–Orrin,130\nOrrin–Skell,70\nSkell–Voe,50\n");
    assertThat(renewed(document.withFinish(0, off), without).said()).isEmpty();
  }

  @Test
  public void whatComesAndGoesIsCounted() throws IOException {
    Path other =
        file(
            "other.csv",
            "Route,Fares,Cost recovery\nHale–Orrin,1,2\nOrrin–Skell,3,4\nVoe–Tern,5,6\n");
    Renewal renewal = renewed(document(), other);
    assertThat(renewal.refreshed().changes())
        .singleElement()
        .satisfies(
            change -> {
              assertThat(change.rowsCome()).containsExactly("Voe–Tern");
              assertThat(change.rowsGone()).containsExactly("Skell–Voe");
              assertThat(change.columnsCome()).isEmpty();
            });
    assertThat(renewal.refreshed().untouched()).isEmpty();
  }

  @Test
  public void anotherTableTouchesNothing() throws IOException {
    Path strange = file("strange.csv", "Vessel,Crew\nDunlin,4\nSamphire,6\n");
    Document document = document();
    Renewal renewal = renewed(document, strange);
    assertThat(renewal.refreshed().changes()).isEmpty();
    assertThat(renewal.refreshed().document()).isEqualTo(document);
  }

  @Test
  public void aFileThatIsNotThereIsOneSentence() throws IOException {
    Document document = document();
    assertThatThrownBy(() -> renewed(document, folder.resolve("nowhere.csv")))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("nowhere.csv");
  }
}
