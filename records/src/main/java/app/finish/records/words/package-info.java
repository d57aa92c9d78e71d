/// Plans in words and words as plans. In: what a person writes on the command line or picks in the
/// window. Out: dimensions, measures, titles, notes. Begin at `PlanWords`. The window and the
/// command line look in, and `question` for titles and notes.
package app.finish.records.words;
