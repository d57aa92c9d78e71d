package app.finish.core.layout.font;

/// A shipped font.
///
/// @param family "Liberation Serif", "Liberation Sans" or "Carlito"
/// @param bold whether it is the bold
/// @param italic whether it is the italic
public record Face(String family, boolean bold, boolean italic) {
  /// The name of its file without the folder.
  public String file() {
    String style = bold && italic ? "BoldItalic" : bold ? "Bold" : italic ? "Italic" : "Regular";
    return family.replace(" ", "") + "-" + style + ".ttf";
  }
}
