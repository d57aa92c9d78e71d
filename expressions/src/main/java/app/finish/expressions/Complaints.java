package app.finish.expressions;

import dev.cel.common.CelIssue;
import dev.cel.common.types.CelType;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// Says in a sentence what is wrong with an expression.
final class Complaints {
  private static final Pattern UNKNOWN = Pattern.compile("undeclared reference to '([^']*)'");
  private static final Pattern OVERLOAD =
      Pattern.compile("no matching overload for '([^']*)' applied to '\\(([^)]*)\\)");

  private Complaints() {}

  /// The complaint about the first thing that is wrong.
  static BadExpression of(String text, NamedText named, CelIssue issue) {
    int offset = named.origin(Math.max(0, issue.getSourceLocation().getColumn()));
    offset = Math.min(offset, text.length());
    String message = String.valueOf(issue.getMessage());
    Matcher unknown = UNKNOWN.matcher(message);
    if (unknown.find()) {
      return NamedText.unknown(wordAt(text, offset, unknown.group(1)), offset, named.variables());
    }
    Matcher overload = OVERLOAD.matcher(message);
    if (overload.find()) {
      return new BadExpression(
          "At place "
              + (offset + 1)
              + " of “"
              + text
              + "”: "
              + sign(overload.group(1))
              + " can't be used with "
              + kinds(overload.group(2))
              + ".",
          offset);
    }
    if (text.matches("(?s).*[^=!<>]=[^=].*")) {
      int single = text.replaceAll("(?s)^(.*?[^=!<>])=[^=].*$", "$1").length();
      return new BadExpression(
          "Write == where two things are compared, at place " + (single + 1) + ".", single);
    }
    Optional<Integer> strange = named.firstUnknown();
    if (strange.isPresent()) {
      int at = strange.get();
      return NamedText.unknown(wordAt(text, at, ""), at, named.variables());
    }
    String near = offset < text.length() ? " near “" + wordAt(text, offset, "") + "”" : "";
    return new BadExpression(
        "“"
            + text
            + "” can't be read at place "
            + (offset + 1)
            + near
            + ". Check what stands there.",
        offset);
  }

  private static String wordAt(String text, int offset, String otherwise) {
    if (offset >= text.length()) {
      return otherwise;
    }
    int end = offset;
    while (end < text.length()
        && (Character.isLetterOrDigit(text.charAt(end)) || text.charAt(end) == '_')) {
      end++;
    }
    return end == offset ? text.substring(offset, offset + 1) : text.substring(offset, end);
  }

  private static String sign(String function) {
    String sign = function.replace("_", "").replace("@", "");
    return sign.equals("?:") ? "? :" : sign;
  }

  private static String kinds(String types) {
    return types
        .replace("double", "a number")
        .replace("string", "a text")
        .replace("bool", "true or false")
        .replace("google.protobuf.Timestamp", "a date")
        .replace("timestamp", "a date")
        .replace(", ", " and ");
  }

  /// What a type is called.
  static String kind(CelType type) {
    return switch (type.name()) {
      case "double", "int", "uint" -> "a number";
      case "string" -> "a text";
      case "bool" -> "true or false";
      case "google.protobuf.Timestamp" -> "a date";
      default -> "something else";
    };
  }
}
