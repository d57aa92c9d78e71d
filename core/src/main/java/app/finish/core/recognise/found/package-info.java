/// What recognition gives back: `Recognition` with its evidence, findings, the rows of the source,
/// where each figure went, and what rows and columns are called (`Anchors`). Values only. Begin at
/// `Recognition`. Every module looks in.
package app.finish.core.recognise.found;
