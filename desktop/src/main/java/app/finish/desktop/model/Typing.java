package app.finish.desktop.model;

import app.finish.core.grid.TypedGrid;
import java.util.Optional;

/// A table that is being typed.
///
/// @param grid what it begins with
/// @param index the table of the document that is extended; none for a new one
public record Typing(TypedGrid grid, Optional<Integer> index) {}
