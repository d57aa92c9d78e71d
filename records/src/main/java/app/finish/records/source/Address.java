package app.finish.records.source;

import app.finish.core.problem.Refusal;
import java.util.Optional;

/// Where a database is, under a name. It holds no secret.
///
/// @param name what a person calls it
/// @param url the address for the driver, without a password
/// @param user who asks; empty if the database doesn't want to know
public record Address(String name, String url, String user) {
  private static final String BEFORE = "FINISH_SECRET";

  /// An address under a name.
  ///
  /// @throws app.finish.core.problem.Refusal if a secret is in it, or a setting that could do more
  ///   than ask the database, in words for the person
  public static Address of(String name, String url, String user) {
    boolean secret = AddressSettings.hasSecret(url) || url.matches(".*//[^/@]*:[^/@]*@.*");
    if (secret) {
      throw new Refusal(
          "There is a password in the address. Take it out: it is asked for, or taken from the "
              + "environment, "
              + variable(name)
              + " or "
              + BEFORE
              + ".");
    }
    if (!url.startsWith("jdbc:")) {
      throw new Refusal(
          "The address of a database begins with jdbc:, such as jdbc:postgresql://server/base.");
    }
    AddressSettings.check(url);
    return new Address(name, url, user);
  }

  /// The secret that the environment holds for this address, if it does.
  public Optional<char[]> secretFromEnvironment() {
    return Optional.ofNullable(System.getenv(variable(name)))
        .or(() -> Optional.ofNullable(System.getenv(BEFORE)))
        .map(String::toCharArray);
  }

  /// The variable of the environment that holds the secret of a name.
  static String variable(String name) {
    return BEFORE + "_" + name.toUpperCase(java.util.Locale.ROOT).replaceAll("[^A-Z0-9]+", "_");
  }
}
