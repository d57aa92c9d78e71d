/// The paper and every hand on it: drawing, outlines, picking, dragging, editing in place. In:
/// proofs and picks of the view model. Out: edits said to it. Begin at `ProofView`. The window and
/// the shell look in.
package app.finish.desktop.proof;
