package app.finish.core.arrange.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/// Letters of homogeneous groups: two share one if, and only if, they do not differ.
public class GroupLettersTest {
  private static Table table(String... lines) {
    return Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
  }

  @Test
  public void groupsShareALetterOnlyIfTheyDoNotDiffer() {
    Random random = new Random(5);
    int shared = 0;
    for (int i = 0; i < 3000; i++) {
      int groups = 2 + random.nextInt(7);
      boolean[][] apart = new boolean[groups][groups];
      List<int[]> differ = new ArrayList<>();
      for (int one = 0; one < groups; one++) {
        for (int other = one + 1; other < groups; other++) {
          if (random.nextInt(3) == 0) {
            apart[one][other] = true;
            differ.add(new int[] {one, other});
          }
        }
      }
      List<List<Integer>> letters = LetterDisplay.of(groups, differ);
      for (int one = 0; one < groups; one++) {
        assertThat(letters.get(one)).isNotEmpty();
        for (int other = one + 1; other < groups; other++) {
          boolean share = letters.get(one).stream().anyMatch(letters.get(other)::contains);
          assertThat(share).as("%s of %s", differ.size(), groups).isEqualTo(!apart[one][other]);
          shared += share ? 1 : 0;
        }
      }
    }
    assertThat(shared).isGreaterThan(5000);
  }

  private static final Table MEANS =
      table("Quay | n | M", "Hale | 31 | 3.10", "Orrin | 28 | 3.42", "Skell | 30 | 4.05");

  private static final Table PAIRS =
      table(
          "Comparison | Difference | p",
          "Hale – Orrin | −0.32 | .214",
          "Hale – Skell | −0.95 | <.001",
          "Orrin – Skell | −0.63 | .063");

  @Test
  public void lettersComeFromComparisons() {
    Comparisons comparisons = Comparisons.of(PAIRS, 0.05).orElseThrow();
    assertThat(comparisons.groups()).containsExactly("Hale", "Orrin", "Skell");
    assertThat(comparisons.differ()).containsExactly(List.of("Hale", "Skell"));
    GroupLetters move = GroupLetters.of(MEANS, comparisons, "M", 0.05).orElseThrow();
    Arranged arranged = Arranger.arrange(MEANS, Arrangement.of(move));
    Table lettered = arranged.table();
    assertThat(lettered.marks().at(new Spot.Figure(0, 1))).isEqualTo("a");
    assertThat(lettered.marks().at(new Spot.Figure(1, 1))).isEqualTo("a,b");
    assertThat(lettered.marks().at(new Spot.Figure(2, 1))).isEqualTo("b");
    assertThat(lettered.words().generalNote())
        .isEqualTo("M that share a letter do not differ at p < .05.");
    assertThat(lettered.body()).isEqualTo(MEANS.body());
  }

  @Test
  public void aTableThatComparesNothingGivesNoLetters() {
    assertThat(Comparisons.of(MEANS, 0.05)).isEmpty();
    assertThat(
            Comparisons.of(
                table("Comparison | p", "Hale – Orrin | .214", "Hale – Skell | .001"), 0.05))
        .isEmpty();
    Table others = table("Quay | n | M", "Hale | 31 | 3.10", "Tamsay | 28 | 3.42");
    assertThat(GroupLetters.of(others, Comparisons.of(PAIRS, 0.05).orElseThrow(), "M", 0.05))
        .isEmpty();
  }
}
