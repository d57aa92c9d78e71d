package app.finish.formats.sent;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;

/// A kind of manuscript, made and read back without our own readers and writers.
interface MadeManuscript {
  /// How its name ends.
  String ending();

  /// A manuscript on Letter with margins of an inch.
  Path of(Path folder, String... paragraphs) throws IOException;

  /// What stands one below another: the words of paragraphs, and of each table that was put there
  /// its name and its words.
  List<String> order(Path file) throws Exception;
}
