package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import app.finish.core.document.Document;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import app.finish.formats.manuscript.ManuscriptFile;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Tables stand in a manuscript where its text calls them out, and are renewed where they stand.
public class ManuscriptTablesTest {
  private final Path folder = Given.folder();

  @DataProvider
  public Object[][] kinds() {
    return new Object[][] {{new MadeDocx()}, {new MadeOdt()}};
  }

  static Document two(String figure) {
    Document one =
        Given.document("APA 7", "First", "Pier | Cars", "North | " + figure, "South | 7");
    Document other = Given.document("APA 7", "Second", "Pier | Crew", "North | 3", "South | 4");
    return one.withAdded(other.table(0).source(), other.table(0).finish());
  }

  /// A copy of a manuscript with the tables of a document.
  ///
  /// @param uncalled takes the numbers of those that are never called out
  static Path put(Path manuscript, Document document, List<String> uncalled) throws IOException {
    Path out = manuscript.resolveSibling("with-" + manuscript.getFileName());
    try (OutputStream stream = Files.newOutputStream(out)) {
      uncalled.addAll(ManuscriptFile.open(manuscript).write(ManyTables.sent(document), stream));
    }
    return out;
  }

  @Test(dataProvider = "kinds")
  public void tablesStandAfterTheirFirstCallout(MadeManuscript kind) throws Exception {
    Path paper =
        kind.of(folder, "As Table 2 shows, crews are small.", "Cars come too (Table 1).", "End.");
    List<String> uncalled = new ArrayList<>();
    List<String> order = kind.order(put(paper, two("12"), uncalled));
    assertThat(order).hasSize(5);
    assertThat(order.get(1)).startsWith("<finish-table-2>").contains("Second", "Crew");
    assertThat(order.get(3)).startsWith("<finish-table-1>").contains("First", "12");
    assertThat(order.get(4)).isEqualTo("End.");
    assertThat(uncalled).isEmpty();
    assertThat(ManuscriptFile.open(paper).paper().textWidth()).isCloseTo(468, within(0.1));
  }

  @Test(dataProvider = "kinds")
  public void aPlaceThatIsAskedForOutweighsACallout(MadeManuscript kind) throws Exception {
    Path paper = kind.of(folder, "See Table 1.", "Methods.", "[[table 1]]", "End.");
    List<String> uncalled = new ArrayList<>();
    List<String> order = kind.order(put(paper, two("12"), uncalled));
    assertThat(order.get(1)).isEqualTo("Methods.");
    assertThat(order.get(2)).startsWith("<finish-table-1>");
    assertThat(order.getLast()).startsWith("<finish-table-2>");
    assertThat(uncalled).containsExactly("2");
  }

  /// The next run renews tables where they stand, even where they were moved to.
  @Test(dataProvider = "kinds")
  public void tablesAreRenewedWhereTheyStand(MadeManuscript kind) throws Exception {
    Path paper = kind.of(folder, "See Table 1 and Table 2.", "End.");
    Path once = put(paper, two("12"), new ArrayList<>());
    List<String> uncalled = new ArrayList<>();
    Path again = put(once, two("345"), uncalled);
    List<String> order = kind.order(again);
    assertThat(order).hasSize(4);
    assertThat(order.get(1)).startsWith("<finish-table-1>").contains("345").doesNotContain("\t12");
    assertThat(order.get(2)).startsWith("<finish-table-2>");
    assertThat(uncalled).isEmpty();
  }

  @Test(dataProvider = "kinds")
  public void whatIsNoManuscriptIsSaid(MadeManuscript kind) throws IOException {
    Path text = Files.writeString(folder.resolve("paper." + kind.ending()), "no zip");
    assertThatThrownBy(() -> ManuscriptFile.open(text))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("paper." + kind.ending() + " is no");
  }
}
