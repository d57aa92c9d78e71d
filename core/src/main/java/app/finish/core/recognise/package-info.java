/// From cells to meaning. In: a [app.finish.core.grid.Grid] and what a person corrected. Out: a
/// [Recognition]: the table, and for every decision the evidence in words and how sure it is. The
/// evidence is words for totals, bold, indent, spans, blanks, the types of the cells, and
/// arithmetic.
///
/// Begin at [Recogniser]. It finds the frame (title, heads, body, notes) with `FrameFinder`, reads
/// the labels of rows and columns into `Line`s, finds which level names measures (`MeasureFinder`)
/// and which lines are totals (`TotalFinder`, by adding up), and builds the headings
/// (`TreeBuilder`).
package app.finish.core.recognise;
