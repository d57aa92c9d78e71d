/// Numbers as people write them. In: a text from a source, or a number and a format. Out: the
/// number with what its writing tells (decimals, unit, marks), or the number written as a style
/// asks. Begin at [NumberReader] and [NumberFormat].
package app.finish.core.number;
