package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.DressedCell;
import app.finish.core.note.OwnNote;
import app.finish.core.style.PartName;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.regex.Pattern;

/// A table that is taken from elsewhere says so at the end of its general note: *From* or *Adapted
/// from*, the work, and by whose leave. What is found is only worth knowing. A line that says whose
/// data they are is none.
public final class SourceIsTold extends ApaCheck {
  /// A work is named by its title in quotation marks, or with its year in parentheses.
  private static final Pattern TAKEN =
      Pattern.compile(
          "(?:^|[.!?]\\s+)(?:From|Adapted from|Reprinted from|Taken"
              + " from)\\s[^.]*(?:“|\"|\\((?:19|20)\\d\\d)");

  /// A line that names a published work, and not only whose data they are.
  private static final Pattern WORK =
      Pattern.compile(
          "[“\"„«]|\\((?:19|20)\\d\\d[a-z]?\\)|doi|https?:|(?i:adapted|reprinted|taken) from");

  private static final Pattern LEAVE =
      Pattern.compile(
          "(?i)copyright|©|public domain|permission|\\bCC[ -]?(?:BY|0)\\b|creative"
              + " commons|licen[cs]e");

  public SourceIsTold() {
    super(
        "source",
        "A table taken from elsewhere says at the end of its general note from where and by whose"
            + " leave",
        "7.15");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    String notes = subject.notes();
    Optional<DressedCell> line = subject.first(PartName.SOURCE);
    String source = subject.table().words().source();
    if (line.isPresent() && WORK.matcher(source).find()) {
      String typed = subject.table().words().typed(source);
      String told = "From " + typed + (typed.endsWith(".") ? "" : ".");
      found.accept(
          at(
                  line.get(),
                  line.get().bareText(),
                  told,
                  "The source has a line of its own; the manual tells it at the end of the general"
                      + " note.",
                  new Mend.Several(
                      "Tell it in the general note",
                      List.of(
                          new Mend.Reword("Take the line off", PartName.SOURCE, ""),
                          new Mend.Say("Tell it", OwnNote.of(OwnNote.Kind.PERMISSION, told)))))
              .worthKnowing());
    } else if (TAKEN.matcher(notes).find() && !LEAVE.matcher(notes).find()) {
      subject
          .first(PartName.NOTE)
          .ifPresent(
              note ->
                  found.accept(
                      at(
                              note,
                              "",
                              "",
                              "The table is taken from another work, and nothing says whose"
                                  + " copyright it is and by whose leave it stands here.")
                          .worthKnowing()));
    }
  }
}
