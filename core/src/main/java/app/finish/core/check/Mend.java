package app.finish.core.check;

import app.finish.core.arrange.move.Move;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.note.OwnNote;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.core.style.colour.Colour;
import java.util.List;
import java.util.function.UnaryOperator;

/// Something that mends what was found: an edit of the document that can be undone as any other.
///
/// ```java
/// Document mended = finding.mends().getFirst().on(document, place);
/// ```
public sealed interface Mend {
  /// A word for it, one for each kind, as the window's texts and tests name it.
  String id();

  /// What it does, as a button says it.
  String words();

  /// Whether it needs no asking: it changes looks alone, and nothing that is said. Fewer decimals
  /// say less.
  default boolean isSafe() {
    return switch (this) {
      case Touch touch -> touch.property() != Property.DECIMALS;
      case Lift _ -> true;
      case Several several -> several.each().stream().allMatch(Mend::isSafe);
      case Restyle _, Ink _, Arrange _, Correct _, Reword _, Say _, Regard _, TurnPage _ -> false;
    };
  }

  /// The document with it, under the table in a place.
  Document on(Document document, int index);

  private static Document finished(Document document, int index, UnaryOperator<Finish> change) {
    return document.withFinish(index, change.apply(document.table(index).finish()));
  }

  /// A setting by hand.
  record Touch(String id, String words, Selector selector, Property property, String setting)
      implements Mend {
    /// The looks with it.
    Cascade on(Cascade cascade) {
      return cascade.touched(cascade.touches().with(selector, property, setting));
    }

    @Override
    public Document on(Document document, int index) {
      return finished(
          document,
          index,
          finish -> finish.withTouches(finish.touches().with(selector, property, setting)));
    }
  }

  /// A setting of a style that the document holds, for all tables that wear it.
  ///
  /// @param style the name of the style
  record Restyle(String words, String style, Selector selector, Property property, String setting)
      implements Mend {
    @Override
    public String id() {
      return "restyle";
    }

    @Override
    public Document on(Document document, int index) {
      return document.styles().stream()
          .filter(one -> one.name().equals(style))
          .findFirst()
          .map(one -> document.withStyle(one.with(selector, property, setting)))
          .orElse(document);
    }
  }

  /// Settings by hand taken back.
  record Lift(String words, List<Touches.Touch> touches) implements Mend {
    /// Copies the list.
    public Lift {
      touches = List.copyOf(touches);
    }

    @Override
    public String id() {
      return "lift";
    }

    @Override
    public Document on(Document document, int index) {
      return finished(
          document,
          index,
          finish -> {
            Touches left = finish.touches();
            for (Touches.Touch touch : touches) {
              left = left.without(touch.selector(), touch.property());
            }
            return finish.withTouches(left);
          });
    }
  }

  /// Another colour for a role of the palette.
  record Ink(String words, String role, Colour colour) implements Mend {
    @Override
    public String id() {
      return "ink";
    }

    @Override
    public Document on(Document document, int index) {
      return document.withPalette(document.palette().with(role, colour));
    }
  }

  /// A move more.
  record Arrange(String words, Move move) implements Mend {
    @Override
    public String id() {
      return "arrange";
    }

    @Override
    public Document on(Document document, int index) {
      return finished(
          document, index, finish -> finish.withArrangement(finish.arrangement().with(move)));
    }
  }

  /// Another reading of the source.
  record Correct(String words, UnaryOperator<Corrections> change) implements Mend {
    @Override
    public String id() {
      return "correct";
    }

    @Override
    public Document on(Document document, int index) {
      return finished(
          document, index, finish -> finish.withCorrections(change.apply(finish.corrections())));
    }
  }

  /// Other words in the place of the source's.
  record Reword(String words, PartName part, String text) implements Mend {
    @Override
    public String id() {
      return "reword";
    }

    @Override
    public Document on(Document document, int index) {
      return finished(document, index, finish -> finish.withWord(part, text));
    }
  }

  /// A note more.
  record Say(String words, OwnNote note) implements Mend {
    @Override
    public String id() {
      return "say";
    }

    @Override
    public Document on(Document document, int index) {
      return finished(
          document,
          index,
          finish ->
              finish.notes().added().contains(note)
                  ? finish
                  : finish.withNotes(finish.notes().with(note)));
    }
  }

  /// A general note as one of another kind.
  ///
  /// @param text what the note says
  record Regard(String words, OwnNote.Kind kind, String text) implements Mend {
    @Override
    public String id() {
      return "regard";
    }

    @Override
    public Document on(Document document, int index) {
      return finished(document, index, finish -> finish.withNotes(finish.notes().as(kind, text)));
    }
  }

  /// Several of these as one.
  ///
  /// @param each what is done, in order
  record Several(String words, List<Mend> each) implements Mend {
    /// Copies the list.
    public Several {
      each = List.copyOf(each);
    }

    @Override
    public String id() {
      return each.getFirst().id();
    }

    @Override
    public Document on(Document document, int index) {
      Document mended = document;
      for (Mend one : each) {
        mended = one.on(mended, index);
      }
      return mended;
    }
  }

  /// The page turned to its side. The page is chosen when a document is sent, and is no part of it.
  record TurnPage(String words) implements Mend {
    @Override
    public String id() {
      return "turned";
    }

    @Override
    public Document on(Document document, int index) {
      return document;
    }
  }
}
