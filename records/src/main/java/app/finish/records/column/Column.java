package app.finish.records.column;

/// A column of records.
///
/// @param name its name, as it is written at its head
/// @param type what it holds
/// @param missing how many records have no answer in it; −1 if nobody has counted
/// @param example its first answers, for a person to see what it holds
public record Column(String name, ColumnType type, long missing, String example) {}
