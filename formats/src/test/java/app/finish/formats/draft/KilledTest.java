package app.finish.formats.draft;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.style.PartName;
import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import org.testng.annotations.Test;

/// Processes are killed while people edit and save in them: no document is torn, and no more than
/// the last second is lost, and the time for which the disk stood still. `-Dkills=1000` kills more
/// sessions.
public class KilledTest {
  private static final int KILLS = Integer.getInteger("kills", 20);
  private static final int AT_ONCE = 5;

  /// Half a second until a change is written, and what a busy machine takes to write it.
  private static final long LOST = 1000;

  private static final long RECENT = 4000;
  private static final long USUAL = 100;

  /// An edit that a session told of.
  private record Edit(int session, int number, long time) {}

  @Test
  public void aKillTakesTheLastSecondAtMost() throws Exception {
    Random random = new Random(19);
    int killed = 0;
    long longest = 0;
    for (int round = 0; killed < KILLS; round++) {
      Path folder = Files.createTempDirectory("finish-killed");
      Path told = folder.resolve("told.txt");
      Process process = start(folder, told, random.nextInt());
      try {
        while (sessions(edits(told)) < AT_ONCE && process.isAlive()) {
          TimeUnit.MILLISECONDS.sleep(20);
        }
        TimeUnit.MILLISECONDS.sleep(300 + random.nextInt(2000));
      } finally {
        process.destroyForcibly().waitFor();
      }
      long end = System.currentTimeMillis();
      List<Edit> edits = edits(told);
      long allowed = LOST + stood(edits, end);
      longest = Math.max(longest, allowed - LOST);
      for (int session = 0; session < AT_ONCE; session++) {
        check(folder.resolve("" + session), last(edits, session, end - allowed), round);
        killed++;
      }
    }
    System.out.println(
        killed + " sessions killed; the disk stood still for " + longest + " ms at most");
  }

  private static long sessions(List<Edit> edits) {
    return edits.stream()
        .filter(edit -> edit.session != KilledSession.DISK)
        .map(Edit::session)
        .distinct()
        .count();
  }

  private static Process start(Path folder, Path told, int seed) throws IOException {
    return new ProcessBuilder(
            Path.of(System.getProperty("java.home"), "bin", "java").toString(),
            "-XX:TieredStopAtLevel=1",
            "-XX:+UseSerialGC",
            "-cp",
            System.getProperty("java.class.path"),
            KilledSession.class.getName(),
            folder.toString(),
            "" + AT_ONCE,
            "" + seed)
        .redirectErrorStream(true)
        .redirectOutput(told.toFile())
        .start();
  }

  /// What is told up to now; the last line may be half written.
  private static List<Edit> edits(Path told) throws IOException {
    List<Edit> edits = new ArrayList<>();
    String text = Files.exists(told) ? Files.readString(told) : "";
    for (String line : text.substring(0, text.lastIndexOf('\n') + 1).lines().toList()) {
      assertThat(line).matches("\\d+ \\d+ \\d+");
      String[] parts = line.split(" ");
      edits.add(
          new Edit(
              Integer.parseInt(parts[0]), Integer.parseInt(parts[1]), Long.parseLong(parts[2])));
    }
    return edits;
  }

  /// For how long at a time the disk stood still in the last seconds; what is usual does not count.
  private static long stood(List<Edit> edits, long end) {
    long longest = 0;
    long began = 0;
    for (Edit one : edits) {
      if (one.session == KilledSession.DISK && one.time > end - RECENT) {
        if (one.number == 0) {
          began = one.time;
        } else if (began > 0) {
          longest = Math.max(longest, one.time - began);
          began = 0;
        }
      }
    }
    longest = began > 0 ? Math.max(longest, end - began) : longest;
    return longest > USUAL ? 2 * longest : 0;
  }

  private static int last(List<Edit> edits, int session, long until) {
    return edits.stream()
        .filter(edit -> edit.session == session && edit.time <= until)
        .mapToInt(Edit::number)
        .max()
        .orElse(0);
  }

  private static void check(Path folder, int atLeast, int round) throws IOException {
    Drafts drafts = Drafts.in(folder.resolve("drafts"));
    int found = 0;
    Path saved = folder.resolve(KilledSession.SAVED);
    if (Files.exists(saved)) {
      found = edit(DocumentFile.read(saved));
    }
    List<Draft> left = drafts.left();
    assertThat(left.size()).as("round %d", round).isLessThanOrEqualTo(1);
    for (Draft draft : left) {
      found = Math.max(found, edit(drafts.read(draft)));
      assertThat(draft.name()).startsWith("Fares");
    }
    assertThat(found).as("round %d in %s", round, folder).isGreaterThanOrEqualTo(atLeast);
  }

  private static int edit(Document document) {
    String title = document.table(0).finish().words().getOrDefault(PartName.TITLE, "Edit 0");
    return Integer.parseInt(title.substring("Edit ".length()));
  }
}
