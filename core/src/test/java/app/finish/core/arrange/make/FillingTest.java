package app.finish.core.arrange.make;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.Arranged;
import app.finish.core.arrange.Arranger;
import app.finish.core.arrange.FirstRowsTest;
import app.finish.core.arrange.RandomMoves;
import app.finish.core.arrange.move.Arrangement;
import app.finish.core.arrange.place.Side;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Random;
import org.testng.annotations.Test;

/// What is filled in, and what is read as a number, after any moves: these places and no others
/// change.
public class FillingTest {
  private static Value filled(Value value) {
    return value.equals(Value.BLANK) ? Value.number(7, "7") : value;
  }

  private static Value read(Value value) {
    return value.equals(Value.text("12")) ? Value.number(12, "12") : value;
  }

  @Test
  public void emptyPlacesAndTextsChangeAndNothingElse() {
    int inSource = 0;
    int gathered = 0;
    for (int seed = 0; seed < 400; seed++) {
      Random random = new Random(seed);
      Table table = FirstRowsTest.table(random);
      Arrangement before = Arrangement.NONE;
      for (int moves = random.nextInt(3); moves > 0; moves--) {
        Table now = Arranger.arrange(table, before, RandomMoves.FORMULAS).table();
        before = before.with(RandomMoves.any(now, random));
      }
      Arrangement fills =
          before
              .with(new FillEmpty(Side.DOWN, List.of(), "7"))
              .with(new ReadNumbers(Side.ACROSS, List.of()));
      Arranged old = Arranger.arrange(table, before, RandomMoves.FORMULAS);
      Arranged now = Arranger.arrange(table, fills, RandomMoves.FORMULAS);
      assertThat(now.table().down().headings()).isEqualTo(old.table().down().headings());
      assertThat(now.table().across().headings()).isEqualTo(old.table().across().headings());
      for (int row = 0; row < old.table().body().rows(); row++) {
        for (int column = 0; column < old.table().body().columns(); column++) {
          Value value = old.table().body().at(row, column);
          assertThat(now.table().body().at(row, column))
              .as(seed + " " + fills)
              .isEqualTo(read(filled(value)));
          boolean empty = value.equals(Value.BLANK);
          inSource += empty && old.origin(row, column).isPresent() ? 1 : 0;
          gathered += empty && old.origin(row, column).isEmpty() ? 1 : 0;
        }
      }
    }
    assertThat(inSource).isGreaterThan(500);
    assertThat(gathered).isGreaterThan(20);
  }
}
