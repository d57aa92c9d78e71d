package app.finish.core.recognise.found;

/// Something in the source that does not hold, such as a total that does not add up.
///
/// @param place where, as the source counts
/// @param claimed the figure that stands there, as written
/// @param found the figure that should
/// @param sentence what is wrong, for a person to read
public record Finding(String place, String claimed, String found, String sentence) {}
