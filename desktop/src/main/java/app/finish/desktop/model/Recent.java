package app.finish.desktop.model;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.prefs.BackingStoreException;
import java.util.prefs.Preferences;

/// The documents worked on lately, kept between runs.
public final class Recent {
  private static final int MOST = 6;

  private final Preferences store;

  public Recent(Preferences store) {
    this.store = store;
  }

  /// The documents that are still there, the latest first.
  public List<Path> files() {
    List<Path> files = new ArrayList<>();
    for (int i = 0; i < MOST; i++) {
      String path = store.get("recent" + i, "");
      if (!path.isEmpty() && Files.exists(Path.of(path))) {
        files.add(Path.of(path));
      }
    }
    return files;
  }

  /// Puts a document first.
  public void add(Path file) {
    List<Path> files = new ArrayList<>(files());
    files.remove(file.toAbsolutePath());
    files.addFirst(file.toAbsolutePath());
    for (int i = 0; i < MOST; i++) {
      if (i < files.size()) {
        store.put("recent" + i, files.get(i).toString());
      } else {
        store.remove("recent" + i);
      }
    }
    try {
      store.flush();
    } catch (BackingStoreException e) {
      return;
    }
  }
}
