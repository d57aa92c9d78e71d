package app.finish.core.dress;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.RandomTables;
import app.finish.core.TestStyles;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import org.testng.annotations.Test;

public class DresserTest {
  private static final String[] PIVOT = {
    "fares and recovery by route",
    "",
    "Route | Season | 2025 | | 2026 |",
    " | | Fares | Cost recovery | Fares | Cost recovery",
    "Hale–Orrin | Winter | 10.5 | 93% | 11.5 | 98%",
    " | Spring | 12.5 | 94% | 13.5 | 99%",
    " | Summer | 20.0 | 104% | –  | 108%",
    "Hale–Orrin total | | 43.0 | 97% | 25.0 | 101%",
    "Skell–Tamsay | Winter | 1.5 | 43% | 1.5 | 48%",
    " | Summer | 2.0 | 54% | 2.5 | n/a",
    "Skell–Tamsay total | | 3.5 | 47% | 4.0 | 51%",
    "All routes | | 46.5 | 87% | 29.0 | 89%",
    "Note. Fares in thousands."
  };

  private static Dressed dressed(String style, String... lines) {
    Table table = Recogniser.recognise(Grid.ofText(lines), Corrections.NONE).table();
    return Dresser.dress(table, TestStyles.book().cascade(style), 2);
  }

  private static List<String> lines(Dressed dressed) {
    return dressed.rows().stream()
        .map(row -> String.join(" | ", row.cells().stream().map(DressedCell::text).toList()))
        .toList();
  }

  @Test
  public void writesTheTableInOneIndentedColumn() {
    assertThat(lines(dressed("House", PIVOT)))
        .containsExactly(
            "Table 2",
            "Fares and Recovery by Route",
            "Route and season | 2025 | 2026",
            "Fares | Cost recovery,\u00A0% | Fares | Cost recovery,\u00A0%",
            "Hale–Orrin",
            "Winter | 11 | 93 | 12 | 98",
            "Spring | 13 | 94 | 14 | 99",
            "Summer | 20 | 104 |  | 108",
            "Hale–Orrin total | 43 | 97 | 25 | 101",
            "Skell–Tamsay",
            "Winter | 2 | 43 | 2 | 48",
            "Summer | 2 | 54 | 3 | n/a",
            "Skell–Tamsay total | 4 | 47 | 4 | 51",
            "All routes | 47 | 87 | 29 | 89",
            "Note. Fares in thousands.");
  }

  @Test
  public void writesTheTableInAColumnALevel() {
    assertThat(lines(dressed("Base", PIVOT)))
        .contains(
            "Route | Season | 2025 | 2026",
            "Hale–Orrin | Winter | 10.5 | 93% | 11.5 | 98%",
            "Summer | 20.0 | 104% |  | 108%",
            "All routes | 46.5 | 87% | 29.0 | 89%");
  }

  @Test
  public void givesEachCellItsPart() {
    Dressed dressed = dressed("House", PIVOT);
    List<String> parts =
        dressed.rows().stream()
            .map(row -> row.part().name().word() + " " + row.part().level())
            .toList();
    assertThat(parts)
        .containsExactly(
            "number 0",
            "title 0",
            "spanner 0",
            "columnHead 0",
            "groupRow 1",
            "body 0",
            "body 0",
            "body 0",
            "subtotalRow 1",
            "groupRow 1",
            "body 0",
            "body 0",
            "subtotalRow 1",
            "grandTotalRow 0",
            "note 0");
    DressedCell stub = dressed.rows().get(5).cells().getFirst();
    assertThat(stub.part().name()).isEqualTo(PartName.STUB);
    assertThat(stub.indent()).isEqualTo(1);
    DressedCell total = dressed.rows().get(13).cells().getFirst();
    assertThat(total.part().name()).isEqualTo(PartName.GRAND_TOTAL_ROW);
    assertThat(total.indent()).isZero();
  }

  @Test
  public void totalsWearTheirLookAcrossTheWholeRow() {
    Dressed dressed = dressed("House", PIVOT);
    assertThat(dressed.rows().get(13).cells())
        .allSatisfy(
            cell -> {
              assertThat(cell.look().bold()).isTrue();
              assertThat(cell.look().fill()).isPresent();
              assertThat(cell.look().origin(Property.FILL).orElseThrow().toString())
                  .isEqualTo("House › grand total row");
            });
    assertThat(dressed.rows().get(5).cells())
        .noneSatisfy(cell -> assertThat(cell.look().bold()).isTrue());
  }

  @Test
  public void tintsEveryOtherRowOfAGroup() {
    Dressed dressed = dressed("House", PIVOT);
    List<Boolean> tinted =
        dressed.rows().stream()
            .filter(row -> row.part().name() == PartName.BODY)
            .map(row -> row.cells().getLast().look().fill().isPresent())
            .toList();
    assertThat(tinted).containsExactly(false, true, false, false, true);
  }

  @Test
  public void aMeasuresOwnSettingOutweighsThatOfItsKind() {
    Dressed dressed = dressed("House", PIVOT);
    DressedCell fares = dressed.rows().get(5).cells().get(1);
    assertThat(fares.look().origin(Property.DECIMALS).orElseThrow().toString())
        .isEqualTo("House › Fares");
    DressedCell recovery = dressed.rows().get(5).cells().get(2);
    assertThat(recovery.look().origin(Property.DECIMALS).orElseThrow().toString())
        .isEqualTo("House › measures of kind percent");
  }

  @Test
  public void edgesFallOnTheOuterRowsOfABand() {
    Dressed dressed = dressed("House", PIVOT);
    List<DressedRow> heads = dressed.band(Band.HEAD);
    assertThat(heads.getFirst().above().rule().weight()).isEqualTo(1);
    assertThat(heads.getFirst().below().rule().isDrawn()).isFalse();
    assertThat(heads.getLast().below().rule().weight()).isEqualTo(0.5);
    assertThat(dressed.band(Band.BODY).getLast().below().rule().weight()).isEqualTo(1);
    assertThat(dressed.band(Band.BODY).getFirst().above().rule().isDrawn()).isFalse();
  }

  @Test
  public void keepsStarsAndLeadIns() {
    Dressed dressed =
        dressed(
            "House", "Predictor | b", "Delay | -0.45***", "Age | 0.10", "Note. Survey of 2026.");
    assertThat(lines(dressed)).contains("Delay | −0.45***");
    DressedCell note = dressed.rows().getLast().cells().getFirst();
    assertThat(note.runs()).hasSize(2);
    assertThat(note.runs().getFirst()).isEqualTo(new Run("Note.", false, true));
  }

  @Test
  public void everyValueOfTheTableIsDressedOnceAndOnlyOnce() {
    for (long seed = 0; seed < 60; seed++) {
      Table table = new RandomTables(seed).table();
      for (String style : List.of("Base", "House")) {
        Dressed dressed = Dresser.dress(table, TestStyles.book().cascade(style), 1);
        boolean[][] seen = new boolean[table.body().rows()][table.body().columns()];
        for (DressedRow row : dressed.rows()) {
          for (DressedCell cell : row.cells()) {
            if (cell.place() instanceof CellMeaning.Body at) {
              assertThat(seen[at.row()][at.column()]).isFalse();
              seen[at.row()][at.column()] = true;
              assertThat(table.body().at(at.row(), at.column())).isInstanceOf(Value.Numeric.class);
              assertThat(cell.text()).isNotEmpty();
            }
          }
        }
        for (boolean[] row : seen) {
          assertThat(row).doesNotContain(false);
        }
      }
    }
  }
}
