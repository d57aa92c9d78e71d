package app.finish.formats.samples;

import app.finish.formats.io.AtomicFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Random;

/// A stand-in for a program that counts and writes its tables into a folder: it drops outputs of an
/// imaginary run over the sailings of Marram Sound, one after the other, each time with other
/// numbers, so that a folder can be watched.
///
/// ```java
/// SampleSource source = new SampleSource(folder, 42);
/// source.drop(); // fares.csv, then waits.txt, then crew.md, and so on round
/// ```
public final class SampleSource {
  private static final List<String> ROUTES = List.of("Hale–Orrin", "Orrin–Skell", "Skell–Tamsay");
  private static final List<String> SEASONS = List.of("Winter", "Spring", "Summer", "Autumn");

  private final Path folder;
  private final Random random;
  private int dropped;

  /// @param seed what the numbers are made of
  public SampleSource(Path folder, long seed) {
    this.folder = folder;
    this.random = new Random(seed);
  }

  /// Drops the next output, whole, and gives its file.
  public Path drop() throws IOException {
    Files.createDirectories(folder);
    String text =
        switch (dropped % 3) {
          case 0 -> fares();
          case 1 -> waits();
          default -> crew();
        };
    Path file = folder.resolve(List.of("fares.csv", "waits.txt", "crew.md").get(dropped % 3));
    dropped++;
    AtomicFile.write(file, out -> out.write(text.getBytes(StandardCharsets.UTF_8)));
    return file;
  }

  private String fares() {
    StringBuilder text = new StringBuilder("Route,Passengers,Fares\n");
    long passengers = 0;
    long fares = 0;
    for (String route : ROUTES) {
      int people = 10_000 + random.nextInt(90_000);
      int paid = people * (20 + random.nextInt(30));
      passengers += people;
      fares += paid;
      text.append(route).append(',').append(people).append(',').append(paid).append('\n');
    }
    return text.append("Total,%d,%d%n".formatted(passengers, fares)).toString();
  }

  private String waits() {
    StringBuilder text = new StringBuilder("Waiting time by season (minutes)\n\n");
    text.append("%-10s %6s %8s %8s%n".formatted("Season", "n", "Mean", "SD"));
    for (String season : SEASONS) {
      text.append(
          "%-10s %6d %8.2f %8.2f%n"
              .formatted(
                  season,
                  50 + random.nextInt(200),
                  3 + random.nextDouble() * 9,
                  1 + random.nextDouble() * 3));
    }
    return text.toString();
  }

  private String crew() {
    StringBuilder text = new StringBuilder("Crew by route and watch\n\n| Route | Day | Night |\n");
    text.append("|---|---:|---:|\n");
    for (String route : ROUTES) {
      text.append("| %s | %d | %d |%n".formatted(route, 3 + random.nextInt(9), random.nextInt(5)));
    }
    return text.toString();
  }
}
