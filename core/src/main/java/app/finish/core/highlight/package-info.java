/// What is to be seen first in a table. In: what a person says, as a sentence or in the window
/// (`Highlight`), and a table with the names of its cells (`CellNames`). Out: on which figures and
/// headings each highlight lies and what it sets there (`Matches`). Begin at `Highlight`. The
/// dresser lays them over the style; documents keep them; the window and the command line write and
/// read them as sentences (`HighlightSentence`).
package app.finish.core.highlight;
