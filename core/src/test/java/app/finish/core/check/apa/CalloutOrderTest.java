package app.finish.core.check.apa;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Finding;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Numbers of all kinds are found in a text, and a text gives tables their order.
public class CalloutOrderTest {
  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"See Table A1 and Tables A2–A3.", List.of("A1", "A2", "A3")},
      {"Table 2.1 comes before Table 2.2 and Table 3.1.", List.of("2.1", "2.2", "3.1")},
      {"Tables 1-3, and later Table 2.", List.of("1", "2", "3")},
      {"Tables 4 to 6", List.of("4", "5", "6")},
      {"Tables 1, 2, and 5", List.of("1", "2", "5")},
      {"Tableau 1, tabla 2", List.of("1")},
      {"Table 2024 is a year", List.of()},
      {"the table below, and table 3", List.of()},
      {"Stable 1 and Tables", List.of()},
      {"Table\n7 over two lines", List.of("7")},
      {"(Table 1)(Table 2)", List.of("1", "2")}
    };
  }

  @Test(dataProvider = "texts")
  public void numbersAreFoundInTheirOrder(String text, List<String> numbers) {
    assertThat(List.copyOf(CalledOut.mentioned(text))).isEqualTo(numbers);
  }

  /// A text that calls tables out in any order, some of them twice, gives them that order; read
  /// again with the new numbers it holds.
  @Test
  public void theOrderOfATextIsTheOrderOfItsCallouts() {
    for (int seed = 0; seed < 300; seed++) {
      Random random = new Random(seed);
      int tables = 1 + random.nextInt(8);
      List<String> numbers = new ArrayList<>();
      for (int i = 1; i <= tables; i++) {
        numbers.add((seed % 2 == 0 ? "A" : "") + i);
      }
      List<String> told = new ArrayList<>(numbers);
      Collections.shuffle(told, random);
      StringBuilder text = new StringBuilder("We asked.");
      for (String number : told) {
        text.append(" As Table ").append(number).append(" shows, it rose.");
        if (random.nextBoolean()) {
          text.append(" (see Table ").append(told.getFirst()).append(")");
        }
      }
      List<Integer> order = CalledOut.order(text.toString(), numbers);
      assertThat(order).hasSize(tables).doesNotHaveDuplicates();
      List<String> ordered = order.stream().map(numbers::get).toList();
      assertThat(ordered).isEqualTo(told);
      assertThat(new CalledOut().in(text.toString(), ordered)).isEmpty();
      List<Finding> asTheyWere = new CalledOut().in(text.toString(), numbers);
      assertThat(asTheyWere.isEmpty()).isEqualTo(told.equals(numbers));
    }
  }

  @Test
  public void whatIsNeverCalledOutComesLast() {
    assertThat(CalledOut.order("See Table 3.", List.of("1", "2", "3"))).containsExactly(2, 0, 1);
    assertThat(CalledOut.order("", List.of("1", "2"))).containsExactly(0, 1);
    assertThat(CalledOut.order("See Table 9.", List.of("1"))).containsExactly(0);
  }
}
