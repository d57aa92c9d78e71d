package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import javafx.scene.input.KeyCode;
import org.testng.annotations.Test;

/// Saves are never cancelled, and never write over what another window wrote.
public class SavingTest extends WindowTest {
  private Path open() throws IOException {
    Path file = folder.resolve("paper.finish");
    openDemo();
    DocumentFile.write(ask(() -> window.desk().document()), file);
    hand.interact(() -> window.files().open(file));
    settle();
    return file;
  }

  @Test
  public void aSaveIsNotCancelledByWhatIsBegunBehindIt() throws IOException {
    Path file = open();
    hand.interact(
        () -> {
          window.desk().removeTable();
          window.files().save();
          window.files().demo();
          window.desk().worker().stop();
        });
    settle();
    waitFor(() -> !window.desk().isEdited());
    assertThat(DocumentFile.read(file).items())
        .hasSize(ask(() -> window.desk().document().items().size()));
  }

  @Test
  public void whatAnotherWindowWroteIsLeft() throws IOException {
    Path file = open();
    hand.interact(() -> window.desk().removeTable());
    DocumentFile.write(app.finish.core.document.Document.EMPTY, file);
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .startsWith("paper.finish was written by another window");
    assertThat(DocumentFile.read(file).items()).isEmpty();
    Path other = folder.resolve("mine.finish");
    answers.files.add(other);
    press(KeyCode.CONTROL, KeyCode.SHIFT, KeyCode.S);
    settle();
    assertThat(Files.exists(other)).isTrue();
    hand.interact(() -> window.desk().removeTable());
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    waitFor(() -> !window.desk().isEdited());
  }
}
