package app.finish.formats.corpus;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Source;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.Dresser;
import app.finish.core.number.NumberFormat;
import app.finish.core.number.WrittenDecimals;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.Sources;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.testng.annotations.Test;

/// In whatever style a table of the corpus is worn, its figures go out as they came: the same
/// numbers, no decimals that the source has not, and a unit that stood there still stands
/// somewhere.
public class WornFiguresTest {
  private static final Pattern DECIMALS = Pattern.compile("[.]([0-9]+)");
  private static final Pattern WRITTEN = Pattern.compile("[.,]([0-9]+)[^0-9]*$");
  private static final List<String> UNITS = List.of("%", "€", "$", "£");

  private final List<String> wrong = new ArrayList<>();
  private int figures;

  @Test
  public void figuresGoOutAsTheyCame() throws IOException {
    StyleBook book = StyleFile.shipped();
    for (Path file : Corpus.files().keySet()) {
      for (Source source : Sources.read(file)) {
        Table table = Recogniser.recognise(source.grid(), Corrections.NONE).table();
        for (HouseStyle style : book.styles()) {
          Dressed worn = Dresser.dress(table, book.cascade(style.name()), 1);
          hold(table, worn, file.getFileName() + " in " + style.name());
        }
      }
    }
    assertThat(figures).isGreaterThan(50_000);
    assertThat(wrong).isEmpty();
  }

  private void hold(Table table, Dressed worn, String name) {
    StringBuilder all = new StringBuilder();
    worn.rows().forEach(row -> row.cells().forEach(cell -> all.append(cell.text()).append(' ')));
    for (DressedRow row : worn.rows()) {
      for (DressedCell cell : row.cells()) {
        if (cell.place() instanceof CellMeaning.Body body
            && table.body().at(body.row(), body.column()) instanceof Value.Numeric figure) {
          figures++;
          NumberFormat marks = cell.look().numbers();
          String plain =
              cell.bareText().replace(marks.grouping(), "").replace(marks.decimalMark(), ".");
          hold(figure, plain, all.toString(), name);
        }
      }
    }
  }

  private void hold(Value.Numeric figure, String worn, String all, String name) {
    String written = figure.written();
    int has = WrittenDecimals.in(figure.number());
    int decimals = decimals(DECIMALS, worn);
    if (decimals > Math.max(decimals(WRITTEN, written), has)) {
      wrong.add(name + ": more decimals, " + written + " became " + worn);
    }
    for (String unit : UNITS) {
      boolean said = all.contains(unit) || unit.equals("%") && all.contains("percent");
      if (written.contains(unit) && !said) {
        wrong.add(name + ": the unit of " + written + " is gone");
      }
    }
    String digits = worn.replaceAll("[^0-9.]", "");
    boolean plain = !written.matches(".*[eE][-+]?[0-9]+.*") && digits.matches("[0-9]*[.]?[0-9]+");
    boolean limit = worn.matches("<\\u00a00?\\.0*1") && Math.abs(figure.number()) < 0.0005;
    if (plain && !limit) {
      double away = Math.abs(Math.abs(figure.number()) - Double.parseDouble(digits));
      double least = 0.5001 * Math.pow(10, -decimals) + 1e-9 * Math.abs(figure.number());
      boolean negative = worn.matches("\\s*[(−–-].*");
      boolean zero = !digits.matches(".*[1-9].*");
      boolean sign = negative == figure.number() < 0 || zero || written.startsWith("(");
      if (away > least || !sign) {
        wrong.add(name + ": " + written + " became " + worn);
      }
    }
  }

  private static int decimals(Pattern pattern, String text) {
    Matcher match = pattern.matcher(text);
    return match.find() ? match.group(1).length() : 0;
  }
}
