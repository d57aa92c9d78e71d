/// What can be done to a table. Out: `Move`s by the headings that they concern, in an
/// `Arrangement`; where they act (`Side`, `Level`), what has no place (`NoPlace`) and what was set
/// aside (`Aside`). Values only. Begin at `Move`. The window, the file format and the command line
/// look in.
package app.finish.core.arrange.move;
