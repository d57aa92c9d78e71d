package app.finish.core.check.apa;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Finding;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CalledOutTest {
  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"As Table 1 shows, and see Tables 2 and 3.", List.of()},
      {"Tables 1–3 tell it.", List.of()},
      {
        "See Table 1, Table 3 and then Table 2.",
        List.of("The text calls Table 2 out only after Table 3.")
      },
      {"See Table 1 and Table 2.", List.of("The text never calls Table 3 out.")},
      {"Tables 1, 2, and 3; Table 4.", List.of("The text calls Table 4 out, and there is none.")},
      {"The table 1 m wide. Tables 1 to 3.", List.of()},
      {"Tabelle 1, Tabelle 2 und Tabelle 3.", List.of()},
      {
        "",
        List.of(
            "The text never calls Table 1 out.",
            "The text never calls Table 2 out.",
            "The text never calls Table 3 out.")
      }
    };
  }

  @Test(dataProvider = "texts")
  public void calloutsAreReadInOrder(String text, List<String> sentences) {
    assertThat(new CalledOut().in(text, 3)).extracting(Finding::sentence).isEqualTo(sentences);
  }
}
