/// What a move is: what it does, how far it reaches, its words, how files keep it ([Move]), and the
/// list of those that were made ([Arrangement]). In: nothing; out: the interface that `make` fills.
/// Begin at [Move]; to add one see `make`. The document, the window and the formats look in.
package app.finish.core.arrange.move;
