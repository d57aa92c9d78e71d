package app.finish.formats.draft;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.style.PartName;
import app.finish.formats.finish.DocumentFile;
import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;
import java.util.Random;

/// People who edit and save, each in a folder of their own, until their process is killed. What
/// they did is told line by line: `SESSION EDIT MILLISECONDS`.
public final class KilledSession {
  private static final long LONGEST = 60_000;

  static final String SAVED = "saved.finish";

  /// The session that is told of the disk.
  static final int DISK = 99;

  private KilledSession() {}

  /// @param arguments the folder, how many sessions, and a seed
  public static void main(String[] arguments) throws Exception {
    Path folder = Path.of(arguments[0]);
    int sessions = Integer.parseInt(arguments[1]);
    Thread last = new Thread(KilledSession::endAfterAll);
    last.setDaemon(true);
    last.start();
    new Thread(() -> probe(folder.resolve("probe"))).start();
    for (int session = 0; session < sessions; session++) {
      int number = session;
      Random random = new Random(Long.parseLong(arguments[2]) + session);
      new Thread(() -> work(folder.resolve("" + number), number, random)).start();
    }
  }

  /// Should nobody kill it, it ends by itself.
  private static void endAfterAll() {
    try {
      Thread.sleep(LONGEST);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    Runtime.getRuntime().halt(1);
  }

  /// Tells when a small file begins to be written for sure, and when it is: how long the disk
  /// stands still, which nobody can write on meanwhile.
  private static void probe(Path file) {
    byte[] some = new byte[100];
    while (true) {
      say(DISK, 0);
      try (FileChannel channel =
          FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
        channel.write(ByteBuffer.wrap(some));
        channel.force(true);
        say(DISK, 1);
        Thread.sleep(40);
      } catch (IOException e) {
        throw new IllegalStateException(e);
      } catch (InterruptedException e) {
        Thread.currentThread().interrupt();
      }
    }
  }

  private static void work(Path folder, int session, Random random) {
    try {
      Files.createDirectories(folder);
      DraftKeeper keeper =
          new DraftKeeper(Drafts.in(folder.resolve("drafts")), Throwable::printStackTrace);
      Document document =
          Document.EMPTY.withAdded(
              new Source(
                  "fares",
                  Grid.ofText("Route | Winter | Summer", "Hale | 1.5 | 2.5", "Orrin | 3 | 4")),
              Finish.in("APA 7"));
      DocumentFile.write(document, folder.resolve("first.finish"));
      Optional<Path> file = Optional.empty();
      for (int edit = 1; ; edit++) {
        document =
            document.withFinish(
                0, document.table(0).finish().withWord(PartName.TITLE, "Edit " + edit));
        keeper.changed(Optional.of(new DraftKeeper.Open(document, "Fares " + session, file)));
        say(session, edit);
        Thread.sleep(random.nextInt(120));
        if (random.nextInt(9) == 0) {
          Path saved = folder.resolve(SAVED);
          DocumentFile.write(document, saved);
          file = Optional.of(saved);
          keeper.changed(Optional.empty());
        }
      }
    } catch (IOException e) {
      throw new IllegalStateException(e);
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
  }

  private static synchronized void say(int session, int edit) {
    System.out.println(session + " " + edit + " " + System.currentTimeMillis());
    System.out.flush();
  }
}
