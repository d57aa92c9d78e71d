package app.finish.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.style.PartName;
import app.finish.core.table.Note;
import app.finish.core.table.Words;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class HistoryTest {
  @DataProvider
  public Object[][] seeds() {
    Object[][] seeds = new Object[40][];
    for (int i = 0; i < seeds.length; i++) {
      seeds[i] = new Object[] {(long) i};
    }
    return seeds;
  }

  @Test(dataProvider = "seeds")
  public void undoGivesBackTheVeryDocumentAndRedoTheVeryChange(long seed) {
    Random random = new Random(seed);
    History history = History.of(Document.EMPTY);
    List<Document> documents = new ArrayList<>(List.of(Document.EMPTY));
    for (int i = 0; i < 60; i++) {
      Document changed = change(history.present(), random);
      History next = history.with("change " + i, changed);
      if (!changed.equals(history.present())) {
        documents.add(changed);
      }
      history = next;
    }
    for (int i = documents.size() - 1; i >= 0; i--) {
      assertThat(history.present()).isEqualTo(documents.get(i)).isSameAs(documents.get(i));
      history = history.undo();
    }
    assertThat(history.undo()).isEqualTo(history);
    for (int i = 1; i < documents.size(); i++) {
      history = history.redo();
      assertThat(history.present()).isSameAs(documents.get(i));
    }
    assertThat(history.redoLabel()).isEmpty();
  }

  private static Document change(Document document, Random random) {
    int size = document.items().size();
    if (size == 0 || random.nextInt(6) == 0) {
      return document.withAdded(
          new Source("pasted", new RandomTables(random.nextInt(20)).grid()), Finish.in("Plain"));
    }
    int index = random.nextInt(size);
    Finish finish = document.table(index).finish();
    Corrections corrections = finish.corrections();
    return switch (random.nextInt(7)) {
      case 0 -> document.without(index);
      case 1 -> document.withMoved(index, random.nextInt(size));
      case 2 ->
          document.withFinish(index, finish.withStyle(random.nextBoolean() ? "APA 7" : "Plain"));
      case 3 ->
          document.withFinish(index, finish.withWord(PartName.TITLE, "Title " + random.nextInt(5)));
      case 4 ->
          document.withFinish(
              index, finish.withCorrections(corrections.withHeadRows(random.nextInt(3))));
      case 5 ->
          document.withFinish(
              index,
              finish.withCorrections(
                  corrections.withRow(
                      new Anchor(List.of("Winter"), random.nextInt(9)), LineRole.BODY)));
      default -> document.withFinish(index, finish.withCorrections(corrections.withStubColumns(1)));
    };
  }

  @Test
  public void aNewChangeEndsWhatCouldBeDoneAgain() {
    Document one =
        Document.EMPTY.withAdded(new Source("a", new RandomTables(1).grid()), Finish.in("Plain"));
    History history =
        History.of(Document.EMPTY)
            .with("one", one)
            .undo()
            .with("two", one.withFinish(0, Finish.in("APA 7")));
    assertThat(history.redoLabel()).isEmpty();
    assertThat(history.undoLabel()).contains("two");
  }

  @Test
  public void whatChangesNothingIsNoChange() {
    History history = History.of(Document.EMPTY);
    assertThat(history.with("nothing", new Document(List.of(), List.of()))).isSameAs(history);
  }

  @Test
  public void idsStayWhileTablesMove() {
    Source source = new Source("a", new RandomTables(1).grid());
    Document document = Document.EMPTY;
    for (int i = 0; i < 3; i++) {
      document = document.withAdded(source, Finish.in("Plain"));
    }
    Document moved = document.withMoved(0, 2).without(0);
    assertThat(moved.tables()).map(DocumentTable::id).containsExactly("t3", "t1");
    assertThat(moved.withAdded(source, Finish.in("Plain")).tables().getLast().id()).isEqualTo("t4");
  }

  @Test
  public void wordsOfThePersonsOwnStandOverThoseOfTheSource() {
    Words given =
        new Words(
            "Source title",
            "units",
            List.of(Note.general("general"), new Note("a", "second")),
            "records");
    Finish finish =
        Finish.in("Plain").withWord(PartName.TITLE, "Mine").withWord(PartName.NOTE, "My note");
    assertThat(finish.wordsOver(given))
        .isEqualTo(
            new Words(
                "Mine",
                "units",
                List.of(Note.general("My note"), new Note("a", "second")),
                "records"));
    assertThat(finish.withWord(PartName.NOTE, "").wordsOver(given).notes())
        .containsExactly(new Note("a", "second"));
    assertThat(Finish.in("Plain").wordsOver(given)).isEqualTo(given);
  }
}
