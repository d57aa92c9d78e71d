/// Geometry. Out: a `Proof`, pages of marks (fills, rules, texts) in points from the upper left
/// corner and the boxes of the cells for pointing at; the `Paper` that it is for. Text is measured
/// here with the shipped fonts, so that the screen, PDF and PNG agree. Begin at `page`'s
/// `Compositor`. Writers and the window look in.
package app.finish.core.layout;
