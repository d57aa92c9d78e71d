package app.finish.records.source;

import de.siegmar.fastcsv.reader.CsvReader;
import de.siegmar.fastcsv.reader.CsvRecord;
import de.siegmar.fastcsv.reader.CsvRecordHandler;
import de.siegmar.fastcsv.reader.FieldModifier;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Pattern;

/// Finds columns whose digits stand in quotation marks while other numbers of the file don't: who
/// wrote the file took them for texts, such as codes.
///
/// ```java
/// QuotedTexts.of(Path.of("sailings.csv"), List.of("Route", "Postcode", "Passengers"));
/// ```
public final class QuotedTexts {
  private static final int LOOKED_AT = 1 << 16;
  private static final Pattern QUOTED = Pattern.compile("\"[-+]?[0-9]+\"");
  private static final Pattern NUMBER = Pattern.compile("[-+]?[0-9]+(\\.[0-9]+)?");
  private static final List<Character> PARTING = List.of(',', ';', '\t', '|');
  private static final char BARE = '\u0001';

  private QuotedTexts() {}

  /// Those of the columns that hold quoted digits; none if the file quotes all its numbers, or
  /// none.
  ///
  /// @param names the columns in the order of the file
  static List<String> of(Path file, Iterable<String> names) throws IOException {
    List<String> columns = new ArrayList<>();
    names.forEach(columns::add);
    String beginning = beginning(file);
    if (!QUOTED.matcher(beginning).find()) {
      return List.of();
    }
    for (char parting : PARTING) {
      List<CsvRecord> records = records(beginning, parting);
      if (!records.isEmpty() && records.getFirst().getFieldCount() == columns.size()) {
        return quoted(records.subList(1, records.size()), columns);
      }
    }
    return List.of();
  }

  private static List<String> quoted(List<CsvRecord> records, List<String> columns) {
    Set<Integer> quoted = new LinkedHashSet<>();
    Set<Integer> others = new LinkedHashSet<>();
    boolean bareNumbers = false;
    for (CsvRecord record : records) {
      for (int i = 0; i < Math.min(record.getFieldCount(), columns.size()); i++) {
        String field = record.getField(i);
        boolean bare = !field.isEmpty() && field.charAt(0) == BARE;
        String written = bare ? field.substring(1) : field;
        boolean number = NUMBER.matcher(written.strip()).matches();
        bareNumbers |= bare && number;
        if (!written.isBlank()) {
          (number && !bare ? quoted : others).add(i);
        }
      }
    }
    quoted.removeAll(others);
    return bareNumbers ? quoted.stream().map(columns::get).toList() : List.of();
  }

  /// The first lines, but for the last, which may be cut.
  private static String beginning(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      byte[] bytes = in.readNBytes(LOOKED_AT);
      String text = new String(bytes, StandardCharsets.UTF_8);
      int end = text.lastIndexOf('\n');
      return bytes.length < LOOKED_AT || end < 0 ? text : text.substring(0, end);
    }
  }

  /// The records; before a field that isn't quoted stands [#BARE].
  private static List<CsvRecord> records(String text, char parting) {
    FieldModifier marked =
        new FieldModifier() {
          @Override
          public String modify(long line, int field, boolean quoted, String value) {
            return quoted ? value : BARE + value;
          }
        };
    try (CsvReader<CsvRecord> reader =
        CsvReader.builder()
            .fieldSeparator(parting)
            .allowMissingFields(true)
            .allowExtraFields(true)
            .build(CsvRecordHandler.of(builder -> builder.fieldModifier(marked)), text)) {
      return reader.stream().toList();
    } catch (RuntimeException | IOException e) {
      // A file that can't be read in this way has no quoted columns to speak of.
      return List.of();
    }
  }
}
