/// What all readers and writers stand on: `TableReader`, `TableWriter`, what is asked and given
/// (`ReadRequest`, `Sheets`), limits, text with its encoding, files written whole or not at all,
/// and `Problem`, the sentence for what a person can mend. Begin at `TableReader`. Every module but
/// core looks in; it knows no format.
package app.finish.formats.io;
