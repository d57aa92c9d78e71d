package app.finish.formats;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.formats.io.Kept;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// A file that sending makes.
///
/// ```java
/// SentFile.all(document, folder, "fares", List.of(OutputFormat.DOCX, OutputFormat.PNG), List.of(0, 1));
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
  /// file of the format holds one. Charts are left out where the format holds none.
  ///
  /// @param stem what their names begin with
  public static List<SentFile> all(
      Document document,
      Path folder,
      String stem,
      List<OutputFormat> formats,
      List<Integer> indexes) {
    List<SentFile> files = new ArrayList<>();
    for (OutputFormat format : formats) {
      List<Integer> held = held(document, format, indexes);
      if (indexes.size() < 2 || format.holdsSeveralTables()) {
        files.add(file(folder, stem, format, held));
        continue;
      }
      for (int index : held) {
        files.add(file(folder, stem + "-" + (index + 1), format, List.of(index)));
      }
    }
    return files;
  }

  /// What a format holds of some items; all of them where it holds none, so that it says so.
  private static List<Integer> held(Document document, OutputFormat format, List<Integer> indexes) {
    if (format.keeps().contains(Kept.CHARTS)) {
      return indexes;
    }
    List<Integer> tables =
        indexes.stream()
            .filter(index -> document.items().get(index) instanceof DocumentTable)
            .toList();
    return tables.isEmpty() ? indexes : tables;
  }

  private static SentFile file(
      Path folder, String name, OutputFormat format, List<Integer> indexes) {
    return new SentFile(folder.resolve(name + "." + format.extension()), format, indexes);
  }
}
