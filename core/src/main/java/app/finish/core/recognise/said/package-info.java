/// What a person says of a source against what was recognised. Out: `Corrections` by meaning
/// (`Anchor`), how much of a sheet a table takes (`Extent`). Values only. Begin at `Corrections`.
/// Documents, the file format and the window look in.
package app.finish.core.recognise.said;
