/// The bench of the step *Bring in*: what was recognised and how it is corrected, and the board of
/// tables to pick from. In: what the view model shows. Out: corrections. Begin at `BringInBench`.
/// Only the window looks in.
package app.finish.desktop.bringin;
