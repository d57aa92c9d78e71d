package app.finish.core.document;

import app.finish.core.grid.Grid;

/// Where a table came from, kept untouched.
///
/// @param name the file it was read from, or "pasted"
/// @param grid its cells
public record Source(String name, Grid grid) {}
