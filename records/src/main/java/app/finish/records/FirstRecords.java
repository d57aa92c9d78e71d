package app.finish.records;

import app.finish.core.table.Axis;
import app.finish.core.table.Body;
import app.finish.core.table.Heading;
import app.finish.core.table.Marks;
import app.finish.core.table.Measure;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.core.table.Words;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

/// The first records as a table of their own, to see what they hold before anything is counted.
public final class FirstRecords {
  private static final int SHOWN = 20;
  private static final int LONGEST = 40;

  private FirstRecords() {}

  static Table of(Records records, DatabaseQuery asking) throws IOException {
    List<List<String>> rows = records.first(SHOWN, asking);
    List<Heading> numbers = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      numbers.add(Heading.member(String.valueOf(i + 1)));
    }
    if (numbers.isEmpty()) {
      numbers.add(Heading.member("–"));
    }
    List<Heading> heads =
        records.columns().all().stream().map(one -> Heading.member(one.name())).toList();
    Body body =
        Body.of(
            numbers.size(),
            heads.size(),
            (row, column) -> rows.isEmpty() ? Value.BLANK : value(rows.get(row).get(column)));
    String shown =
        String.format(
            Locale.ENGLISH, "The first %,d of %,d records.", rows.size(), records.count());
    String note = records.count() < 0 ? "The first " + rows.size() + " records." : shown;
    return new Table(
        Axis.of(List.of("Record"), numbers),
        Axis.of(List.of(""), heads),
        List.of(Measure.UNKNOWN),
        body,
        List.of(),
        new Words("Records of " + records.name().label(), "", List.of(Note.general(note)), ""),
        Marks.NONE);
  }

  private static Value value(String text) {
    String shown = text.length() > LONGEST ? text.substring(0, LONGEST - 1) + "…" : text;
    return text.isEmpty() ? Value.BLANK : Value.text(shown);
  }
}
