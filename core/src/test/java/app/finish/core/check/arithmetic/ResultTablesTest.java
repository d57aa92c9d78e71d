package app.finish.core.check.arithmetic;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Finding;
import app.finish.core.check.Found;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.testng.annotations.Test;

/// No check speaks on correct tables; a figure that was changed beyond rounding is found where the
/// others determine it.
public class ResultTablesTest {
  private static final int TABLES = 200;

  private static List<Finding> findings(ResultTables.Made made) {
    return Found.in(made.lines());
  }

  @Test
  public void noCheckSpeaksOnCorrectResults() {
    for (int seed = 0; seed < TABLES; seed++) {
      ResultTables.Made made = ResultTables.random(new Random(seed));
      assertThat(findings(made)).as("%s %s", made.kind(), made.cells()).isEmpty();
    }
  }

  @Test
  public void aChangedFigureIsFoundWhereTheOthersDetermineIt() {
    Map<String, int[]> found = new TreeMap<>();
    List<String> missed = new ArrayList<>();
    for (int seed = 0; seed < 4 * TABLES; seed++) {
      Random random = new Random(seed);
      ResultTables.Made made = ResultTables.random(random);
      changed(made, random)
          .ifPresent(
              change -> {
                int[] counted = found.computeIfAbsent(made.kind(), one -> new int[2]);
                counted[1]++;
                if (findings(change).isEmpty()) {
                  missed.add(made.kind() + " " + change.cells());
                } else {
                  counted[0]++;
                }
              });
    }
    int all = found.values().stream().mapToInt(one -> one[1]).sum();
    int right = found.values().stream().mapToInt(one -> one[0]).sum();
    StringBuilder said = new StringBuilder();
    found.forEach(
        (kind, one) ->
            said.append(' ').append(kind).append(' ').append(one[0]).append('/').append(one[1]));
    System.out.println("Changed figures found: " + right + " of " + all + ";" + said);
    assertThat(all).isGreaterThan(TABLES);
    assertThat((double) right / all).as("%s", missed).isGreaterThanOrEqualTo(0.95);
  }

  /// The table with one figure changed that follows from the others: by a twentieth of it and eight
  /// times what rounding can do.
  private static java.util.Optional<ResultTables.Made> changed(
      ResultTables.Made made, Random random) {
    List<int[]> places = new ArrayList<>();
    for (int row = 1; row < made.cells().size(); row++) {
      for (int column = 1; column < made.cells().getFirst().size(); column++) {
        boolean figure = made.cells().get(row).get(column).matches("-?\\d*\\.?\\d+");
        if (figure && made.determined().contains(made.cells().getFirst().get(column))) {
          places.add(new int[] {row, column});
        }
      }
    }
    if (places.isEmpty()) {
      return java.util.Optional.empty();
    }
    int[] place = places.get(random.nextInt(places.size()));
    String written = made.cells().get(place[0]).get(place[1]);
    int point = written.indexOf('.');
    int decimals = point < 0 ? 0 : written.length() - point - 1;
    double number = Double.parseDouble(written);
    double by = Math.max(Math.abs(number) * 0.05, 4 * Math.pow(10, -decimals));
    double other = number + by;
    String text =
        written.matches("-?\\..*")
            ? ResultTables.bare(other, decimals)
            : ResultTables.number(other, decimals);
    List<List<String>> cells = new ArrayList<>(made.cells());
    List<String> row = new ArrayList<>(cells.get(place[0]));
    row.set(place[1], text);
    cells.set(place[0], row);
    return java.util.Optional.of(
        new ResultTables.Made(made.kind(), cells, made.after(), made.determined()));
  }
}
