package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.style.PartName;
import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.input.KeyCode;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// What is open is kept against a crash, and what a crash left comes back.
public class JournalTest extends WindowTest {
  @BeforeMethod
  public void forget() throws IOException {
    Path drafts = folder.resolve("drafts");
    if (Files.isDirectory(drafts)) {
      try (Stream<Path> all = Files.list(drafts)) {
        for (Path one : all.filter(Files::isRegularFile).toList()) {
          if (!one.toString().endsWith(".lock")) {
            Files.deleteIfExists(one);
          }
        }
      }
    }
  }

  private List<Path> kept() {
    try (Stream<Path> all = Files.list(folder.resolve("drafts"))) {
      return all.filter(one -> one.toString().endsWith(".finish"))
          .filter(one -> !one.getFileName().toString().startsWith("."))
          .toList();
    } catch (IOException e) {
      return List.of();
    }
  }

  private void entitle(String title) {
    hand.interact(() -> window.desk().word(PartName.TITLE, title));
    settle();
  }

  /// Leaves a draft as a window leaves it that was killed.
  private void crash(Document document, String about) throws IOException {
    Path drafts = Files.createDirectories(folder.resolve("drafts"));
    DocumentFile.write(document, drafts.resolve("left.finish"));
    Files.writeString(drafts.resolve("left.about"), about);
  }

  @Test
  public void anEditIsKeptWithinASecondAndGoesWhenItIsSaved() throws IOException {
    openDemo();
    assertThat(kept()).isEmpty();
    entitle("Kept against a crash");
    waitFor(() -> kept().size() == 1);
    assertThat(DocumentFile.read(kept().getFirst())).isEqualTo(ask(() -> window.desk().document()));
    press(KeyCode.CONTROL, KeyCode.Z);
    settle();
    waitFor(() -> kept().isEmpty());
    entitle("Kept once more");
    waitFor(() -> kept().size() == 1);
    answers.files.add(folder.resolve("saved.finish"));
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    waitFor(() -> kept().isEmpty());
  }

  @Test
  public void whatACrashLeftComesBackAsItWas() throws IOException {
    openDemo();
    entitle("Before the crash");
    Document before = ask(() -> window.desk().document());
    Path file = folder.resolve("paper.finish");
    DocumentFile.write(before, file);
    crash(before, "paper\n" + file);
    openWindowAgain();
    waitFor(() -> isThere("#empty-left-left"));
    hand.clickOn("#empty-left-left");
    settle();
    assertThat(ask(() -> window.desk().document())).isEqualTo(before);
    assertThat(ask(() -> window.desk().isEdited())).isTrue();
    assertThat(ask(() -> window.files().documentName())).isEqualTo("paper");
    waitFor(() -> kept().stream().noneMatch(one -> one.endsWith("left.finish")));
    assertThat(kept()).hasSize(1);
    entitle("After the crash");
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    waitFor(() -> !window.desk().isEdited());
    assertThat(DocumentFile.read(file)).isEqualTo(ask(() -> window.desk().document()));
  }

  @Test
  public void aFileThatWasWrittenSinceTheCrashIsNotSavedOver() throws IOException {
    openDemo();
    Document before = ask(() -> window.desk().document());
    Path file = folder.resolve("shared.finish");
    crash(before, "shared\n" + file);
    Files.setLastModifiedTime(
        folder.resolve("drafts/left.finish"), java.nio.file.attribute.FileTime.fromMillis(1000));
    DocumentFile.write(Document.EMPTY, file);
    openWindowAgain();
    waitFor(() -> isThere("#empty-left-left"));
    hand.clickOn("#empty-left-left");
    settle();
    press(KeyCode.CONTROL, KeyCode.S);
    settle();
    assertThat(DocumentFile.read(file).items()).isEmpty();
    assertThat(ask(() -> window.desk().noticeProperty().get().orElseThrow().sentence()))
        .startsWith("shared.finish was written by another window");
  }

  @Test
  public void whatACrashLeftCanBePutAway() throws IOException {
    openDemo();
    crash(ask(() -> window.desk().document()), "paper\n");
    openWindowAgain();
    waitFor(() -> isThere("#empty-away-left"));
    hand.clickOn("#empty-away-left");
    settle();
    waitFor(() -> !isThere("#empty-left-left"));
    assertThat(folder.resolve("drafts/away/left.finish")).exists();
  }

  private boolean isThere(String query) {
    return ask(() -> window.scene().lookup(query) != null);
  }

  private void openWindowAgain() {
    try {
      openWindow();
    } catch (Exception e) {
      throw new AssertionError(e);
    }
  }
}
