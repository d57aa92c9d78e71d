/// The letter case of titles. In: a title as it came. Out: the title as a style writes it. Begin at
/// [TitleCase].
package app.finish.core.words;
