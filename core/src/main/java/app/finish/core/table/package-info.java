/// The meaning of a table. In: what recognition understood of a grid. Out: a [Table]: two axes of
/// headings, a body with a value for each leaf down and each leaf across, measures, held dimensions
/// and words. Nothing here knows where it came from or what look it will wear. Begin at [Table],
/// then [Axis].
package app.finish.core.table;
