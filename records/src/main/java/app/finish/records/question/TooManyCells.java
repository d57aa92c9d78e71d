package app.finish.records.question;

import app.finish.core.problem.Problem;

/// A table that would be so large that somebody should be asked first.
public final class TooManyCells extends Problem {
  private static final long serialVersionUID = 1;

  TooManyCells(long rows, long columns, long most) {
    super(
        String.format(
            java.util.Locale.ENGLISH,
            "This makes a table of more than %,d cells: %,d rows by %,d %s and still growing."
                + " Gather members, hold a dimension, or have it made all the same.",
            most,
            rows,
            columns,
            columns == 1 ? "column" : "columns"));
  }
}
