/// Geometry. In: a [app.finish.core.dress.Dressed] and a [Paper]. Out: a [Proof]: pages of marks
/// (fills, rules, texts) in points from the upper left corner, and the boxes of the cells for
/// pointing at. Text is measured here with the shipped fonts, so that the screen, PDF and PNG
/// agree. Begin at [Compositor].
package app.finish.core.layout;
