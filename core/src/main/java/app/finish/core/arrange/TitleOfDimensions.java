package app.finish.core.arrange;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// A title that ends in the dimensions of its table follows them: what is folded away or held is no
/// longer named in it.
///
/// ```java
/// TitleOfDimensions.without("Fares by route, season and year", List.of("Season"));
/// // "Fares by route and year"
/// ```
final class TitleOfDimensions {
  private static final Pattern BY = Pattern.compile("^(.*?) by (.+)$", Pattern.DOTALL);

  private TitleOfDimensions() {}

  /// The title without the dimensions that are gone; as it is if it names none of them.
  static String without(String title, Collection<String> gone) {
    Matcher match = BY.matcher(title);
    if (gone.isEmpty() || !match.matches()) {
      return title;
    }
    List<String> named = List.of(match.group(2).split(",? and |, "));
    List<String> left = new ArrayList<>();
    for (String name : named) {
      boolean goes = gone.stream().anyMatch(one -> one.equalsIgnoreCase(name.strip()));
      if (!goes) {
        left.add(name.strip());
      }
    }
    if (left.size() == named.size()) {
      return title;
    }
    return match.group(1) + (left.isEmpty() ? "" : " by " + joined(left));
  }

  private static String joined(List<String> names) {
    int last = names.size() - 1;
    return last == 0
        ? names.getFirst()
        : String.join(", ", names.subList(0, last)) + " and " + names.getLast();
  }
}
