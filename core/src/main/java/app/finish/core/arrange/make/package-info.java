/// The moves, each in a class of its own, and the workers that several or long ones have. In: a
/// table as it stands ([app.finish.core.arrange.move.Making]); out: the table that the move leaves.
/// To add a move, write its class and a line in [Moves]. Begin at [Fold], a short one. The
/// arranger, the document's file and the window look in.
package app.finish.core.arrange.make;
