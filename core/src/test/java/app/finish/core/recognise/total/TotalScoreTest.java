package app.finish.core.recognise.total;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Finding;
import app.finish.core.check.Found;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.said.Corrections;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.Test;

/// How many wrong totals are found, and how many sound tables raise an alarm: on 200 tables broken
/// on purpose and the same number of sound ones, of eleven shapes.
public class TotalScoreTest {
  private static final int TABLES = 200;

  /// A sound table.
  ///
  /// @param rows its rows, cells parted by " | "
  /// @param totals the rows and columns of figures that are totals
  /// @param slack by how much a total may be off without anyone being able to tell
  private record Sound(List<String[]> rows, List<int[]> totals, double slack) {
    Grid grid() {
      return Grid.ofText(rows.stream().map(row -> String.join(" | ", row)).toArray(String[]::new));
    }
  }

  private static String whole(double number) {
    return String.format(Locale.ROOT, "%d", Math.round(number));
  }

  private static String one(double number) {
    return String.format(Locale.ROOT, "%.1f", number);
  }

  private static final String[] NAMES = {
    "Hale",
    "Orrin",
    "Skell",
    "Tamsay",
    "North pier",
    "South pier",
    "Ferry slip",
    "Old quay",
    "Light"
  };
  private static final String[] HEADS = {
    "2024", "Boats", "Coal", "Adults", "Value", "Winter", "B4"
  };

  private static Sound simple(Random random) {
    int columns = 1 + random.nextInt(4);
    int members = 2 + random.nextInt(6);
    List<String[]> rows = new ArrayList<>();
    String[] heads = new String[columns + 1];
    heads[0] = "Place";
    for (int c = 1; c <= columns; c++) {
      heads[c] = HEADS[(c + random.nextInt(2)) % HEADS.length] + (c > 1 ? " " + c : "");
    }
    rows.add(heads);
    double[] sums = new double[columns + 1];
    for (int r = 0; r < members; r++) {
      String[] row = new String[columns + 1];
      row[0] = NAMES[r];
      for (int c = 1; c <= columns; c++) {
        int figure = 5 + random.nextInt(2000);
        sums[c] += figure;
        row[c] = whole(figure);
      }
      rows.add(row);
    }
    String[] total = new String[columns + 1];
    total[0] = random.nextBoolean() ? "Total" : "All places, total";
    List<int[]> totals = new ArrayList<>();
    for (int c = 1; c <= columns; c++) {
      total[c] = whole(sums[c]);
      totals.add(new int[] {rows.size(), c});
    }
    rows.add(total);
    return new Sound(rows, totals, 0);
  }

  private static Sound grouped(Random random) {
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Route", "Vessel", "Passengers", "Vehicles"});
    double[] grand = new double[2];
    List<int[]> totals = new ArrayList<>();
    for (int g = 0; g < 2 + random.nextInt(3); g++) {
      double[] sum = new double[2];
      for (int r = 0; r < 2 + random.nextInt(3); r++) {
        int a = 10 + random.nextInt(900);
        int b = 3 + random.nextInt(90);
        sum[0] += a;
        sum[1] += b;
        rows.add(
            new String[] {
              r == 0 ? NAMES[g] : "", "Vessel " + (char) ('A' + r), whole(a), whole(b)
            });
      }
      totals.add(new int[] {rows.size(), 2});
      totals.add(new int[] {rows.size(), 3});
      rows.add(new String[] {NAMES[g] + " total", "", whole(sum[0]), whole(sum[1])});
      grand[0] += sum[0];
      grand[1] += sum[1];
    }
    totals.add(new int[] {rows.size(), 2});
    rows.add(new String[] {"Grand total", "", whole(grand[0]), whole(grand[1])});
    return new Sound(rows, totals, 0);
  }

  private static Sound crosstab(Random random) {
    int columns = 2 + random.nextInt(3);
    List<String[]> rows = new ArrayList<>();
    String[] heads = new String[columns + 2];
    heads[0] = "Residence";
    for (int c = 1; c <= columns; c++) {
      heads[c] = NAMES[c];
    }
    heads[columns + 1] = "Total";
    rows.add(heads);
    double[] sums = new double[columns + 2];
    List<int[]> totals = new ArrayList<>();
    for (int r = 0; r < 2 + random.nextInt(4); r++) {
      String[] row = new String[columns + 2];
      row[0] = "Group " + (char) ('A' + r);
      double all = 0;
      for (int c = 1; c <= columns; c++) {
        int figure = 1 + random.nextInt(300);
        all += figure;
        sums[c] += figure;
        row[c] = whole(figure);
      }
      sums[columns + 1] += all;
      row[columns + 1] = whole(all);
      totals.add(new int[] {rows.size(), columns + 1});
      rows.add(row);
    }
    String[] total = new String[columns + 2];
    total[0] = "Total";
    for (int c = 1; c <= columns + 1; c++) {
      total[c] = whole(sums[c]);
      totals.add(new int[] {rows.size(), c});
    }
    rows.add(total);
    return new Sound(rows, totals, 0);
  }

