package app.finish.formats;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// A file that sending makes.
///
/// ```java
/// SentFile.all(folder, "fares", List.of(OutputFormat.DOCX, OutputFormat.PNG), List.of(0, 1));
/// // fares.docx with both tables, fares-1.png, fares-2.png
/// ```
///
/// @param path where it is written
/// @param format the format
/// @param indexes which items of the document are in it
public record SentFile(Path path, OutputFormat format, List<Integer> indexes) {
  /// Copies the list.
  public SentFile {
    indexes = List.copyOf(indexes);
  }

  /// The files of some items in some formats: one for each format, or one for each item where a
  /// file of the format holds one.
  ///
  /// @param stem what their names begin with
  public static List<SentFile> all(
      Path folder, String stem, List<OutputFormat> formats, List<Integer> indexes) {
    List<SentFile> files = new ArrayList<>();
    for (OutputFormat format : formats) {
      if (indexes.size() < 2 || format.holdsSeveralTables()) {
        files.add(file(folder, stem, format, indexes));
        continue;
      }
      for (int index : indexes) {
        files.add(file(folder, stem + "-" + (index + 1), format, List.of(index)));
      }
    }
    return files;
  }

  private static SentFile file(
      Path folder, String name, OutputFormat format, List<Integer> indexes) {
    return new SentFile(folder.resolve(name + "." + format.extension()), format, indexes);
  }
}
