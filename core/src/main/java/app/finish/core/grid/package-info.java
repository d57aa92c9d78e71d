/// Cells as they came. In: nothing but what a reader saw: text, typed value, spans and the source's
/// own formatting, which is kept as evidence only. Out: a [Grid], immutable, the source of
/// everything that follows. Begin at [Grid]; [GridCell] is one cell of it.
package app.finish.core.grid;