  private static Sound decimals(Random random) {
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Cargo", "Tonnes", "Fares"});
    double[] sums = new double[2];
    int members = 3 + random.nextInt(5);
    for (int r = 0; r < members; r++) {
      double a = random.nextDouble() * 500;
      double b = random.nextDouble() * 90;
      sums[0] += a;
      sums[1] += b;
      rows.add(new String[] {NAMES[r], one(a), one(b)});
    }
    rows.add(new String[] {"Total", one(sums[0]), one(sums[1])});
    int last = rows.size() - 1;
    return new Sound(rows, List.of(new int[] {last, 1}, new int[] {last, 2}), 0.05 * (members + 2));
  }

  private static Sound rollForward(Random random) {
    List<String[]> rows = new ArrayList<>();
    String[] opening = {"Opening balance", "", ""};
    String[] in = {"Let anew", "", ""};
    String[] out = {"Given up", "", ""};
    String[] closing = {"Closing balance", "", ""};
    for (int c = 1; c < 3; c++) {
      int a = 100 + random.nextInt(400);
      int b = 5 + random.nextInt(80);
      int d = 5 + random.nextInt(80);
      opening[c] = whole(a);
      in[c] = whole(b);
      out[c] = "-" + d;
      closing[c] = whole(a + b - d);
    }
    rows.add(new String[] {"Berths", "2024", "2025"});
    rows.add(opening);
    rows.add(in);
    rows.add(out);
    rows.add(closing);
    return new Sound(rows, List.of(), 0);
  }

  private static Sound ofWhich(Random random) {
    int a = 100 + random.nextInt(900);
    int b = 100 + random.nextInt(900);
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Residence", "Passengers"});
    rows.add(new String[] {"Islanders", whole(a)});
    rows.add(new String[] {"Visitors", whole(b)});
    rows.add(new String[] {"of which day trippers", whole(1 + random.nextInt(b))});
    rows.add(new String[] {"Total", whole(a + b)});
    return new Sound(rows, List.of(new int[] {4, 1}), 0);
  }

  private static Sound means(Random random) {
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Ticket", "n", "Mean wait", "Score"});
    double n = 0;
    double wait = 0;
    double score = 0;
    for (int r = 0; r < 3 + random.nextInt(3); r++) {
      int own = 10 + random.nextInt(100);
      double w = 10 + random.nextDouble() * 20;
      double s = 40 + random.nextInt(40);
      n += own;
      wait += own * w;
      score += own * s;
      rows.add(new String[] {NAMES[r], whole(own), one(w), whole(s)});
    }
    rows.add(new String[] {"Total", whole(n), one(wait / n), whole(score / n)});
    return new Sound(rows, List.of(new int[] {rows.size() - 1, 1}), 0);
  }

  private static Sound statement(Random random) {
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Account", "2024", "2025"});
    String[][] lines = new String[8][];
    String[] names = {
      "Fares", "Grants", "Total income", "Crew", "Fuel", "Repairs", "Total cost", "Net result"
    };
    for (int i = 0; i < 8; i++) {
      lines[i] = new String[] {names[i], "", ""};
    }
    for (int c = 1; c < 3; c++) {
      int[] f = new int[8];
      f[0] = 2000 + random.nextInt(3000);
      f[1] = 100 + random.nextInt(900);
      f[2] = f[0] + f[1];
      f[3] = 500 + random.nextInt(900);
      f[4] = 200 + random.nextInt(500);
      f[5] = 100 + random.nextInt(300);
      f[6] = f[3] + f[4] + f[5];
      f[7] = f[2] - f[6];
      for (int i = 0; i < 8; i++) {
        lines[i][c] = whole(f[i]);
      }
    }
    rows.addAll(List.of(lines));
    return new Sound(
        rows, List.of(new int[] {3, 1}, new int[] {3, 2}, new int[] {7, 1}, new int[] {7, 2}), 0);
  }

  private static Sound rounded(Random random) {
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Island", "2024", "2025"});
    double[] sums = new double[2];
    int members = 3 + random.nextInt(4);
    for (int r = 0; r < members; r++) {
      double a = random.nextDouble() * 60;
      double b = random.nextDouble() * 60;
      sums[0] += a;
      sums[1] += b;
      rows.add(new String[] {NAMES[r], whole(a), whole(b)});
    }
    rows.add(new String[] {"Total", whole(sums[0]), whole(sums[1])});
    rows.add(new String[] {"Note: Figures are rounded and may not add up."});
    return new Sound(
        rows, List.of(new int[] {members + 1, 1}, new int[] {members + 1, 2}), 0.5 * (members + 2));
  }

