package app.finish.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// The folders of seeds: one for each reader, by the ending of its files, and one for each other
/// thing that is fuzzed.
final class FuzzSeeds {
  private static final Set<String> OTHERS =
      Set.of("document", "style", "palette", "highlight", "written");

  private FuzzSeeds() {}

  static List<String> targets(Path seeds) throws IOException {
    try (Stream<Path> folders = Files.list(seeds)) {
      return folders.map(folder -> folder.getFileName().toString()).sorted().toList();
    }
  }

  static boolean isReader(String target) {
    return !OTHERS.contains(target);
  }
}
