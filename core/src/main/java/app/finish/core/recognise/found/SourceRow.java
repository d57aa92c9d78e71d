package app.finish.core.recognise.found;

import app.finish.core.recognise.said.LineRole;
import java.util.List;
import java.util.OptionalInt;

/// A row of the source and what it was taken for.
///
/// @param row its place in the grid, from 0
/// @param role what it is
/// @param level the level of its group or total, 1 for the outermost
/// @param headings its labels from the outermost; labels written once are filled in, and a total's
///   deeper levels are left off
/// @param leaf its place down the body, or empty if it has no figures
public record SourceRow(
    int row, LineRole role, int level, List<String> headings, OptionalInt leaf) {}
