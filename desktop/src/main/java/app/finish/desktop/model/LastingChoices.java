package app.finish.desktop.model;

import app.finish.core.document.Wear;
import java.nio.file.Path;
import java.util.Locale;
import java.util.prefs.Preferences;

/// What a person wants always, kept between runs: the styles of new tables, where the style library
/// is, and whether a style that is put on lifts the touches.
public final class LastingChoices {
  private final Preferences store;

  public LastingChoices(Preferences store) {
    this.store = store;
  }

  /// The styles that new tables wear in all documents.
  public Wear wear() {
    Wear wear = Wear.NONE;
    for (Wear.Kind kind : Wear.Kind.values()) {
      String style = store.get(key(kind), "");
      wear = style.isEmpty() ? wear : wear.with(kind, style);
    }
    return wear;
  }

  public void keepWear(Wear wear) {
    for (Wear.Kind kind : Wear.Kind.values()) {
      wear.style(kind)
          .ifPresentOrElse(style -> store.put(key(kind), style), () -> store.remove(key(kind)));
    }
  }

  private static String key(Wear.Kind kind) {
    return "wear." + kind.name().toLowerCase(Locale.ROOT);
  }

  /// The folder of the style library.
  public Path library() {
    String home = Path.of(System.getProperty("user.home"), "Finish styles").toString();
    return Path.of(store.get("library", home));
  }

  public void keepLibrary(Path folder) {
    store.put("library", folder.toAbsolutePath().toString());
  }

  /// The folder in which what is open is kept until it is saved.
  public Path drafts() {
    return Path.of(store.get("drafts", DataFolder.usual().resolve("drafts").toString()));
  }

  public void keepDrafts(Path folder) {
    store.put("drafts", folder.toAbsolutePath().toString());
  }

  /// The folder in which faults are written down, beside that of the drafts.
  public Path log() {
    return drafts().resolveSibling("log");
  }

  /// The folder in which documents are kept as they were before they were saved over: beside that
  /// of the drafts.
  public Path versions() {
    return drafts().resolveSibling("versions");
  }

  /// The size of the window's text, in percent.
  public int textSize() {
    return store.getInt("text size", 100);
  }

  public void keepTextSize(int percent) {
    store.putInt("text size", percent);
  }

  /// Whether the window is light, dark or as the system is.
  public String shade() {
    return store.get("shade", "SYSTEM");
  }

  public void keepShade(String shade) {
    store.put("shade", shade);
  }

  /// Whether putting on a style lifts the touches.
  public boolean lifts() {
    return store.getBoolean("lifts", false);
  }

  public void keepLifts(boolean lifts) {
    store.putBoolean("lifts", lifts);
  }
}
