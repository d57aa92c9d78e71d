/// The text of a manuscript, for what it says of its tables. In: a file (DOCX, ODT, Markdown,
/// text); out: its running text, without its tables and their captions. Begin at [ManuscriptText].
/// The command line looks in.
package app.finish.formats.manuscript;
