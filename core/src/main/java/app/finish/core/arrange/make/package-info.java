/// Carries moves out. In: `Trees` and a move. Out: other trees, or why there is no place. A class a
/// kind of move. Begin at `Ordering` for one that only changes places, at `Baking` for one that
/// changes figures. Only the arranger looks in.
package app.finish.core.arrange.make;
