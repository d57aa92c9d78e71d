/// Totals. In: lines with their figures. Out: which lines are totals of which others, by adding up,
/// labels and words (`TotalFinder`); and which totals of a finished table do not add up, held
/// against each way to read them (`TotalCheck`). Begin at `TotalFinder`. The recogniser and the
/// axis look in.
package app.finish.core.recognise.total;
