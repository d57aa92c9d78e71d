package app.finish.core.check.apa;

import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.dress.DressedCell;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.words.TitleCase;
import java.util.Optional;
import java.util.function.Consumer;

/// A title stands on the line below the number: italic, in title case, flush left, without a full
/// stop.
public final class TitleStands extends ApaCheck {
  private static final Selector TITLE = Selector.of(PartName.TITLE);

  public TitleStands() {
    super("title", "A table has a title, italic, in title case, without a full stop", "7.11");
  }

  @Override
  void look(Subject subject, Consumer<Finding> found) {
    Optional<DressedCell> title = subject.first(PartName.TITLE);
    if (title.isEmpty()) {
      found.accept(on(PartName.TITLE, "", "", "The table has no title."));
      return;
    }
    Look look = title.get().look();
    String text = title.get().bareText();
    if (!look.italic()) {
      found.accept(
          at(
              title.get(),
              "upright",
              "italic",
              "The title is not italic.",
              set(subject, "Set it italic", TITLE, Property.SLANT, "italic")));
    }
    if (look.align() != Look.Align.START) {
      found.accept(
          at(
              title.get(),
              look.setting(Property.ALIGN),
              "start",
              "The title is not flush left.",
              set(subject, "Set it flush left", TITLE, Property.ALIGN, "start")));
    }
    String cased = TitleCase.of(text, subject.dressed().language());
    if (!text.equals(cased)) {
      found.accept(
          at(
              title.get(),
              text,
              cased,
              "The title is not in title case.",
              set(subject, "Set it in title case", TITLE, Property.LETTER_CASE, "title")));
    }
    if (text.endsWith(".") && !text.endsWith("..") && !text.matches(".*\\b\\p{L}\\.\\p{L}\\.$")) {
      String without = text.substring(0, text.length() - 1);
      String typed = subject.table().words().typed(subject.table().words().title());
      found.accept(
          at(
              title.get(),
              text,
              without,
              "The title ends with a full stop.",
              new Mend.Reword(
                  "Take the full stop off",
                  PartName.TITLE,
                  typed.replaceFirst("\\.(\\W*)$", "$1"))));
    }
  }
}
