package app.finish.core.layout.font;

/// A shipped font, or the fonts of this machine for other scripts.
///
/// @param family "Liberation Serif", "Liberation Sans" or "Carlito"; "sans-serif" for other scripts
/// @param bold whether it is the bold
/// @param italic whether it is the italic
public record Face(String family, boolean bold, boolean italic) {
  private static final String OTHER = "sans-serif";

  /// What sets scripts that no shipped font has: fonts of this machine.
  public static Face other(boolean bold, boolean italic) {
    return new Face(OTHER, bold, italic);
  }

  /// Whether it is no shipped font, but fonts of this machine.
  public boolean isOther() {
    return family.equals(OTHER);
  }

  /// The name of its file without the folder.
  public String file() {
    String style = bold && italic ? "BoldItalic" : bold ? "Bold" : italic ? "Italic" : "Regular";
    return family.replace(" ", "") + "-" + style + ".ttf";
  }
}
