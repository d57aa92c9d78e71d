package app.finish.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Cells that hold several figures: each figure once, and nothing else.
public class FigureGroupTest {
  @DataProvider
  public Object[][] cells() {
    return new Object[][] {
      {"2.41 (0.62)", List.of("2.41", "0.62")},
      {"54,2 (11,3)", List.of("54,2", "11,3")},
      {"1.048 (41,6 %)", List.of("1.048", "41,6 %")},
      {"1,204 [1,100, 1,310]", List.of("1,204", "1,100", "1,310")},
      {"[−1.18, 0.04]", List.of("−1.18", "0.04")},
      {"[1,2; 3,4]", List.of("1,2", "3,4")},
      {"0.43 [0.21,0.88]", List.of("0.43", "0.21", "0.88")},
      {"[.054, .062]", List.of(".054", ".062")},
      {"12 ± 3", List.of("12", "3")},
      {"12.5 ± 0.3", List.of("12.5", "0.3")},
      {"(1.2 to 3.4)", List.of("1.2", "3.4")},
      {"48** (41.6%)", List.of("48", "41.6%")},
      {"2.41a (0.62)", List.of("2.41", "0.62")},
      {"€ 3.20 (€ 1.10)", List.of()},
      {"€3.20 (€1.10)", List.of("€3.20", "€1.10")},
      {"-0.31 (0.12)", List.of("-0.31", "0.12")},
      {"(0.62)", List.of()},
      {"2.41", List.of()},
      {"F(2, 57) = 3.10", List.of()},
      {"12 nautical miles", List.of()},
      {"Hale (2 quays)", List.of()},
      {"2026 (June)", List.of()},
      {"", List.of()},
    };
  }

  @Test(dataProvider = "cells")
  public void theFiguresOfACell(String text, List<String> figures) {
    assertThat(FigureGroup.of(text)).isEqualTo(figures);
  }

  @Test(dataProvider = "cells")
  public void whatIsRewrittenAsItIsStays(String text, List<String> figures) {
    assertThat(FigureGroup.rewritten(text, figure -> figure)).isEqualTo(text.strip());
  }

  private static String figure(Random random, boolean comma) {
    double number = random.nextInt(4) == 0 ? random.nextInt(100_000) : random.nextDouble() * 30;
    String written = String.format(Locale.ROOT, "%,." + random.nextInt(4) + "f", number);
    String sign = random.nextInt(4) == 0 ? "−" : "";
    return sign + (comma ? written.replace(',', '_').replace('.', ',').replace('_', '.') : written);
  }

  /// Whatever is put together is taken apart again, in both ways to write numbers.
  @Test
  public void whatIsPutTogetherIsTakenApart() {
    Random random = new Random(3);
    for (int i = 0; i < 20_000; i++) {
      boolean comma = random.nextBoolean();
      List<String> figures = new ArrayList<>();
      int count = 2 + random.nextInt(2);
      for (int f = 0; f < count; f++) {
        figures.add(figure(random, comma));
      }
      String between = comma || random.nextBoolean() ? "; " : ", ";
      String text =
          count == 3
              ? figures.get(0) + " [" + figures.get(1) + between + figures.get(2) + "]"
              : switch (random.nextInt(3)) {
                case 0 -> figures.get(0) + " (" + figures.get(1) + ")";
                case 1 -> "[" + figures.get(0) + between + figures.get(1) + "]";
                default -> figures.get(0) + " ± " + figures.get(1).replace("−", "");
              };
      List<String> wanted =
          figures.stream()
              .map(one -> text.contains("±") && one == figures.get(1) ? one.replace("−", "") : one)
              .toList();
      assertThat(FigureGroup.of(text)).as(text).isEqualTo(wanted);
    }
  }
}
