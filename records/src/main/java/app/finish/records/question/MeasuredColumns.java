package app.finish.records.question;

import app.finish.core.problem.Refusal;
import app.finish.core.tally.Plan;
import app.finish.core.tally.TallyMeasure;
import app.finish.records.column.Column;
import app.finish.records.column.Columns;
import java.util.ArrayList;
import java.util.List;

/// The columns of numbers that the measures of a plan are about.
public final class MeasuredColumns {
  private MeasuredColumns() {}

  /// Each once, in the order of the measures.
  ///
  /// @param use what is done with them, for messages
  /// @param least how many are needed
  /// @throws app.finish.core.problem.Refusal if there are fewer, or one holds no numbers
  static List<String> of(Plan plan, Columns columns, String use, int least) {
    List<String> names = new ArrayList<>();
    for (TallyMeasure measure : plan.measures()) {
      if (measure instanceof TallyMeasure.Worked worked && !worked.column().isEmpty()) {
        Column column = columns.of(worked.column());
        columns.needNumbers(column, use);
        if (!names.contains(column.name())) {
          names.add(column.name());
        }
      }
    }
    if (names.size() < least) {
      throw new Refusal(
          "Columns of numbers that can be "
              + use
              + " are missing: at least "
              + (least == 1 ? "one is" : least + " are")
              + " needed. Measure "
              + (least == 1 ? "a column." : "more columns."));
    }
    return names;
  }
}
