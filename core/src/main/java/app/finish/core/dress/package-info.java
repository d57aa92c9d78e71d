/// A table with its looks. In: a [app.finish.core.table.Table] and a
/// [app.finish.core.style.Cascade]. Out: a [Dressed]: rows of cells from the number above the table
/// to the source line below it, each cell with its text runs, its part, its place in the table and
/// its resolved look. There is no geometry here. Begin at [Dresser].
package app.finish.core.dress;
