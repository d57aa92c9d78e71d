package app.finish.core.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.testng.annotations.Test;

public class BodyTest {
  @Test
  public void keepsAMillionFiguresInAtMostSixtyFourBytesEach() {
    System.gc();
    long before = used();
    Body body =
        Body.of(
            1000,
            1000,
            (row, column) -> Value.number(row * 1000.5 + column, (row * 1000 + column) + ".50"));
    System.gc();
    long each = (used() - before) / 1_000_000;
    assertThat(each).isLessThanOrEqualTo(64);
    assertThat(body.bytes() / 1_000_000).isLessThanOrEqualTo(64);
    assertThat(body.at(999, 999)).isEqualTo(Value.number(999 * 1000.5 + 999, "999999.50"));
  }

  private static long used() {
    return Runtime.getRuntime().totalMemory() - Runtime.getRuntime().freeMemory();
  }

  @Test
  public void givesBackEveryKindOfValue() {
    Value[] values = {
      Value.number(-0.5, "−.50**"),
      Value.text("n/a"),
      Value.BLANK,
      new Value.Missing(Value.Reason.DASH, "–"),
      new Value.Missing(Value.Reason.ERROR, "#DIV/0!"),
      Value.number(1e300, "")
    };
    Body body = Body.of(2, 3, (row, column) -> values[row * 3 + column]);
    for (int i = 0; i < values.length; i++) {
      assertThat(body.at(i / 3, i % 3)).isEqualTo(values[i]);
    }
    assertThat(body).isEqualTo(Body.of(2, 3, (row, column) -> values[row * 3 + column]));
    assertThat(body).isNotEqualTo(Body.of(2, 3, (row, column) -> Value.BLANK));
    assertThatThrownBy(() -> body.at(0, 3)).isInstanceOf(IndexOutOfBoundsException.class);
  }
}
