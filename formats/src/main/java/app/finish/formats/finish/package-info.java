/// The `.finish` file: a document, whole. In: a document or a file. Out: the other. Begin at
/// `DocumentFile`; docs/file-format.md describes what it writes. The window and the command line
/// look in there; the other classes write its parts.
package app.finish.formats.finish;
