package app.finish.core.number;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class NumberReaderTest {
  @DataProvider
  public Object[][] withPoint() {
    return new Object[][] {
      {"12", 12.0, 0, "", ""},
      {"1,234", 1234.0, 0, "", ""},
      {"1,234,567.89", 1234567.89, 2, "", ""},
      {"1.234,5", 1234.5, 1, "", ""},
      {"1 234.5", 1234.5, 1, "", ""},
      {"1\u00A0234", 1234.0, 0, "", ""},
      {"1\u202F234\u202F567", 1234567.0, 0, "", ""},
      {"1'234.50", 1234.5, 2, "", ""},
      {"12,5", 12.5, 1, "", ""},
      {"0,123", 0.123, 3, "", ""},
      {"85%", 85.0, 0, "%", ""},
      {"12.5 %", 12.5, 1, "%", ""},
      {"$1,204.50", 1204.5, 2, "$", ""},
      {"€ 12", 12.0, 0, "€", ""},
      {"12.50 €", 12.5, 2, "€", ""},
      {"EUR 1,204", 1204.0, 0, "EUR", ""},
      {"-12", -12.0, 0, "", ""},
      {"−12.5", -12.5, 1, "", ""},
      {"(1,204)", -1204.0, 0, "", ""},
      {"($12.50)", -12.5, 2, "$", ""},
      {"12-", -12.0, 0, "", ""},
      {"-$5", -5.0, 0, "$", ""},
      {"$-5", -5.0, 0, "$", ""},
      {"+3", 3.0, 0, "", ""},
      {".45", 0.45, 2, "", ""},
      {"9.89e-05", 0.0000989, 0, "", ""},
      {"-1.5E+03", -1500.0, 0, "", ""},
      {"-.32**", -0.32, 2, "", "**"},
      {"0.45***", 0.45, 2, "", "***"},
      {"12†", 12.0, 0, "", "†"},
      {"  74 ", 74.0, 0, "", ""},
      {"5.", 5.0, 0, "", ""},
    };
  }

  @Test(dataProvider = "withPoint")
  public void readsNumbersAsPeopleWriteThem(
      String text, double value, int decimals, String unit, String marks) {
    assertThat(NumberReader.POINT.read(text))
        .contains(new WrittenNumber(value, decimals, unit, true, marks));
  }

  @DataProvider
  public Object[][] noNumbers() {
    return new Object[][] {
      {""},
      {"n/a"},
      {"Winter"},
      {"18–24"},
      {"12.05.2024"},
      {"1,23,4"},
      {"(12"},
      {"12)"},
      {"a."},
      {"—"},
      {"1.2.3"},
      {"12 passengers"},
      {"< .001"},
      {"2024-05-01"},
      {"1/2"},
      {"$"},
      {"%"},
      {"*"},
      {"9".repeat(60)},
    };
  }

  @Test(dataProvider = "noNumbers")
  public void leavesAloneWhatIsNoNumber(String text) {
    assertThat(NumberReader.POINT.read(text)).isEmpty();
  }

  @Test
  public void findsTheDecimalMarkOfASource() {
    assertThat(NumberReader.forTexts(List.of("12,5", "1.204", "7,25")))
        .isEqualTo(NumberReader.COMMA);
    assertThat(NumberReader.forTexts(List.of("12.5", "1,204"))).isEqualTo(NumberReader.POINT);
    assertThat(NumberReader.forTexts(List.of("1,204", "3,500"))).isEqualTo(NumberReader.POINT);
    assertThat(NumberReader.COMMA.read("1.204").orElseThrow().value()).isEqualTo(1204);
    assertThat(NumberReader.COMMA.read("1.204,75").orElseThrow().value()).isEqualTo(1204.75);
  }

  @Test
  public void readsWhatEveryFormatWrites() {
    Random random = new Random(7);
    for (int i = 0; i < 5000; i++) {
      int decimals = random.nextInt(4);
      double scale = Math.pow(10, decimals);
      double number = Math.round((random.nextDouble() - 0.4) * 1e6) / scale;
      NumberFormat format =
          new NumberFormat(
              decimals,
              new String[] {",", "", "\u202F"}[random.nextInt(3)],
              ".",
              NumberFormat.Negative.values()[random.nextInt(3)],
              random.nextBoolean(),
              true);
      String unit = new String[] {"", "%", "€"}[random.nextInt(3)];
      String written = format.write(number, unit);
      assertThat(NumberReader.POINT.read(written))
          .as("%s as %s", number, written)
          .hasValueSatisfying(
              read -> {
                assertThat(read.value()).isEqualTo(number);
                assertThat(read.decimals()).isEqualTo(decimals);
                assertThat(read.unit()).isEqualTo(unit);
              });
    }
  }

  @DataProvider
  public Object[][] written() {
    NumberFormat plain = NumberFormat.PLAIN;
    NumberFormat bare = new NumberFormat(2, "", ".", NumberFormat.Negative.MINUS, false, false);
    NumberFormat comma =
        new NumberFormat(1, ".", ",", NumberFormat.Negative.PARENTHESES, true, true);
    return new Object[][] {
      {plain, 1234567.0, "", "1,234,567"},
      {plain.withDecimals(2), 2.675, "", "2.68"},
      {plain.withDecimals(2), 1.005, "", "1.01"},
      {plain.withDecimals(1), -0.04, "", "0.0"},
      {plain, -1204.0, "", "−1,204"},
      {plain, 85.0, "%", "85%"},
      {plain, 12.0, "€", "€12"},
      {plain, -12.0, "€", "−€12"},
      {plain, 12.0, "EUR", "12 EUR"},
      {bare, 0.45, "", ".45"},
      {bare, -0.45, "", "−.45"},
      {bare, 1.45, "%", "1.45"},
      {comma, -1204.55, "", "(1.204,6)"},
      {plain, 1e15, "", "1,000,000,000,000,000"},
    };
  }

  @Test(dataProvider = "written")
  public void writesNumbersAsAStyleAsks(
      NumberFormat format, double number, String unit, String expected) {
    assertThat(format.write(number, unit)).isEqualTo(expected);
  }

  @Test
  public void doesNotDependOnTheMachinesLanguage() {
    Locale before = Locale.getDefault();
    try {
      Locale.setDefault(Locale.GERMANY);
      assertThat(NumberFormat.PLAIN.withDecimals(1).write(1204.5, "")).isEqualTo("1,204.5");
    } finally {
      Locale.setDefault(before);
    }
  }

  /// What is read the short way is what the long way reads, which stars force.
  @Test
  public void plainNumbersAreReadAsAllOthers() {
    Random random = new Random(4);
    String signs = "0123456789012345678901234,,..-";
    for (int i = 0; i < 60_000; i++) {
      StringBuilder text = new StringBuilder();
      for (int length = 1 + random.nextInt(10); length > 0; length--) {
        text.append(signs.charAt(random.nextInt(signs.length())));
      }
      for (NumberReader reader : NumberReader.values()) {
        Optional<WrittenNumber> whole =
            reader
                .read(text + "*")
                .map(
                    read ->
                        new WrittenNumber(
                            read.value(), read.decimals(), read.unit(), read.exact(), ""));
        assertThat(reader.read(text.toString())).as("%s %s", reader, text).isEqualTo(whole);
      }
    }
  }
}
