package app.finish.formats.io;

import app.finish.core.layout.Paper;

/// The paper of a picture: as wide as the text of the chosen one, with a narrow margin, and as long
/// as its table.
public final class PicturePaper {
  private static final double MARGIN = 14;

  private PicturePaper() {}

  /// The same broken into pages, each as high as the chosen paper.
  public static Paper pages(Paper chosen) {
    Paper whole = of(chosen);
    return new Paper(whole.width(), whole.height(), whole.margin(), true);
  }

  /// The paper in the place of the chosen one.
  public static Paper of(Paper chosen) {
    return new Paper(chosen.textWidth() + 2 * MARGIN, chosen.height(), MARGIN, false);
  }
}
