/// Rows and columns with their labels. In: a read grid and its frame. Out: `Line`s, a label a
/// level; from here on both sides are the same thing. Begin at `LineReader` and `HeadReader`. The
/// rooms after it look in.
package app.finish.core.recognise.line;
