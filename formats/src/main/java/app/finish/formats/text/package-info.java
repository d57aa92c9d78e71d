/// Text: CSV and its relatives, Markdown, and what consoles print. In: text. Out: grids, and the
/// lines that belong to no table. Begin at `TextReader`, which tells the kinds apart; console text
/// goes from `ConsoleBlocks` (a session into tables) to `ConsoleTable` (one table into a grid).
/// Only the list of formats looks in.
package app.finish.formats.text;
