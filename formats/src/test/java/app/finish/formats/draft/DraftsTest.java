package app.finish.formats.draft;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.document.Document;
import app.finish.core.problem.Problem;
import app.finish.formats.Given;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

public class DraftsTest {
  private Path folder;
  private Document document;

  @BeforeMethod
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-drafts").resolve("not there yet");
    document = Given.document("APA 7", "Route | Winter", "Hale | 1.5", "Orrin | 3");
  }

  @Test
  public void nothingIsLeftWhereNothingWasKept() throws IOException {
    try (Drafts drafts = Drafts.in(folder)) {
      assertThat(drafts.left()).isEmpty();
      drafts.drop();
    }
    assertThat(folder).doesNotExist();
  }

  @Test
  public void whatALivingWindowKeepsIsNotLeft() throws IOException {
    try (Drafts one = Drafts.in(folder);
        Drafts other = Drafts.in(folder)) {
      one.keep(document, "Fares", Optional.empty());
      other.keep(document, "Other fares", Optional.empty());
      assertThat(one.left()).isEmpty();
      assertThat(other.left()).isEmpty();
    }
    assertThat(Drafts.in(folder).left()).isEmpty();
    assertThat(folder.toFile().list()).isEmpty();
  }

  /// What a window leaves that is gone: its files, and a lock that nobody holds.
  private Draft crashed(String name, Optional<Path> file) throws IOException {
    Drafts gone = Drafts.in(folder);
    gone.keep(document, name, file);
    String id = folder.toFile().list((dir, one) -> one.endsWith(".finish"))[0];
    Path copy = Files.createTempDirectory("finish-copy");
    List<Path> files;
    try (var all = Files.list(folder)) {
      files = all.filter(Files::isRegularFile).toList();
    }
    for (Path one : files) {
      Files.copy(one, copy.resolve(one.getFileName()));
    }
    gone.close();
    try (var all = Files.list(copy)) {
      for (Path one : all.toList()) {
        Files.copy(one, folder.resolve(one.getFileName()));
      }
    }
    return Drafts.in(folder).left().stream()
        .filter(one -> id.startsWith(one.id()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  public void whatACrashLeftIsThereWithItsNameAndFile() throws IOException {
    Path file = folder.resolveSibling("fares.finish");
    Draft left = crashed("Fares › 2026", Optional.of(file));
    assertThat(left.name()).isEqualTo("Fares › 2026");
    assertThat(left.file()).contains(file.toAbsolutePath());
    assertThat(Drafts.in(folder).read(left)).isEqualTo(document);
  }

  @Test
  public void aDraftThatIsTakenOverGoesWhenItIsKeptAgain() throws IOException {
    Draft left = crashed("Fares", Optional.empty());
    try (Drafts drafts = Drafts.in(folder)) {
      drafts.takeOver(left);
      assertThat(drafts.left()).containsExactly(left);
      drafts.keep(document, "Fares", Optional.empty());
      assertThat(drafts.left()).isEmpty();
    }
  }

  @Test
  public void whatIsPutAwayCanStillBeFound() throws IOException {
    for (int i = 0; i < 23; i++) {
      Drafts.in(folder).putAway(crashed("Fares", Optional.empty()));
    }
    assertThat(Drafts.in(folder).left()).isEmpty();
    assertThat(folder.resolve("away").toFile().list()).hasSize(20);
  }

  @Test
  public void aDamagedDraftIsSaidAndStays() throws IOException {
    Draft left = crashed("Fares", Optional.empty());
    Path file = folder.resolve(left.id() + ".finish");
    byte[] bytes = Files.readAllBytes(file);
    Files.write(file, Arrays.copyOf(bytes, bytes.length / 2));
    assertThatThrownBy(() -> Drafts.in(folder).read(left)).isInstanceOf(Problem.class);
    assertThat(Drafts.in(folder).left()).hasSize(1);
  }

  @Test
  public void aFolderThatCantBeMadeIsSaid() throws IOException {
    Files.writeString(folder, "a file in its place");
    Drafts drafts = Drafts.in(folder);
    assertThatThrownBy(() -> drafts.keep(document, "Fares", Optional.empty()))
        .isInstanceOf(IOException.class);
    assertThat(drafts.left()).isEmpty();
  }
}
