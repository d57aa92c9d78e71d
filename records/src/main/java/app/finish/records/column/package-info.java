/// What a column of records is. In: names and types as a database tells them. Out: `Columns`, which
/// finds a column by its name and says in words what it lacks. Begin at `Columns`. All packages of
/// records look in; it knows none of them.
package app.finish.records.column;
