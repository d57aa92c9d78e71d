/// JSON that is no document: statistics in JSON-stat read, recognitions written. In: a file or
/// recognitions. Out: grids or text. Begin at `JsonStatReader` and `RecognitionJson`. The list of
/// formats and the command line look in.
package app.finish.formats.json;
