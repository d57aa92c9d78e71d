package app.finish.records.words;

import app.finish.core.table.Note;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.source.Records;
import java.util.ArrayList;
import java.util.List;

/// The words around a tally: what was counted, of which records.
public final class TallyWords {
  private TallyWords() {}

  /// A title that names the measures and the dimensions.
  public static String title(Plan plan) {
    List<TallyMeasure> measures = plan.measuresOrCount();
    String what =
        measures.size() > 3
            ? measures.get(0).name() + ", " + measures.get(1).name() + " and More"
            : joined(measures.stream().map(TallyMeasure::name).toList());
    List<String> by = new ArrayList<>();
    plan.down().forEach(one -> by.add(one.name()));
    plan.across().forEach(one -> by.add(one.name()));
    return by.isEmpty() ? what : what + " by " + joined(by);
  }

  /// Names in a row, with "and" before the last.
  public static String joined(List<String> names) {
    int last = names.size() - 1;
    return last < 1
        ? String.join("", names)
        : String.join(", ", names.subList(0, last)) + " and " + names.get(last);
  }

  /// What a reader has to know of how it was counted.
  public static List<Note> notes(Plan plan, Records records) {
    List<Note> notes = new ArrayList<>();
    if (!plan.where().isBlank()) {
      String words = ConditionWords.of(plan.where(), records.columns().names());
      notes.add(Note.general("Only records for which " + words + "."));
    }
    if (!plan.weight().isEmpty()) {
      notes.add(Note.general("Weighted by " + plan.weight() + "."));
    }
    if (plan.missing() == MissingAnswers.LEFT_OUT && anyMissing(plan, records)) {
      List<String> names = new ArrayList<>();
      plan.down().forEach(one -> names.add(one.name()));
      plan.across().forEach(one -> names.add(one.name()));
      notes.add(
          Note.general(
              "Records without an answer in " + String.join(" or ", names) + " are left out."));
    }
    return notes;
  }

  private static boolean anyMissing(Plan plan, Records records) {
    for (TallyDimension dimension : plan.dimensions()) {
      if (records.columns().find(dimension.column()).map(c -> c.missing() != 0).orElse(true)) {
        return true;
      }
    }
    return false;
  }

  /// General notes as one, as they are printed.
  public static List<Note> asOne(List<Note> notes) {
    String text = String.join(" ", notes.stream().map(Note::text).toList());
    return text.isBlank() ? List.of() : List.of(Note.general(text.strip()));
  }
}
