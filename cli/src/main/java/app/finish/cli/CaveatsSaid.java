package app.finish.cli;

import app.finish.formats.Caveats;
import app.finish.formats.UnshownLetters;
import java.util.ArrayList;
import java.util.List;

/// The sentences in which a command says what should be known of what it sent.
final class CaveatsSaid {
  private CaveatsSaid() {}

  static List<String> of(Caveats caveats) {
    List<String> said = new ArrayList<>();
    UnshownLetters letters = caveats.unshown();
    int count = letters.count();
    if (count > 0) {
      said.add(
          "No font here has "
              + (count == 1 ? "the letter " : count + " letters, such as ")
              + letters.named()
              + ": boxes stand there. Install a font that has "
              + (count == 1 ? "it." : "them."));
    }
    if (!caveats.fixed().isEmpty()) {
      boolean one = caveats.fixed().size() == 1;
      said.add(
          "“"
              + String.join("”, “", caveats.fixed())
              + (one ? "” is" : "” are")
              + " fixed in the workbook: "
              + (one ? "it does" : "they do")
              + " not follow figures that are changed there.");
    }
    return said;
  }
}
