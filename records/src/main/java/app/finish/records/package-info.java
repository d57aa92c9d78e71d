/// Records, wherever they live, tallied into tables. [app.finish.records.RecordFile] reads a file
/// into an embedded database, [app.finish.records.Database] finds a table in a server;
/// both give [app.finish.records.Records]. [app.finish.records.Tallying] carries a
/// [app.finish.core.tally.Plan] out on them: [app.finish.records.PlanStatement] makes one reading
/// statement of it in the [app.finish.records.Dialect] of the database, and what comes back
/// becomes a table with its tests in notes. Begin at `Tallying`.
package app.finish.records;
