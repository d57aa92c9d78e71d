/// Tables counted from records. A [app.finish.core.tally.Plan] says what goes down, across and
/// held, and what is measured; whoever holds the records answers with a
/// [app.finish.core.tally.Group] for each combination of members, totals included;
/// [app.finish.core.tally.TallyTable] makes a table of them. Nothing here knows where records live:
/// the module `records` does. Begin at `Plan`.
package app.finish.core.tally;
