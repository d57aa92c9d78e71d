/// The shipped fonts and how wide texts are in them. In: a look and a text. Out: widths in points.
/// Begin at `Fonts`. Layout looks in, and whoever draws with the same fonts.
package app.finish.core.layout.font;
