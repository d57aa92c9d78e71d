package app.finish.core.tally;

import app.finish.core.table.Table;

/// A table that was counted from records.
///
/// @param records where the records are
/// @param plan what was counted
/// @param table the table that it gave
public record Tally(RecordsName records, Plan plan, Table table) {}
