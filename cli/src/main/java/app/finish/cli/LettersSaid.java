package app.finish.cli;

import app.finish.formats.UnshownLetters;
import java.util.Optional;

/// The sentence in which a command says which letters no font of this machine has.
final class LettersSaid {
  private LettersSaid() {}

  static Optional<String> of(UnshownLetters letters) {
    int count = letters.count();
    return count == 0
        ? Optional.empty()
        : Optional.of(
            "No font here has "
                + (count == 1 ? "the letter " : count + " letters, such as ")
                + letters.named()
                + ": boxes stand there. Install a font that has "
                + (count == 1 ? "it." : "them."));
  }
}
