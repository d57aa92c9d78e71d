/// The headings. In: lines, measures, totals. Out: axes, marks on their places, what empty cells
/// stand for, and why lines are what they are. Begin at `AxisReader`. Only the recogniser looks in.
package app.finish.core.recognise.axis;
