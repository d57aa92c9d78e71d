package app.finish.core.style;

import app.finish.core.problem.Refusal;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/// The styles at hand, by name.
///
/// ```java
/// StyleBook book = StyleBook.of(styles);
/// Cascade cascade = book.cascade("APA 7");
/// ```
///
/// @param styles the styles in the order that they are shown
/// @param over a palette that re-inks them all; none for their own
public record StyleBook(List<HouseStyle> styles, Palette over) {
  /// Copies the list.
  public StyleBook {
    styles = List.copyOf(styles);
  }

  /// A book of these styles.
  public static StyleBook of(List<HouseStyle> styles) {
    return new StyleBook(styles, Palette.NONE);
  }

  /// This book, with all styles in other inks.
  public StyleBook inked(Palette other) {
    return new StyleBook(styles, other);
  }

  /// The style of this name, if the book has it.
  public Optional<HouseStyle> named(String name) {
    return styles.stream().filter(style -> style.name().equals(name)).findFirst();
  }

  /// This book with one more style, or with one of that name replaced.
  public StyleBook with(HouseStyle style) {
    List<HouseStyle> all = new ArrayList<>(styles);
    int at = all.indexOf(named(style.name()).orElse(style));
    if (at >= 0) {
      all.set(at, style);
    } else {
      all.add(style);
    }
    return new StyleBook(all, over);
  }

  /// The same styles as they are on a board.
  public StyleBook onBoard() {
    return new StyleBook(styles.stream().map(HouseStyle::onBoard).toList(), over);
  }

  /// Why a style can't be worn, in words for the person; nothing if it can.
  public Optional<String> fault(String name) {
    try {
      cascade(name);
      return Optional.empty();
    } catch (Refusal e) {
      return Optional.of(e.sentence());
    }
  }

  /// The cascade of a style: the style, what it is based on, and so on to the base.
  ///
  /// @throws app.finish.core.problem.Refusal if the book lacks the style or one that it is based
  ///   on, or if a style is based on itself
  public Cascade cascade(String name) {
    List<HouseStyle> chain = new ArrayList<>();
    String next = name;
    while (!next.isEmpty()) {
      String wanted = next;
      HouseStyle style =
          named(next).orElseThrow(() -> new Refusal("There is no style named “" + wanted + "”."));
      if (chain.contains(style)) {
        throw new Refusal("The style “" + wanted + "” is based on itself.");
      }
      chain.add(style);
      next = style.basedOn();
    }
    return new Cascade(chain, Touches.NONE, over);
  }
}
