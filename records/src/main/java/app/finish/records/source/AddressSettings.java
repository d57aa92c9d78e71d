package app.finish.records.source;

import app.finish.core.problem.Refusal;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/// The settings that an address may bring along. A driver knows many more, some of which run
/// scripts, load classes or write files: only those are let through that change where and how the
/// database is asked.
///
/// ```java
/// AddressSettings.check("jdbc:postgresql://server/base?sslmode=require"); // fine
/// AddressSettings.check("jdbc:duckdb:base.duckdb;session_init_sql_file=x"); // a Refusal
/// ```
final class AddressSettings {
  private static final Map<String, Set<String>> ALLOWED =
      Map.of(
          "postgresql",
          Set.of(
              "user",
              "ssl",
              "sslmode",
              "sslrootcert",
              "currentschema",
              "applicationname",
              "connecttimeout",
              "sockettimeout",
              "logintimeout",
              "targetservertype",
              "tcpkeepalive",
              "readonly"),
          "trino",
          Set.of(
              "user", "ssl", "sslverification", "source", "clienttags", "clientinfo", "timezone"),
          "duckdb",
          Set.of());

  private static final Pattern SECRET =
      Pattern.compile("(?i)pass|pwd|secret|token|credential|(?:api|private|access)_?key");

  private AddressSettings() {}

  /// Makes sure that an address brings nothing along but what is known to be harmless.
  ///
  /// @throws Refusal if it does, with the name of the setting
  static void check(String url) {
    String[] parts = url.split(":", 3);
    Set<String> allowed = ALLOWED.get(parts.length > 1 ? parts[1].toLowerCase(Locale.ROOT) : "");
    for (String setting : settings(url)) {
      String name = setting.split("=", 2)[0].strip();
      if (allowed != null && !allowed.contains(name.toLowerCase(Locale.ROOT))) {
        throw new Refusal(
            "The address has a setting “"
                + name
                + "” that Finish does not pass on, since it could do more than ask the database."
                + " Take it out.");
      }
    }
  }

  /// Whether a setting of an address is a password, by its name.
  static boolean hasSecret(String url) {
    return settings(url).stream()
        .anyMatch(setting -> SECRET.matcher(setting.split("=", 2)[0]).find());
  }

  private static List<String> settings(String url) {
    int question = url.indexOf('?');
    int semicolon = url.indexOf(';');
    int begin = question < 0 ? semicolon : semicolon < 0 ? question : Math.min(question, semicolon);
    if (begin < 0) {
      return List.of();
    }
    return Arrays.stream(url.substring(begin + 1).split("[?&;]"))
        .filter(setting -> !setting.isBlank())
        .toList();
  }
}
