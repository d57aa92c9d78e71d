package app.finish.formats.io;

import app.finish.core.check.apa.CalledOut;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/// Where the tables of a manuscript belong.
///
/// ```java
/// boolean called = places.put(block, "3");
/// ```
///
/// @param body what holds the paragraphs
/// @param role what an element of the text is
/// @param words the text of a paragraph
/// @param ours the number of the table that an earlier run put into an element; none if it did not
public record TablePlaces(
    Element body,
    Function<Element, Role> role,
    Function<Element, String> words,
    Function<Element, Optional<String>> ours) {
  /// What an element of the text is.
  public enum Role {
    /// Something that is said.
    PARAGRAPH,

    /// Paragraphs that a table may stand between.
    SECTION,

    /// Paragraphs that a table stands behind, such as a list.
    WHOLE,

    /// Nothing that calls a table out.
    OTHER
  }

  private static final Pattern WANTED =
      Pattern.compile(
          "\\s*\\[\\[\\s*table\\s+([^\\]\\s]+)\\s*\\]\\]\\s*", Pattern.CASE_INSENSITIVE);

  /// Puts a table where it stood before, where it is wanted, or after its first callout.
  ///
  /// @return whether there is such a place
  public boolean put(Element block, String number) {
    Optional<Element> before = before(body, number);
    if (before.isPresent()) {
      before.get().getParentNode().replaceChild(block, before.get());
      return true;
    }
    Optional<Element> wanted = wanted(body, number);
    if (wanted.isPresent()) {
      wanted.get().getParentNode().replaceChild(block, wanted.get());
      return true;
    }
    Optional<Element> called = called(body, number);
    called.ifPresent(one -> one.getParentNode().insertBefore(block, behind(one)));
    return called.isPresent();
  }

  private Optional<Element> wanted(Element within, String number) {
    return elements(within).stream()
        .flatMap(
            one ->
                switch (role.apply(one)) {
                  case PARAGRAPH -> Stream.of(one).filter(said -> isWanted(said, number));
                  case SECTION -> wanted(one, number).stream();
                  case WHOLE, OTHER -> Stream.empty();
                })
        .findFirst();
  }

  private boolean isWanted(Element paragraph, String number) {
    Matcher wanted = WANTED.matcher(words.apply(paragraph));
    return wanted.matches() && wanted.group(1).equalsIgnoreCase(number);
  }

  /// What calls the table out first, and the table may stand behind.
  private Optional<Element> called(Element within, String number) {
    return elements(within).stream()
        .flatMap(
            one ->
                role.apply(one) == Role.SECTION
                    ? called(one, number).stream()
                    : Stream.of(one).filter(said -> calls(said, number)))
        .findFirst();
  }

  private boolean calls(Element element, String number) {
    return switch (role.apply(element)) {
      case PARAGRAPH -> CalledOut.mentioned(words.apply(element)).contains(number);
      case WHOLE, SECTION -> elements(element).stream().anyMatch(one -> calls(one, number));
      case OTHER -> false;
    };
  }

  /// The elements in an element that an earlier run did not put there.
  private List<Element> elements(Element within) {
    List<Element> elements = new ArrayList<>();
    for (Node node = within.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element one && ours.apply(one).isEmpty()) {
        elements.add(one);
      }
    }
    return elements;
  }

  private Optional<Element> before(Element within, String number) {
    for (Node node = within.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element element) {
        if (ours.apply(element).filter(number::equals).isPresent()) {
          return Optional.of(element);
        }
        Optional<Element> inside = before(element, number);
        if (inside.isPresent()) {
          return inside;
        }
      }
    }
    return Optional.empty();
  }

  /// What stands behind an element and behind the tables that were put there; null at the end, as
  /// the tree takes it.
  @SuppressWarnings("NullAway")
  private Node behind(Element called) {
    Node next = called.getNextSibling();
    while (next instanceof Element element && ours.apply(element).isPresent()) {
      next = next.getNextSibling();
    }
    return next;
  }
}
