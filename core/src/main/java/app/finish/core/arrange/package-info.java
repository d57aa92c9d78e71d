/// The order that makes a table's point. In: a table and an `Arrangement`, a list of moves, each by
/// the headings that it concerns. Out: `Arranged`: the table, what is set aside, and what has no
/// place with its reason; nothing is deleted. Begin at `Arranger`. The dresser, documents and the
/// window look in. `move` says what can be done, `tree` is a table while it is rearranged, `make`
/// carries each move out on it, `formula` is what formulas are asked through; `Beginning` makes
/// moves on the first groups alone.
package app.finish.core.arrange;
