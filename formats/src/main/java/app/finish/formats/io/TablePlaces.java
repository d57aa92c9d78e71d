package app.finish.formats.io;

import app.finish.core.check.apa.CalledOut;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.w3c.dom.Element;
import org.w3c.dom.Node;

/// Where the tables of a manuscript belong.
///
/// ```java
/// boolean called = places.put(block, "3");
/// ```
///
/// @param body what holds the paragraphs
/// @param isParagraph whether an element is one
/// @param words the text of a paragraph
/// @param ours the number of the table that an earlier run put into an element; none if it did not
public record TablePlaces(
    Element body,
    Predicate<Element> isParagraph,
    Function<Element, String> words,
    Function<Element, Optional<String>> ours) {
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
    Optional<Element> called = Optional.empty();
    for (Node node = body.getFirstChild(); node != null; node = node.getNextSibling()) {
      if (node instanceof Element paragraph && isParagraph.test(paragraph)) {
        String said = words.apply(paragraph);
        Matcher wanted = WANTED.matcher(said);
        if (wanted.matches() && wanted.group(1).equalsIgnoreCase(number)) {
          body.replaceChild(block, paragraph);
          return true;
        }
        boolean calls = called.isEmpty() && CalledOut.mentioned(said).contains(number);
        called = calls ? Optional.of(paragraph) : called;
      }
    }
    called.ifPresent(paragraph -> body.insertBefore(block, behind(paragraph)));
    return called.isPresent();
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

  /// What stands behind a paragraph and behind the tables that were put there; null at the end, as
  /// the tree takes it.
  @SuppressWarnings("NullAway")
  private Node behind(Element paragraph) {
    Node next = paragraph.getNextSibling();
    while (next instanceof Element element && ours.apply(element).isPresent()) {
      next = next.getNextSibling();
    }
    return next;
  }
}
