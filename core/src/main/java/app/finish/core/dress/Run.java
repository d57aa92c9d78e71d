package app.finish.core.dress;

/// A stretch of text in one weight and slant.
///
/// @param text the text
/// @param bold whether it is bold
/// @param italic whether it is italic
public record Run(String text, boolean bold, boolean italic) {}
