package app.finish.formats.text;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.grid.Grid;
import app.finish.formats.Given;
import app.finish.formats.SampleWorkbook;
import app.finish.formats.Sources;
import app.finish.formats.io.ReadRequest;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class CsvReaderTest {
  private static final String ROWS = "Route;Gäste;Erlös\nHale–Orrin;12;1.204,5\nSkell;7;\"3,5\"\n";

  private static Grid read(byte[] bytes) throws IOException {
    Path file = Given.folder().resolve("a.csv");
    Files.write(file, bytes);
    return new CsvReader().read(file, ReadRequest.PLAIN).grids().getFirst();
  }

  @DataProvider
  public Object[][] encodings() {
    byte[] utf8Mark = {(byte) 0xEF, (byte) 0xBB, (byte) 0xBF};
    byte[] little = {(byte) 0xFF, (byte) 0xFE};
    byte[] big = {(byte) 0xFE, (byte) 0xFF};
    return new Object[][] {
      {new byte[0], StandardCharsets.UTF_8},
      {utf8Mark, StandardCharsets.UTF_8},
      {little, StandardCharsets.UTF_16LE},
      {big, StandardCharsets.UTF_16BE},
      {new byte[0], Charset.forName("windows-1252")},
    };
  }

  @Test(dataProvider = "encodings")
  public void findsTheEncoding(byte[] mark, Charset charset) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    bytes.write(mark);
    bytes.write(ROWS.getBytes(charset));
    Grid grid = read(bytes.toByteArray());
    assertThat(SampleWorkbook.texts(grid))
        .containsExactly("Route | Gäste | Erlös", "Hale–Orrin | 12 | 1.204,5", "Skell | 7 | 3,5");
  }

  @DataProvider
  public Object[][] delimiters() {
    return new Object[][] {
      {"a,b,c\n1,2,3\n", ','},
      {"a;b;c\n1,5;2,5;3\n", ';'},
      {"a\tb\tc\n1,2\t3,4\t5\n", '\t'},
      {"a|b|c\n1|2|3\n", '|'},
      {"Fares, cost and recovery\n\na;b\n1;2\n3;4\n", ';'},
      {"\"Hale; Orrin\",12\n\"Skell; Tamsay\",13\n", ','},
      {"one column\n12\n13\n", ','},
    };
  }

  @Test(dataProvider = "delimiters")
  public void findsTheDelimiter(String text, char delimiter) {
    assertThat(CsvReader.delimiter(text)).isEqualTo(delimiter);
  }

  @Test
  public void keepsIndentsQuotesAndRaggedRows() throws IOException {
    Grid grid =
        read(
            "Route,Boats\n  Winter,\"1,204\"\n\"say \"\"hi\"\"\"\n\nlast,1,2,3\n"
                .getBytes(StandardCharsets.UTF_8));
    assertThat(grid.columns()).isEqualTo(4);
    assertThat(grid.at(1, 0).text()).isEqualTo("  Winter");
    assertThat(grid.at(1, 1).text()).isEqualTo("1,204");
    assertThat(grid.at(2, 0).text()).isEqualTo("say \"hi\"");
    assertThat(grid.at(3, 0).isBlank()).isTrue();
    assertThat(grid.at(4, 3).text()).isEqualTo("3");
  }

  @Test
  public void readsWhatIsPasted() throws IOException {
    assertThat(Sources.readText("Route\tBoats\nHale\t12\nSkell\t7\n"))
        .singleElement()
        .satisfies(source -> assertThat(source.grid().at(2, 1).text()).isEqualTo("7"));
    assertThat(List.of("pasted")).contains(Sources.readText("a\tb\n1\t2").getFirst().name());
  }
}
