/// Totals. In: lines with their figures. Out: which lines are totals of which others, by adding up,
/// labels and words. Begin at `TotalFinder`. The recogniser and the axis look in.
package app.finish.core.recognise.total;
