package app.finish.formats.io;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermissions;
import org.testng.SkipException;
import org.testng.annotations.BeforeMethod;
import org.testng.annotations.Test;

/// What a save leaves as it was: links, permissions, files that may only be read.
public class AtomicFileKeepsTest {
  private Path folder;

  @BeforeMethod
  public void makeFolder() throws IOException {
    folder = Files.createTempDirectory("finish-save");
    folder.toFile().deleteOnExit();
    if (!Files.getFileStore(folder).supportsFileAttributeView("posix")) {
      throw new SkipException("no permissions here");
    }
  }

  private static void write(Path file, String text) throws IOException {
    AtomicFile.write(
        file, out -> out.write(text.getBytes(java.nio.charset.StandardCharsets.UTF_8)));
  }

  @Test
  public void permissionsStay() throws IOException {
    Path file = Files.writeString(folder.resolve("a.finish"), "old");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("rw-------"));
    write(file, "new");
    assertThat(Files.readString(file)).isEqualTo("new");
    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(file)))
        .isEqualTo("rw-------");
  }

  @Test
  public void aLinkStaysALink() throws IOException {
    Path file = Files.writeString(folder.resolve("a.finish"), "old");
    Path link = Files.createSymbolicLink(folder.resolve("b.finish"), file);
    write(link, "new");
    assertThat(Files.isSymbolicLink(link)).isTrue();
    assertThat(Files.readString(file)).isEqualTo("new");
  }

  @Test
  public void whatMayOnlyBeReadIsLeft() throws IOException {
    Path file = Files.writeString(folder.resolve("a.finish"), "old");
    Files.setPosixFilePermissions(file, PosixFilePermissions.fromString("r--r--r--"));
    if (Files.isWritable(file)) {
      throw new SkipException("this user may write everything");
    }
    assertThatThrownBy(() -> write(file, "new")).isInstanceOf(Problem.class);
    assertThat(Files.readString(file)).isEqualTo("old");
  }

  @Test
  public void whatKilledSavesLeftIsSweptAway() throws IOException {
    Path stale = Files.writeString(folder.resolve(".a.finish.1234.part"), "half");
    Files.setLastModifiedTime(stale, FileTime.fromMillis(0));
    Path fresh = Files.writeString(folder.resolve(".a.finish.5678.part"), "half");
    Path other = Files.writeString(folder.resolve(".b.finish.1234.part"), "half");
    Files.setLastModifiedTime(other, FileTime.fromMillis(0));
    write(folder.resolve("a.finish"), "new");
    assertThat(stale).doesNotExist();
    assertThat(fresh).exists();
    assertThat(other).exists();
  }
}
