package app.finish.expressions;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// An expression's text with its names, which may hold spaces and signs, put in a form that the
/// language knows, and whole numbers written with a point, since all numbers are of one kind. It
/// remembers where each character came from.
///
/// A name stands as it is, or between grave accents if it could be read otherwise. The longest name
/// that fits is taken.
final class NamedText {
  private static final Set<String> WORDS = Set.of("in", "true", "false", "null");

  private final String text;
  private final List<Name> names;
  private final StringBuilder written = new StringBuilder();
  private final List<Integer> origins = new ArrayList<>();

  NamedText(String text, List<Name> names) {
    this.text = text;
    this.names =
        names.stream()
            .sorted(Comparator.comparingInt((Name name) -> name.name().length()).reversed())
            .toList();
    write();
  }

  /// The text for the language.
  String written() {
    return written.toString();
  }

  /// What a name of [#written] stands for.
  Name named(String variable) {
    return names.get(Integer.parseInt(variable.substring(1)));
  }

  /// The variables of the language, in the order of their numbers.
  List<Name> variables() {
    return names;
  }

  /// The offset in the person's text of an offset in the written one.
  int origin(int offset) {
    if (origins.isEmpty()) {
      return 0;
    }
    return offset >= origins.size() ? text.length() : origins.get(Math.max(0, offset));
  }

  private void write() {
    int at = 0;
    while (at < text.length()) {
      char letter = text.charAt(at);
      if (letter == '"' || letter == '\'') {
        at = copyQuoted(at, letter);
      } else if (letter == '`') {
        at = quotedName(at);
      } else if (begins(at)) {
        at = word(at);
      } else if (Character.isDigit(letter) && !inNumber(at)) {
        at = number(at);
      } else {
        at = copy(at, at + 1);
      }
    }
  }

  /// Where the first word stands that is neither a name, nor a function, nor a word of the
  /// language.
  Optional<Integer> firstUnknown() {
    for (int at = 0; at < text.length(); at++) {
      char letter = text.charAt(at);
      if (letter == '"' || letter == '\'' || letter == '`') {
        int end = text.indexOf(letter, at + 1);
        at = end < 0 ? text.length() : end;
      } else if (begins(at)) {
        int end = at;
        while (end < text.length() && !ends(end)) {
          end++;
        }
        Optional<Name> name = fits(at);
        boolean known = WORDS.contains(text.substring(at, end)) || isCalled(end);
        if (name.isEmpty() && !known) {
          return Optional.of(at);
        }
        at = Math.max(at, name.map(one -> length(one)).map(Integer::intValue).orElse(0) + at - 1);
        at = name.isEmpty() ? end - 1 : at;
      }
    }
    return Optional.empty();
  }

  private int copy(int from, int to) {
    put(text.substring(from, to), from);
    return to;
  }

  private void put(String piece, int from) {
    for (int i = 0; i < piece.length(); i++) {
      origins.add(from);
    }
    written.append(piece);
  }

  private int copyQuoted(int from, char quote) {
    int at = from + 1;
    while (at < text.length() && text.charAt(at) != quote) {
      at += text.charAt(at) == '\\' ? 2 : 1;
    }
    return copy(from, Math.min(text.length(), at + 1));
  }

  private int quotedName(int from) {
    int end = text.indexOf('`', from + 1);
    if (end < 0) {
      throw new BadExpression(
          "The name that begins at place " + (from + 1) + " has no second ` behind it. Add it.",
          from);
    }
    String name = text.substring(from + 1, end);
    Optional<Name> known = names.stream().filter(one -> one.name().equals(name)).findFirst();
    put("n" + names.indexOf(known.orElseThrow(() -> unknown(name, from, names))), from);
    return end + 1;
  }

  static BadExpression unknown(String name, int offset, List<Name> names) {
    String known =
        String.join(", ", names.stream().map(Name::name).sorted().limit(8).toList())
            + (names.size() > 8 ? " …" : "");
    return new BadExpression(
        "There is nothing called “"
            + name
            + "”, at place "
            + (offset + 1)
            + ". Use one of these names: "
            + known
            + ".",
        offset);
  }

  /// Whether a word begins here: after a word or a point none does.
  private boolean begins(int at) {
    boolean after =
        at > 0 && (Character.isLetterOrDigit(text.charAt(at - 1)) || text.charAt(at - 1) == '.');
    return !after && fits(at).isPresent()
        || !after && (Character.isLetter(text.charAt(at)) || text.charAt(at) == '_');
  }

  private boolean inNumber(int at) {
    return at > 0
        && (Character.isLetterOrDigit(text.charAt(at - 1))
            || text.charAt(at - 1) == '.'
            || text.charAt(at - 1) == '_');
  }

  /// The longest name that stands here. One of figures alone is a number unless it stands between
  /// grave accents.
  private Optional<Name> fits(int at) {
    return fits(at, false).or(() -> fits(at, true));
  }

  private Optional<Name> fits(int at, boolean anyCase) {
    return names.stream()
        .filter(name -> name.name().chars().anyMatch(Character::isLetter))
        .filter(name -> text.regionMatches(anyCase, at, name.name(), 0, length(name)))
        .filter(name -> ends(at + length(name)))
        .findFirst();
  }

  private static int length(Name name) {
    return name.name().length();
  }

  private boolean ends(int end) {
    return end >= text.length()
        || !Character.isLetterOrDigit(text.charAt(end)) && text.charAt(end) != '_';
  }

  private int word(int from) {
    int end = from;
    while (end < text.length()
        && (Character.isLetterOrDigit(text.charAt(end)) || text.charAt(end) == '_')) {
      end++;
    }
    Optional<Name> name = fits(from);
    boolean isWord = name.isPresent() && length(name.get()) <= end - from;
    boolean kept = isWord && (WORDS.contains(text.substring(from, end)) || isCalled(end));
    if (name.isEmpty() || kept) {
      return end == from ? copy(from, from + 1) : copy(from, end);
    }
    put("n" + names.indexOf(name.get()), from);
    return from + length(name.get());
  }

  private boolean isCalled(int at) {
    return text.substring(at).stripLeading().startsWith("(");
  }

  private int number(int from) {
    if (fits(from).isPresent()) {
      return word(from);
    }
    int end = from;
    while (end < text.length() && Character.isDigit(text.charAt(end))) {
      end++;
    }
    boolean whole =
        end >= text.length() || text.charAt(end) != '.' && !Character.isLetter(text.charAt(end));
    copy(from, end);
    if (whole) {
      put(".0", from);
      return end;
    }
    if (text.charAt(end) == '.') {
      int start = end++;
      while (end < text.length() && Character.isDigit(text.charAt(end))) {
        end++;
      }
      copy(start, end);
    }
    return end;
  }
}
