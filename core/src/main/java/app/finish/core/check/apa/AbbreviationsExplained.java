package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.note.Abbreviations;
import app.finish.core.note.Lettering;
import app.finish.core.note.OwnNote;
import java.util.HashSet;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Abbreviations are explained in a note, but for those of statistics that every reader knows.
public final class AbbreviationsExplained extends ApaCheck {
  private static final Set<String> KNOWN =
      Set.of(
          "DF", "SD", "SE", "SS", "MS", "ANOVA", "ANCOVA", "MANOVA", "US", "USA", "UK", "EU", "IQ",
          "II", "III", "IV", "VI", "VII", "VIII", "IX", "XI", "XII", "AM", "PM", "EUR", "USD",
          "GBP", "KG", "KM", "TOTAL", "ALL", "YES", "NO", "NA", "MDN");

  /// A label that is one word of so many capitals is a name.
  private static final int LONG = 4;

  private static final Pattern SHORT =
      Pattern.compile("(?<![\\p{L}\\p{N}])\\p{Lu}{2,5}(?![\\p{L}\\p{N}])");

  public AbbreviationsExplained() {
    super("abbreviations", "Abbreviations are explained in a note", "7.15");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    String notes = subject.notes();
    boolean shouting =
        subject.heads().stream()
            .allMatch(head -> head.text().equals(head.text().toUpperCase(java.util.Locale.ROOT)));
    Set<String> said = new HashSet<>(KNOWN);
    for (DressedRow row : subject.rows()) {
      if (!row.isTable() || shouting) {
        continue;
      }
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof app.finish.core.dress.CellMeaning.Body) {
          continue;
        }
        Matcher matcher = SHORT.matcher(cell.text());
        while (matcher.find()) {
          String word = matcher.group();
          boolean name = word.length() >= LONG && cell.text().equals(word);
          if (!name
              && said.add(word)
              && !Pattern.compile("\\b" + word + "\\b").matcher(notes).find()) {
            found.accept(finding(cell, word));
          }
        }
      }
    }
  }

  private Finding finding(DressedCell cell, String word) {
    String sentence = "No note says what " + word + " means.";
    Optional<String> meaning = Abbreviations.meaning(word, Map.of());
    return meaning.isEmpty()
        ? at(cell, word, word + " = …", sentence)
        : at(
            cell,
            word,
            word + " = " + meaning.get(),
            sentence,
            new Mend.Say(
                "Say what abbreviations mean",
                OwnNote.of(OwnNote.Kind.GENERAL, Lettering.ABBREVIATIONS)));
  }
}
