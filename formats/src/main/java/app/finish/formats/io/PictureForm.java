package app.finish.formats.io;

import app.finish.core.problem.Refusal;

/// How pictures of dots are drawn.
///
/// ```java
/// PictureForm.USUAL.withDots(300).withClear(true);
/// ```
///
/// @param dots how many dots are an inch
/// @param clear whether the paper is left out, so that what lies below shows through
public record PictureForm(int dots, boolean clear) {
  /// 200 dots an inch, on paper.
  public static final PictureForm USUAL = new PictureForm(200, false);

  private static final int FEWEST = 50;
  private static final int MOST = 1200;

  /// @throws Refusal if there are fewer dots than 50 or more than 1200
  public PictureForm {
    if (dots < FEWEST || dots > MOST) {
      throw new Refusal(
          "A picture can't have "
              + dots
              + " dots an inch. Take between "
              + FEWEST
              + " and "
              + MOST
              + ".");
    }
  }

  /// The same with another resolution.
  public PictureForm withDots(int other) {
    return new PictureForm(other, clear);
  }

  /// The same with or without its paper.
  public PictureForm withClear(boolean other) {
    return new PictureForm(dots, other);
  }
}