  private static Sound shares(Random random) {
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Answer", "n", "%"});
    int members = 3 + random.nextInt(3);
    int[] counts = random.ints(members, 5, 200).toArray();
    int all = java.util.Arrays.stream(counts).sum();
    for (int r = 0; r < members; r++) {
      rows.add(new String[] {NAMES[r], whole(counts[r]), one(100.0 * counts[r] / all)});
    }
    rows.add(new String[] {"Total", whole(all), "100.0"});
    return new Sound(rows, List.of(new int[] {members + 1, 1}), 0);
  }

  private static Sound running(Random random) {
    int gross = 500 + random.nextInt(900);
    int rebate = 10 + random.nextInt(100);
    int grants = 50 + random.nextInt(300);
    List<String[]> rows = new ArrayList<>();
    rows.add(new String[] {"Step", "Amount"});
    rows.add(new String[] {"Gross fares", whole(gross)});
    rows.add(new String[] {"Rebates", "-" + rebate});
    rows.add(new String[] {"Subtotal", whole(gross - rebate)});
    rows.add(new String[] {"Grants", whole(grants)});
    rows.add(new String[] {"Total", whole(gross - rebate + grants)});
    return new Sound(rows, List.of(new int[] {3, 1}, new int[] {5, 1}), 0);
  }

  private static Sound table(int shape, Random random) {
    return switch (shape % 11) {
      case 0 -> simple(random);
      case 1 -> grouped(random);
      case 2 -> crosstab(random);
      case 3 -> decimals(random);
      case 4 -> ofWhich(random);
      case 5 -> means(random);
      case 6 -> statement(random);
      case 7 -> rounded(random);
      case 8 -> shares(random);
      case 9 -> running(random);
      default -> rollForward(random);
    };
  }

  /// A wrong figure in the place of a right one: off by one, a digit turned, a digit too many.
  private static String wrong(String right, double slack, Random random) {
    boolean decimals = right.contains(".");
    double number = Double.parseDouble(right);
    double off =
        switch (random.nextInt(3)) {
          case 0 -> slack > 0 ? 2 * slack + 1 : 1;
          case 1 -> 2 * slack + 9;
          default -> 9 * Math.abs(number) + 2 * slack;
        };
    double other = number + (random.nextBoolean() || number < 2 * off ? off : -off);
    return decimals ? one(other) : whole(other);
  }

  @Test
  public void findsWrongTotalsAndLeavesSoundOnesAlone() {
    Random random = new Random(200);
    List<String> missed = new ArrayList<>();
    List<String> alarms = new ArrayList<>();
    int broken = 0;
    int said = 0;
    for (int i = 0; broken < TABLES; i++) {
      Sound sound = table(i, random);
      List<Finding> plain = Found.in(sound.grid(), Corrections.NONE);
      if (!plain.isEmpty()) {
        alarms.add(SampleText.of(sound.grid()) + plain);
      }
      if (sound.totals.isEmpty()) {
        continue;
      }
      int[] at = sound.totals.get(random.nextInt(sound.totals.size()));
      String[] row = sound.rows.get(at[0]);
      row[at[1]] = wrong(row[at[1]], sound.slack, random);
      broken++;
      List<Finding> findings = Found.in(sound.grid(), Corrections.NONE);
      said += findings.isEmpty() ? 0 : 1;
      if (findings.isEmpty()) {
        missed.add(SampleText.of(sound.grid()) + "wrong at " + at[0] + ", " + at[1]);
      }
    }
    double recall = 1 - (double) missed.size() / TABLES;
    double precision = (double) said / (said + alarms.size());
    System.out.printf(
        "Wrong totals: precision %.3f, recall %.3f on %d tables%n", precision, recall, TABLES);
    assertThat(precision).as("%s", alarms).isGreaterThanOrEqualTo(0.99);
    assertThat(recall).as("%s", missed).isGreaterThanOrEqualTo(0.98);
  }

  /// A grid as lines, for messages.
  private static final class SampleText {
    static String of(Grid grid) {
      StringBuilder text = new StringBuilder("\n");
      for (int row = 0; row < grid.rows(); row++) {
        for (int column = 0; column < grid.columns(); column++) {
          text.append(grid.at(row, column).text()).append(" | ");
        }
        text.append('\n');
      }
      return text.toString();
    }
  }
}
