package app.finish.records;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/// A made-up sailing; null where there is no answer.
public record Sailing(
    String route,
    String vessel,
    LocalDate sailed,
    Long passengers,
    Double fares,
    Double cost,
    Double late,
    Boolean full,
    Double weight) {

  /// The columns as they are called in files and databases: with spaces, quotes, a semicolon.
  public static final List<String> COLUMNS =
      List.of(
          "Route",
          "Vessel \"old\"; name",
          "Sailed on",
          "Passengers",
          "Fares",
          "Running cost",
          "Minutes late",
          "Full",
          "Weight");

  private static final String[] ROUTES = {
    "Hale–Orrin", "Hale–Skell", "Orrin–Tamsay", "O'Dell; loop"
  };
  private static final String[] VESSELS = {"Samphire", "Marram 2", "Marram 10", "Eider"};

  public Object value(String column) {
    return switch (COLUMNS.indexOf(column)) {
      case 0 -> route;
      case 1 -> vessel;
      case 2 -> sailed;
      case 3 -> passengers;
      case 4 -> fares;
      case 5 -> cost;
      case 6 -> late;
      case 7 -> full;
      case 8 -> weight;
      default -> throw new AssertionError(column);
    };
  }

  public static List<Sailing> some(int count, long seed) {
    Random random = new Random(seed);
    List<Sailing> all = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      all.add(
          new Sailing(
              maybe(random, ROUTES[random.nextInt(4)]),
              maybe(random, VESSELS[random.nextInt(4)]),
              maybe(random, LocalDate.of(2024, 1, 1).plusDays(random.nextInt(731))),
              maybe(random, (long) random.nextInt(300)),
              maybe(random, Math.round(random.nextDouble() * 90_000) / 100.0),
              maybe(random, 100 + Math.round(random.nextDouble() * 50_000) / 100.0),
              maybe(random, Math.round((random.nextGaussian() * 6 + 2) * 4) / 4.0),
              maybe(random, random.nextBoolean()),
              maybe(random, random.nextInt(9) / 4.0)));
    }
    return all;
  }

  private static <T> T maybe(Random random, T value) {
    return random.nextInt(12) == 0 ? null : value;
  }

  /// The records as a CSV file.
  public static String csv(List<Sailing> sailings) {
    StringBuilder text = new StringBuilder();
    List<String> heads = COLUMNS.stream().map(Sailing::quoted).toList();
    text.append(String.join(",", heads)).append('\n');
    for (Sailing one : sailings) {
      List<String> fields = new ArrayList<>();
      for (String column : COLUMNS) {
        Object value = one.value(column);
        fields.add(value == null ? "" : quoted(value.toString()));
      }
      text.append(String.join(",", fields)).append('\n');
    }
    return text.toString();
  }

  private static String quoted(String value) {
    return value.matches("[-0-9.]+") ? value : "\"" + value.replace("\"", "\"\"") + "\"";
  }
}
