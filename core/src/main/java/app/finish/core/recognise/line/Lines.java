package app.finish.core.recognise.line;

import java.util.List;
import java.util.Map;

/// The lines of an axis.
///
/// @param lines the lines with figures, in order
/// @param dimensions a name a level
/// @param groupRows rows that only head others, with the labels down to them
public record Lines(
    List<Line> lines, List<String> dimensions, Map<Integer, List<String>> groupRows) {}
