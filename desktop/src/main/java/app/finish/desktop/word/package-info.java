/// The step of the words around a table. In: the words of the table at hand, what is picked, the
/// text that the tables go with; out: titles, notes and what they are tied to, what is said once
/// for all tables. Begin at [WordBench].
package app.finish.desktop.word;
