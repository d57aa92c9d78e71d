package app.finish.formats.draft;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.Given;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.testng.annotations.Test;

/// What was saved over is kept for a while, and no more than that.
public class VersionsTest {
  private final Path folder = Given.folder();

  private Path saved(String name, String content, Instant at) throws IOException {
    Path file = Files.writeString(folder.resolve(name), content);
    return Files.setLastModifiedTime(file, FileTime.from(at));
  }

  @Test
  public void whatIsSavedOverCanBeHadAgain() throws IOException {
    Versions versions = Versions.in(folder.resolve("one"));
    Instant now = Instant.parse("2026-05-04T10:00:00Z");
    Path file = saved("a.finish", "first", now);
    versions.keep(file);
    versions.keep(file);
    saved("a.finish", "second", now.plusSeconds(60));
    versions.keep(file);
    List<Version> kept = versions.of(file);
    assertThat(kept).extracting(Version::saved).containsExactly(now.plusSeconds(60), now);
    assertThat(Files.readString(kept.getLast().copy())).isEqualTo("first");
    assertThat(versions.of(folder.resolve("other.finish"))).isEmpty();
    versions.keep(folder.resolve("missing.finish"));
  }

  /// Of a month of thirty saves a day, the last twenty saves are left and one of each day before.
  @Test
  public void theLastTwentyAndOneADayAreLeft() throws IOException {
    Versions versions = Versions.in(folder.resolve("many"));
    Instant first = Instant.parse("2026-03-01T09:00:00Z");
    Path file = folder.resolve("b.finish");
    for (int day = 0; day < 10; day++) {
      for (int save = 0; save < 30; save++) {
        Instant at = first.plus(Duration.ofDays(day)).plus(Duration.ofMinutes(save));
        saved("b.finish", "save " + save + " of day " + day, at);
        versions.keep(file);
      }
    }
    List<Version> kept = versions.of(file);
    assertThat(kept).hasSize(20 + 9);
    assertThat(Files.readString(kept.getFirst().copy())).isEqualTo("save 29 of day 9");
    assertThat(Files.readString(kept.getLast().copy())).isEqualTo("save 29 of day 0");
  }

  @Test
  public void noMoreBytesAreKeptThanAllowed() throws IOException {
    Versions versions = Versions.in(folder.resolve("large")).bounded(350);
    Path file = folder.resolve("c.finish");
    for (int i = 0; i < 8; i++) {
      saved("c.finish", "x".repeat(100), Instant.parse("2026-01-01T00:00:00Z").plusSeconds(i));
      versions.keep(file);
    }
    assertThat(versions.of(file)).hasSize(3);
    saved("c.finish", "x".repeat(1_000), Instant.parse("2026-01-02T00:00:00Z"));
    versions.keep(file);
    assertThat(versions.of(file)).hasSize(1);
  }
}
