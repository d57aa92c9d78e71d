package app.finish.records;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Locale;
import java.util.Random;

/// Makes the samples of records from a seeded generator: two years of Marram Sound's sailings, and
/// the answers of its passengers to a survey, some missing. Run it with a file's name to make that
/// file again; a test holds that the shipped files are what this makes.
public final class SampleRecords {
  private static final String[] ROUTES = {"Hale–Orrin", "Orrin–Skell", "Skell–Tamsay"};
  private static final String[] VESSELS = {"Marram", "Sea Holly", "Samphire"};
  private static final String[] TIMES = {
    "06:40", "07:50", "09:10", "10:30", "12:00", "13:40", "15:20", "16:50", "18:10", "19:40"
  };

  private SampleRecords() {}

  /// Makes a file again.
  public static void main(String[] arguments) throws IOException {
    Path file = Path.of(arguments[0]);
    boolean sailings = file.getFileName().toString().equals("sailings.csv");
    Files.writeString(file, sailings ? sailings() : answers());
  }

  /// 20,000 sailings, a line each.
  static String sailings() {
    Random random = new Random(20_000);
    StringBuilder text =
        new StringBuilder(
            "Sailed on,Departure,Route,Vessel,Passengers,Vehicles,Fares,Running cost,"
                + "Minutes late,Cancelled\n");
    LocalDate day = LocalDate.of(2024, 12, 1);
    int written = 0;
    while (written < 20_000) {
      for (int route = 0; route < ROUTES.length; route++) {
        for (int at = route; at < TIMES.length; at++) {
          if (written < 20_000 && runs(random, day, route)) {
            sailing(text, random, day, route, at);
            written++;
          }
        }
      }
      day = day.plusDays(1);
    }
    return text.toString();
  }

  private static boolean runs(Random random, LocalDate day, int route) {
    boolean summer = day.getMonthValue() >= 5 && day.getMonthValue() <= 9;
    return random.nextDouble() < (summer ? 1 : 0.97 - 0.04 * route);
  }

  private static void sailing(StringBuilder text, Random random, LocalDate day, int route, int at) {
    double[] size = {1, 0.46, 0.2};
    double[] season = {0.5, 0.55, 0.7, 0.85, 0.95, 1.3, 1.8, 1.75, 1.1, 0.85, 0.6, 0.6};
    double travel = size[route] * season[day.getMonthValue() - 1];
    travel *= day.getDayOfWeek().getValue() > 5 ? 1.25 : 0.95;
    travel *= at == 1 || at == 7 ? 1.3 : 1;
    boolean cancelled = random.nextDouble() < (day.getMonthValue() % 12 < 3 ? 0.035 : 0.008);
    int people = (int) Math.max(0, Math.round(64 * travel * (1 + 0.3 * random.nextGaussian())));
    int vehicles = (int) Math.round(people * (0.18 + 0.08 * random.nextDouble()));
    double fares = people * (7.2 + 1.4 * random.nextDouble()) + vehicles * 14.5;
    double cost = (130 + 300 * size[route]) * (0.9 + 0.2 * random.nextDouble());
    double late = Math.max(-3, 2.5 + 1.6 * travel + 5 * random.nextGaussian());
    text.append(day).append(',').append(TIMES[at]).append(',').append(ROUTES[route]).append(',');
    text.append(VESSELS[(route + (random.nextInt(9) == 0 ? 1 : 0)) % 3]).append(',');
    if (cancelled) {
      text.append("0,0,0.00,").append(money(cost * 0.35)).append(",,true\n");
      return;
    }
    text.append(people).append(',').append(vehicles).append(',').append(money(fares)).append(',');
    text.append(money(cost)).append(',');
    text.append(random.nextInt(60) == 0 ? "" : String.valueOf(Math.round(late))).append(",false\n");
  }

  private static String money(double value) {
    return String.format(Locale.ROOT, "%.2f", value);
  }

  /// The answers of 1,184 passengers, a line each.
  static String answers() {
    Random random = new Random(1_184);
    StringBuilder text =
        new StringBuilder(
            "Passenger,Age,Residence,Ticket,Crossings a year,Waiting comfort,"
                + "Trust in the timetable,Crowding,Weight\n");
    for (int i = 1; i <= 1_184; i++) {
      boolean islander = random.nextDouble() < 0.42;
      int age = (int) Math.max(16, Math.min(91, Math.round(44 + 17 * random.nextGaussian())));
      String ticket = ticket(random, islander);
      double crossings =
          Math.max(1, Math.round(Math.exp((islander ? 3.4 : 1.2) + 0.7 * random.nextGaussian())));
      double crowding = scale(3.1 + (islander ? 0 : 0.25) + 0.9 * random.nextGaussian());
      double trust = scale(3.6 - (islander ? 0.35 : 0) - 0.2 * (crowding - 3) + noise(random));
      double comfort =
          scale(1.6 + 0.45 * trust - 0.3 * (crowding - 3) + 0.006 * age + noise(random));
      text.append(i).append(',').append(maybe(random, 0.03, String.valueOf(age))).append(',');
      text.append(islander ? "Islander" : "Visitor").append(',');
      text.append(maybe(random, 0.05, ticket)).append(',').append((long) crossings).append(',');
      text.append(maybe(random, 0.04, plain(comfort))).append(',');
      text.append(maybe(random, 0.06, plain(trust))).append(',');
      text.append(maybe(random, 0.03, plain(crowding))).append(',');
      text.append(islander ? "0.81" : "1.14").append('\n');
    }
    return text.toString();
  }

  private static double noise(Random random) {
    return 0.8 * random.nextGaussian();
  }

  private static String ticket(Random random, boolean islander) {
    double at = random.nextDouble();
    double single = islander ? 0.2 : 0.45;
    double back = islander ? 0.55 : 0.95;
    return at < single ? "Single" : at < back ? "Return" : "Islander pass";
  }

  private static double scale(double value) {
    return Math.max(1, Math.min(5, Math.round(value)));
  }

  private static String plain(double value) {
    return String.valueOf((int) value);
  }

  private static String maybe(Random random, double missing, String value) {
    return random.nextDouble() < missing ? "" : value;
  }
}
