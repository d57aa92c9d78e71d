/// Statements. In: a plan, conditions and expressions, the columns. Out: one reading statement in
/// the `Dialect` of the database, with parameters for what a person wrote, and what it answers
/// (`DatabaseQuery`, the only place that sends any). Begin at `PlanStatement`. The packages of
/// records look in; outside only `DatabaseQuery` is known, which tells progress and is stopped.
package app.finish.records.sql;
