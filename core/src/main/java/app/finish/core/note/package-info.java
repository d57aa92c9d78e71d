/// Notes of a person's own, and the signs that tie notes to their places. In: an arranged table
/// with the words of its source, and [OwnNotes]. Out: the table with all its notes, each place
/// marked, and signs given in the order in which a reader comes upon the places ([Lettering]). It
/// knows arranged tables and no looks; [NoteSigns] writes the signs as a style wants them. Begin at
/// [OwnNote], then [Lettering].
package app.finish.core.note;
