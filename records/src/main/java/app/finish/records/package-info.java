/// Records, wherever they live, tallied into tables. In: records and a `Plan`. Out: a table with
/// its tests in notes, or the same document with its tallies counted anew (`Renewal`). Begin at
/// `Tallying`, which carries a plan out; `RecordSamples` opens what ships. The window and the
/// command line look in; nothing below knows this package. What the others are for: `source` opens
/// records, `sql` makes the statements, `question` asks what is more than one statement,
/// `statistics` works out tests, `words` says plans in words, `column` is what all know of a
/// column.
package app.finish.records;
