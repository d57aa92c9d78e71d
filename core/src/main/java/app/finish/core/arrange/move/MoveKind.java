package app.finish.core.arrange.move;

import java.util.function.Function;

/// A kind of move, as files name it.
///
/// ```java
/// static final MoveKind KIND = new MoveKind("fold", false, in -> new Fold(in.side(), in.path()));
/// ```
///
/// @param word its name in files
/// @param turns whether headings stand elsewhere after it, so that moves which were drawn on the
///   table before go before it
/// @param read makes it of what a file says
public record MoveKind(String word, boolean turns, Function<MoveReading, Move> read) {}
