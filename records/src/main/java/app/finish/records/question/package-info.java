/// What is asked of records beyond one statement: groups with totals, descriptions, correlations,
/// comparisons, tests. In: open records and a `Plan`. Out: groups or tables. Begin at `Groups`.
/// Only `Tallying` looks in, and whoever has to say that a table would be too large
/// (`TooManyCells`).
package app.finish.records.question;
