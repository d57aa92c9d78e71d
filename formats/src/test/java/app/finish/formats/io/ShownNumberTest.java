package app.finish.formats.io;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.number.NumberFormat;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.apache.poi.ss.usermodel.DataFormatter;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Whatever a table shows, a workbook shows the same, or has it as a text.
public class ShownNumberTest {
  private static final DataFormatter READ = new DataFormatter(Locale.ENGLISH);

  private static final NumberFormat PLAIN = NumberFormat.PLAIN;

  private static String read(double number, String format) {
    return READ.formatRawCellContents(number, 200, format);
  }

  @DataProvider
  public Object[][] shown() {
    return new Object[][] {
      {"1,204.6", 1204.55, "#,##0.0"},
      {"93%", 93.0, "0\\%"},
      {"93%", 0.93, "0%"},
      {".021", 0.021, "#.000"},
      {"12.5*", 12.5, "0.0\\*"},
      {"1.2 k", 1204, "0.0,\" k\""},
      {"€ 12.50", 12.5, "\"€ \"0.00"},
      {"(0.337)", 0.337, "\"(\"0.000\")\""},
      {"−$950", -950.0, "\"$\"0"},
      {"≈ 3", 3.2, "\"≈ \"0"},
      {"0", 0, "0"}
    };
  }

  @Test(dataProvider = "shown")
  public void theFormatIsThatOfWhatIsShown(String shown, double number, String format) {
    String made = ShownNumber.of(shown, number, PLAIN).orElseThrow().format();
    assertThat(made.split(";(?=[^;]*$)")[0]).isEqualTo(format);
    // The reader knows no commas that divide by a thousand.
    if (!format.contains(",\"")) {
      assertThat(read(number, made)).isEqualTo(shown);
    }
  }

  @DataProvider
  public Object[][] texts() {
    return new Object[][] {
      {"< .001", 0.0},
      {"—", 4},
      {"", 4},
      {"3.45 (1.10)", 3.45},
      {"low", 4},
      {"12", 15},
      {"−12", 12},
      {"12", -12},
      {"93", 0.93},
      {"1 of 2", 1}
    };
  }

  @Test(dataProvider = "texts")
  public void whatIsNotTheNumberIsAText(String shown, double number) {
    assertThat(ShownNumber.of(shown, number, PLAIN)).isEmpty();
  }

  /// Random numbers, written in each way that a style knows, are read as they are shown.
  @Test
  public void eachWayOfWritingIsKept() {
    int figures = 0;
    for (int seed = 0; seed < 4000; seed++) {
      Random random = new Random(seed);
      double number =
          Math.round((random.nextDouble() - 0.4) * Math.pow(10, 2 + random.nextInt(6))) / 100.0;
      NumberFormat format = PLAIN.withDecimals(random.nextInt(4));
      String shown = format.write(number, random.nextInt(5) == 0 ? "%" : "");
      String marked = shown + (random.nextInt(4) == 0 ? "**" : "");
      Optional<String> made = ShownNumber.of(marked, number, format).map(ShownNumber::format);
      if (made.isPresent()) {
        figures++;
        assertThat(read(number, made.get())).as("%s of %s", made, number).isEqualTo(marked);
      }
    }
    assertThat(figures).isGreaterThan(3900);
  }
}
