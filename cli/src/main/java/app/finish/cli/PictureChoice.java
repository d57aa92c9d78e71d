package app.finish.cli;

import app.finish.formats.io.PictureForm;
import picocli.CommandLine.Option;

/// How a command draws pictures of dots.
///
/// ```sh
/// finish dress fares.csv --style "APA 7" -o fares.png --dots 300 --clear
/// ```
final class PictureChoice {
  @Option(
      names = "--dots",
      defaultValue = "200",
      paramLabel = "N",
      description = "how many dots of a picture (PNG) are an inch: 50 to 1200 (200)")
  private int dots = PictureForm.USUAL.dots();

  @Option(
      names = "--clear",
      description = "leave the paper of a picture (PNG) out, so that what lies below shows through")
  private boolean clear;

  PictureForm form() {
    return new PictureForm(dots, clear);
  }
}
