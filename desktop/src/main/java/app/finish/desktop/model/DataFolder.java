package app.finish.desktop.model;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/// Where the system wants applications to keep what is theirs and not the person's.
///
/// ```java
/// DataFolder.usual(); // ~/.local/state/finish on Linux
/// ```
final class DataFolder {
  private DataFolder() {}

  /// The folder on this machine.
  static Path usual() {
    return of(
        System.getProperty("os.name"), Path.of(System.getProperty("user.home")), System.getenv());
  }

  /// The folder on a system.
  ///
  /// @param system its name, as the Java system property `os.name` says it
  /// @param environment variables that may say otherwise: `LOCALAPPDATA` on Windows,
  ///   `XDG_STATE_HOME` elsewhere
  static Path of(String system, Path home, Map<String, String> environment) {
    String name = system.toLowerCase(Locale.ROOT);
    if (name.startsWith("windows")) {
      String local = environment.getOrDefault("LOCALAPPDATA", "");
      return (local.isBlank() ? home.resolve("AppData/Local") : Path.of(local)).resolve("Finish");
    }
    if (name.startsWith("mac")) {
      return home.resolve("Library/Application Support/Finish");
    }
    String state = environment.getOrDefault("XDG_STATE_HOME", "");
    return (state.isBlank() ? home.resolve(".local/state") : Path.of(state)).resolve("finish");
  }
}
