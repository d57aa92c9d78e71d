/// Tables fit to publish. In: a [app.finish.core.grid.Grid] of cells as they came and a
/// [app.finish.core.document.Finish], which holds what a person decided. Out: a
/// [app.finish.core.layout.Proof]. Each stage is a package with pure functions between immutable
/// values: `grid` → `recognise` → `table` → `dress` (with `style`) → `layout`. Begin at
/// [Finishing], which goes the whole way in one sentence.
package app.finish.core;
