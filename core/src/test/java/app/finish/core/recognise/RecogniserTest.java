package app.finish.core.recognise;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Finding;
import app.finish.core.check.Found;
import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.recognise.found.Evidence;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.core.table.Heading.Role;
import app.finish.core.table.Leaf;
import app.finish.core.table.MeasureKind;
import app.finish.core.table.Value;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class RecogniserTest {
  /// A shape: its name, the rows as "role: headings", the columns as "role: headings", the grid.
  private record Shape(String name, List<String> rows, List<String> columns, String... grid) {
    @Override
    public String toString() {
      return name;
    }
  }

  private static Shape shape(String name, String rows, String columns, String... grid) {
    return new Shape(name, List.of(rows.split("; ")), List.of(columns.split("; ")), grid);
  }

  @DataProvider
  public Object[] shapes() {
    return new Object[] {
      shape(
          "a list with a total",
          "body: Winter; body: Summer; grand total: Total",
          "body: Passengers",
          "Season | Passengers",
          "Winter | 120",
          "Summer | 230",
          "Total | 350"),
      shape(
          "a total without the word",
          "body: Winter; body: Spring; body: Summer; grand total: Whole year",
          "body: Passengers; body: Fares",
          "Season | Passengers | Fares",
          "Winter | 1204 | 310.5",
          "Spring | 2310 | 702.0",
          "Summer | 4120 | 999.5",
          "Whole year | 7634 | 2012.0"),
      shape(
          "no total at all",
          "body: Winter; body: Summer; body: Autumn",
          "body: Passengers",
          "Season | Passengers",
          "Winter | 120",
          "Summer | 230",
          "Autumn | 351"),
      shape(
          "a total at the top",
          "grand total: All seasons; body: Winter; body: Summer; body: Autumn",
          "body: Passengers; body: Vehicles",
          "Season | Passengers | Vehicles",
          "All seasons | 1701 | 404",
          "Winter | 120 | 31",
          "Summer | 1230 | 300",
          "Autumn | 351 | 73"),
      shape(
          "a stub column a level, labels not repeated",
          "body: Hale–Orrin, Winter; body: Hale–Orrin, Summer; subtotal: Hale–Orrin Total; body:"
              + " Orrin–Skell, Winter; body: Orrin–Skell, Summer; subtotal: Orrin–Skell Total;"
              + " grand total: Grand Total",
          "body: Fares; body: Cost",
          "Route | Season | Fares | Cost",
          "Hale–Orrin | Winter | 10.5 | 20.0",
          " | Summer | 30.5 | 20.0",
          "Hale–Orrin Total | | 41.0 | 40.0",
          "Orrin–Skell | Winter | 1.5 | 2.0",
          " | Summer | 3.5 | 2.0",
          "Orrin–Skell Total | | 5.0 | 4.0",
          "Grand Total | | 46.0 | 44.0"),
      shape(
          "labels repeated on every row",
          "body: Hale–Orrin, Winter; body: Hale–Orrin, Summer; body: Orrin–Skell, Winter; body:"
              + " Orrin–Skell, Summer",
          "body: Fares",
          "Route | Season | Fares",
          "Hale–Orrin | Winter | 10.5",
          "Hale–Orrin | Summer | 31.5",
          "Orrin–Skell | Winter | 1.5",
          "Orrin–Skell | Summer | 3.7"),
      shape(
          "subtotals in the second stub column",
          "body: Hale, Winter; body: Hale, Summer; subtotal: Hale, All seasons; body: Skell,"
              + " Winter; body: Skell, Summer; subtotal: Skell, All seasons; grand total: All"
              + " routes",
          "body: Fares; body: Cost",
          "Route | Season | Fares | Cost",
          "Hale | Winter | 10.5 | 20.0",
          " | Summer | 30.5 | 20.0",
          " | All seasons | 41.0 | 40.0",
          "Skell | Winter | 1.5 | 2.0",
          " | Summer | 3.5 | 2.0",
          " | All seasons | 5.0 | 4.0",
          "All routes | | 46.0 | 44.0"),
      shape(
          "one indented column with group rows",
          "group: Hale; body: Hale, Winter; body: Hale, Summer; group: Skell; body: Skell, Winter;"
              + " body: Skell, Summer",
          "body: 2025; body: 2026",
          "Route | 2025 | 2026",
          "Hale",
          "  Winter | 120 | 130",
          "  Summer | 201 | 214",
          "Skell",
          "  Winter | 20 | 31",
          "  Summer | 100 | 118"),
      shape(
          "group rows without indent",
          "group: Hale; body: Hale, Winter; body: Hale, Summer; group: Skell; body: Skell, Winter;"
              + " body: Skell, Summer",
          "body: 2025; body: 2026",
          "Route | 2025 | 2026",
          "Hale",
          "Winter | 120 | 130",
          "Summer | 201 | 214",
          "Skell",
          "Winter | 20 | 31",
          "Summer | 100 | 118"),
      shape(
          "groups that bear their own totals",
          "subtotal: Hale; body: Hale, Car; body: Hale, Foot; subtotal: Skell; body: Skell, Car;"
              + " body: Skell, Foot; grand total: Grand total",
          "body: Winter; body: Summer; grand total: Total",
          " | Winter | Summer | Total",
          "Hale | 100 | 200 | 300",
          "  Car | 40 | 50 | 90",
          "  Foot | 60 | 150 | 210",
          "Skell | 10 | 20 | 30",
          "  Car | 4 | 5 | 9",
          "  Foot | 6 | 15 | 21",
          "Grand total | 110 | 220 | 330"),
      shape(
          "subtotals in a flat list",
          "body: Winter; body: Spring; subtotal: Half-year total; body: Summer; body: Autumn;"
              + " subtotal: Half-year total; grand total: Total",
          "body: Passengers; body: Vehicles",
          "Season | Passengers | Vehicles",
          "Winter | 1204 | 310",
          "Spring | 2310 | 702",
          "Half-year total | 3514 | 1012",
          "Summer | 4120 | 999",
          "Autumn | 2007 | 511",
          "Half-year total | 6127 | 1510",
          "Total | 9641 | 2522"),
      shape(
          "measures side by side under each year, named once",
          "body: Hale; body: Skell",
          "body: 2025, Fares; body: 2025, Cost recovery; body: 2026, Fares; body: 2026, Cost"
              + " recovery",
          "Route | 2025 | | 2026 |",
          " | Fares | Cost recovery | Fares | Cost recovery",
          "Hale | 10.5 | 93% | 11.5 | 98%",
          "Skell | 4.5 | 53% | 5.5 | 58%"),
      shape(
          "measures down the stub",
          "body: Hale, Passengers; body: Hale, Cost recovery; body: Skell, Passengers; body: Skell,"
              + " Cost recovery; grand total: Total, Passengers; grand total: Total, Cost recovery",
          "body: 2025; body: 2026",
          "Route | Measure | 2025 | 2026",
          "Hale | Passengers | 1204 | 1310",
          " | Cost recovery | 85.5% | 90.1%",
          "Skell | Passengers | 204 | 310",
          " | Cost recovery | 81.5% | 70.1%",
          "Total | Passengers | 1408 | 1620",
          " | Cost recovery | 84.9% | 86.2%"),
      shape(
          "a grand total column under measures",
          "body: Hale; body: Skell",
          "body: 2025, Fares; body: 2025, Passengers; body: 2026, Fares; body: 2026, Passengers;"
              + " grand total: Total, Fares; grand total: Total, Passengers",
          "Route | 2025 | | 2026 | | Total |",
          " | Fares | Passengers | Fares | Passengers | Fares | Passengers",
          "Hale | 10.5 | 930 | 11.5 | 980 | 22.0 | 1910",
          "Skell | 4.5 | 530 | 5.5 | 580 | 10.0 | 1110"),
      shape(
          "subtotal columns",
          "body: Hale; body: Skell; body: Tamsay",
          "body: 2025, Winter; body: 2025, Summer; subtotal: 2025, 2025 total; body: 2026, Winter;"
              + " body: 2026, Summer; subtotal: 2026, 2026 total; grand total: Grand total",
          "Route | 2025 | | 2025 total | 2026 | | 2026 total | Grand total",
          " | Winter | Summer | | Winter | Summer | |",
          "Hale | 120 | 230 | 350 | 130 | 240 | 370 | 720",
          "Skell | 20 | 30 | 50 | 31 | 41 | 72 | 122",
          "Tamsay | 7 | 8 | 15 | 9 | 11 | 20 | 35"),
      shape(
          "years as column heads",
          "body: Hale; body: Skell; grand total: Total",
          "body: 2024; body: 2025; body: 2026",
          "Route | 2024 | 2025 | 2026",
          "Hale | 1204 | 1350 | 1410",
          "Skell | 204 | 250 | 299",
          "Total | 1408 | 1600 | 1709"),
      shape(
          "years as the second stub column",
          "body: Hale, 2024; body: Hale, 2025; body: Skell, 2024; body: Skell, 2025",
          "body: Passengers; body: Vehicles",
          "Route | Year | Passengers | Vehicles",
          "Hale | 2024 | 1204 | 310",
          " | 2025 | 1350 | 322",
          "Skell | 2024 | 204 | 31",
          " | 2025 | 250 | 40"),
      shape(
          "age bands in the stub",
          "body: 18–24; body: 25–34; body: 35+",
          "body: n; body: %",
          "Age | n | %",
          "18–24 | 120 | 20.0",
          "25–34 | 240 | 40.0",
          "35+ | 240 | 40.0"),
      shape(
          "blank rows and a blank column inside",
          "body: Hale; body: Skell; grand total: Total",
          "body: Fares; body: Cost",
          "Route | | Fares | Cost",
          "",
          "Hale | | 10.5 | 20.5",
          "Skell | | 3.5 | 4.5",
          "",
          "Total | | 14.0 | 25.0"),
      shape(
          "dashes and blanks for missing figures",
          "body: Hale; body: Skell; body: Tamsay",
          "body: Winter; body: Summer",
          "Route | Winter | Summer",
          "Hale | 120 | 230",
          "Skell | – | 30",
          "Tamsay | | 12"),
      shape(
          "negatives in parentheses and currency",
          "body: Hale; body: Skell; grand total: Total",
          "body: Result; body: Fares",
          "Route | Result | Fares",
          "Hale | €1,200 | €5,000",
          "Skell | (€300) | €1,100",
          "Total | €900 | €6,100"),
      shape(
          "stars behind coefficients",
          "body: Age; body: Crowding; body: Delay",
          "body: b; body: SE",
          "Predictor | b | SE",
          "Age | 0.12 | 0.05",
          "Crowding | -0.45*** | 0.09",
          "Delay | -0.21** | 0.07"),
      shape(
          "means, which don't add up, with a total by its word",
          "body: Marram; body: Samphire; grand total: Total",
          "body: Winter; body: Summer",
          "Vessel | Winter | Summer",
          "Marram | 7.1 | 3.8",
          "Samphire | 4.1 | 2.4",
          "Total | 5.9 | 3.2"),
      shape(
          "a frequency table with a total inside and one outside",
          "body: Answered, Single; body: Answered, Return; subtotal: Answered, Total; body:"
              + " Missing, No answer; grand total: Total",
          "body: n; body: %; body: % of answers; body: Running %",
          "Ticket | | n | % | % of answers | Running %",
          "Answered | Single | 412 | 42.9 | 45.3 | 45.3",
          " | Return | 498 | 51.9 | 54.7 | 100.0",
          " | Total | 910 | 94.8 | 100.0 |",
          "Missing | No answer | 50 | 5.2 | |",
          "Total | | 960 | 100.0 | |"),
      shape(
          "counts, expected counts and percents stacked in a crosstab",
          "body: Low, Count; body: Low, Expected Count; body: Low, % within Trust; body: High,"
              + " Count; body: High, Expected Count; body: High, % within Trust; grand total:"
              + " Total, Count; grand total: Total, Expected Count; grand total: Total, % within"
              + " Trust",
          "body: Islander; body: Visitor; grand total: Total",
          " | | Islander | Visitor | Total",
          "Low | Count | 120 | 80 | 200",
          " | Expected Count | 100.0 | 100.0 | 200.0",
          " | % within Trust | 60.0% | 40.0% | 100.0%",
          "High | Count | 180 | 220 | 400",
          " | Expected Count | 200.0 | 200.0 | 400.0",
          " | % within Trust | 45.0% | 55.0% | 100.0%",
          "Total | Count | 300 | 300 | 600",
          " | Expected Count | 300.0 | 300.0 | 600.0",
          " | % within Trust | 50.0% | 50.0% | 100.0%"),
      shape(
          "a correlation matrix, lower triangle, with numbered heads",
          "body: 1. Comfort; body: 2. Trust; body: 3. Crowding",
          "body: 1; body: 2; body: 3",
          "Variable | 1 | 2 | 3",
          "1. Comfort | — | |",
          "2. Trust | .45*** | — |",
          "3. Crowding | -.31** | -.12 | —"),
      shape(
          "blocks of regression models",
          "body: 1, (Constant); body: 1, Age; body: 2, (Constant); body: 2, Age; body: 2, Crowding",
          "body: Estimate; body: SE; body: β; body: t; body: p; body: 95% CI lower",
          "Model | | Estimate | SE | β | t | p | 95% CI lower",
          "1 | (Constant) | 3.210 | .120 | | 26.75 | .000 | 2.97",
          " | Age | .012 | .003 | .180 | 4.00 | .000 | .006",
          "2 | (Constant) | 3.010 | .140 | | 21.50 | .000 | 2.73",
          " | Age | .011 | .003 | .170 | 3.67 | .000 | .005",
          " | Crowding | -.210 | .050 | -.190 | -4.20 | .000 | -.31"),
      shape(
          "means with all members in the last row",
          "body: 18–24; body: 25–39; grand total: All ages",
          "body: Islander, Mean; body: Islander, SD; body: Visitor, Mean; body: Visitor, SD",
          "Age | Islander | | Visitor |",
          " | Mean | SD | Mean | SD",
          "18–24 | 3.21 | 0.94 | 3.80 | 0.71",
          "25–39 | 3.40 | 0.88 | 3.71 | 0.80",
          "All ages | 3.09 | 1.01 | 3.70 | 0.78"),
      shape(
          "rounded figures whose total is a little off",
          "body: Hale; body: Orrin; body: Skell; grand total: Total",
          "body: Share; body: Fares",
          "Route | Share | Fares",
          "Hale | 33.3 | 10.4",
          "Orrin | 33.3 | 10.4",
          "Skell | 33.3 | 10.4",
          "Total | 100.0 | 31.3"),
      shape(
          "three stub levels",
          "body: North, Hale, Winter; body: North, Hale, Summer; subtotal: North, Hale total; body:"
              + " North, Orrin, Winter; body: North, Orrin, Summer; subtotal: North, Orrin total;"
              + " subtotal: North total; body: South, Skell, Winter; body: South, Skell, Summer;"
              + " subtotal: South, Skell total; subtotal: South total; grand total: Grand total",
          "body: Fares; body: Cost",
          "Area | Route | Season | Fares | Cost",
          "North | Hale | Winter | 101 | 52",
          " | | Summer | 220 | 71",
          " | Hale total | | 321 | 123",
          " | Orrin | Winter | 33 | 21",
          " | | Summer | 45 | 30",
          " | Orrin total | | 78 | 51",
          "North total | | | 399 | 174",
          "South | Skell | Winter | 12 | 9",
          " | | Summer | 31 | 17",
          " | Skell total | | 43 | 26",
          "South total | | | 43 | 26",
          "Grand total | | | 442 | 200"),
      shape(
          "decimal commas",
          "body: Hale; body: Skell; grand total: Gesamt",
          "body: Fahrgäste; body: Erlös",
          "Linie | Fahrgäste | Erlös",
          "Hale | 1.204 | 310,5",
          "Skell | 310 | 22,7",
          "Gesamt | 1.514 | 333,2"),
      shape(
          "a single row",
          "body: Hale",
          "body: Winter; body: Summer",
          "Route | Winter | Summer",
          "Hale | 12 | 14"),
      shape(
          "a member whose name begins with all",
          "body: All-day ticket; body: Single; body: Return",
          "body: 2025; body: 2026",
          "Ticket | 2025 | 2026",
          "All-day ticket | 120 | 130",
          "Single | 412 | 390",
          "Return | 230 | 244"),
      shape(
          "grand total column in front",
          "body: Hale; body: Skell",
          "grand total: All; body: Winter; body: Spring; body: Summer",
          "Route | All | Winter | Spring | Summer",
          "Hale | 620 | 120 | 200 | 300",
          "Skell | 61 | 12 | 19 | 30"),
    };
  }

  @Test(dataProvider = "shapes")
  public void understands(Object given) {
    Shape shape = (Shape) given;
    Recognition read = read(shape.grid);
    assertThat(rows(read))
        .containsExactlyElementsOf(shape.rows.stream().map(String::strip).toList());
    assertThat(columns(read))
        .containsExactlyElementsOf(shape.columns.stream().map(String::strip).toList());
    assertThat(read.evidence()).allSatisfy(one -> assertThat(one.because()).isNotEmpty());
  }

  private static Recognition read(String... lines) {
    List<Grid> grids = Recogniser.split(Grid.ofText(lines));
    assertThat(grids).hasSize(1);
    return Recogniser.recognise(grids.getFirst(), Corrections.NONE);
  }

  static List<String> rows(Recognition read) {
    return read.rows().stream()
        .map(row -> row.role() + ": " + String.join(", ", row.headings()))
        .toList();
  }

  private static List<String> columns(Recognition read) {
    List<String> columns = new ArrayList<>();
    for (Leaf leaf : read.table().across().leaves()) {
      String role =
          leaf.role() == Role.MEMBER
              ? "body"
              : leaf.role() == Role.SUBTOTAL ? "subtotal" : "grand total";
      columns.add(role + ": " + String.join(", ", leaf.labels()));
    }
    return columns;
  }

  private static Anchor row(Grid grid, int row) {
    return Recogniser.recognise(grid, Corrections.NONE).anchors().rows().get(row);
  }

  private static final String[] FULL = {
    "Table 3: Fares and cost recovery by route",
    "(in thousands of euros)",
    "Year: 2026",
    "Ticket | all",
    "",
    "Route | Fares | Cost recovery",
    "Hale–Orrin | 1,204.5 | 93%",
    "Orrin–Skell | 310.0 | 53%",
    "Total | 1,514.5 | 81%",
    "",
    "Note. Cost recovery is fares divided by cost.",
    "Seasons start in March.",
    "Source: Marram Sound Ferries"
  };

  @Test
  public void readsTheWordsAround() {
    Recognition read = read(FULL);
    assertThat(read.table().words().title()).isEqualTo("Fares and cost recovery by route");
    assertThat(read.table().words().units()).isEqualTo("in thousands of euros");
    assertThat(read.table().held())
        .map(Object::toString)
        .containsExactly("Year: 2026", "Ticket: all");
    assertThat(read.table().words().notes())
        .map(Object::toString)
        .containsExactly("Cost recovery is fares divided by cost.", "Seasons start in March.");
    assertThat(read.table().words().source()).isEqualTo("Marram Sound Ferries");
    assertThat(read.table().down().dimensions()).containsExactly("Route");
  }

  @Test
  public void keepsTheWrittenFormOfTextsThatAreNumbers() {
    Recognition read = read(FULL);
    assertThat(read.table().body().at(0, 0)).isEqualTo(Value.number(1204.5, "1,204.5"));
    assertThat(read.table().body().at(0, 1)).isEqualTo(Value.number(93, "93%"));
    assertThat(read.table().measures().get(1).kind()).isEqualTo(MeasureKind.PERCENT);
    assertThat(read.table().measures().get(1).unit()).isEqualTo("%");
    assertThat(read.table().measures().get(0).decimals()).isEqualTo(1);
  }

  @Test
  public void saysWhyARowIsATotal() {
    Recognition read = read(FULL);
    Evidence total =
        read.evidence().stream()
            .filter(one -> one.said().equals("grandTotalRow"))
            .findFirst()
            .orElseThrow();
    assertThat(total.place()).isEqualTo("row 9");
    assertThat(total.because())
        .containsExactly("its figures are the sums of rows 7 to 8", "the words “Total”");
    assertThat(total.confidence()).isEqualTo(0.98);
    assertThat(total.isDoubtful()).isFalse();
  }

  @Test
  public void followsSpansAndFormats() {
    Grid plain =
        Grid.ofText(
            "Route | 2025 | | 2026 |",
            " | Fares | Passengers | Fares | Passengers",
            "Hale | 1.5 | 100 | 2.5 | 110",
            "Winter | 1.0 | 60 | 1.5 | 50",
            "Summer | 0.5 | 40 | 1.0 | 60");
    Grid grid =
        plain
            .with(0, 0, plain.at(0, 0).spanning(2, 1))
            .with(0, 1, plain.at(0, 1).spanning(1, 2))
            .with(0, 3, plain.at(0, 3).spanning(1, 2))
            .with(2, 0, plain.at(2, 0).with(SourceFormat.PLAIN.withBold(true)))
            .with(3, 0, plain.at(3, 0).with(SourceFormat.PLAIN.withIndent(1)))
            .with(4, 0, plain.at(4, 0).with(SourceFormat.PLAIN.withIndent(1)));
    Recognition read = Recogniser.recognise(grid, Corrections.NONE);
    assertThat(rows(read))
        .containsExactly("subtotal: Hale", "body: Hale, Winter", "body: Hale, Summer");
    assertThat(read.table().down().dimensions().getFirst()).isEqualTo("Route");
    assertThat(read.table().across().headings()).hasSize(2);
  }

  @Test
  public void takesTypedPercentagesInTheirUnit() {
    Grid grid =
        Grid.of(
            "",
            List.of(
                List.of(GridCell.of("Route"), GridCell.of("Cost recovery")),
                List.of(GridCell.of("Hale"), GridCell.of(0.8512, "85%"))));
    Recognition read = Recogniser.recognise(grid, Corrections.NONE);
    assertThat(read.table().body().at(0, 0)).isEqualTo(Value.number(85.12, "85%"));
  }

  @Test
  public void findsSeveralTablesOnASheet() {
    Grid sheet =
        Grid.ofText(
            "Passengers by season | | | Fares by route |",
            "Season | Passengers | | Route | Fares",
            "Winter | 120 | | Hale | 10.5",
            "Summer | 230 | | Skell | 3.5",
            "Autumn | 230 | | Tamsay | 3.6",
            "",
            "Vehicles by season",
            "Season | Vehicles",
            "Winter | 12",
            "Summer | 23");
    List<Grid> grids = Recogniser.split(sheet);
    List<String> titles =
        grids.stream()
            .map(grid -> Recogniser.recognise(grid, Corrections.NONE).table().words().title())
            .toList();
    assertThat(titles)
        .containsExactly("Passengers by season", "Vehicles by season", "Fares by route");
    assertThat(grids.get(1).top()).isEqualTo(6);
    assertThat(grids.get(2).left()).isEqualTo(3);
  }

  @DataProvider
  public Object[][] statistics() {
    return new Object[][] {
      {"SD", MeasureKind.DEVIATION},
      {"Std. Deviation", MeasureKind.DEVIATION},
      {"standard deviation", MeasureKind.DEVIATION},
      {"S.E.", MeasureKind.ERROR},
      {"p (two-sided)", MeasureKind.P},
      {"p-value", MeasureKind.P},
      {"Pr(>|t|)", MeasureKind.P},
      {"df", MeasureKind.FREEDOM},
      {"Mean Square", MeasureKind.STATISTIC},
      {"Sum of Squares", MeasureKind.SUM},
      {"F", MeasureKind.TEST},
      {"t", MeasureKind.TEST},
      {"χ²", MeasureKind.TEST},
      {"Partial Eta Squared", MeasureKind.CORRELATION},
      {"R²", MeasureKind.CORRELATION},
      {"β", MeasureKind.CORRELATION},
      {"Pearson Correlation", MeasureKind.CORRELATION},
      {"B", MeasureKind.COEFFICIENT},
      {"Odds ratio", MeasureKind.COEFFICIENT},
      {"LL", MeasureKind.INTERVAL},
      {"95% CI lower", MeasureKind.INTERVAL},
      {"Upper Bound", MeasureKind.INTERVAL},
      {"% of answers", MeasureKind.PERCENT},
      {"Expected Count", MeasureKind.EXPECTED},
      {"N", MeasureKind.COUNT},
      {"Cost recovery, %", MeasureKind.PERCENT},
      {"Number of sailings", MeasureKind.COUNT},
      {"Sum of fares", MeasureKind.SUM},
      {"Mean delay", MeasureKind.MEAN},
      {"Mdn", MeasureKind.STATISTIC},
    };
  }

  @Test(dataProvider = "statistics")
  public void knowsTheNamesOfStatistics(String name, MeasureKind kind) {
    assertThat(Vocabulary.measureKind(name)).contains(kind);
  }

  @Test
  public void readsAnalysisOfVariance() {
    String[] lines = {
      "Analysis of variance",
      "",
      "Source | SS | df | MS | F | p",
      "Ticket | 12.50 | 2 | 6.25 | 4.21 | .018",
      "Residence | 3.10 | 1 | 3.10 | 2.09 | .151",
      "Error | 147.00 | 99 | 1.48 | |",
      "Total | 162.60 | 102 | | |"
    };
    Recognition read = read(lines);
    assertThat(read.table().measures().stream().map(measure -> measure.kind()))
        .containsExactly(
            MeasureKind.SUM,
            MeasureKind.FREEDOM,
            MeasureKind.STATISTIC,
            MeasureKind.TEST,
            MeasureKind.P);
    assertThat(rows(read)).last().isEqualTo("grand total: Total");
    assertThat(Found.in(lines)).isEmpty();
  }

  @Test
  public void findsTotalsThatDoNotAddUp() {
    List<Finding> found =
        Found.in(
            "Route | 2025 | | 2026 |",
            " | Fares | Passengers | Fares | Passengers",
            "Hale | 10.5 | 120 | 11.5 | 130",
            "Skell | 4.5 | 31 | 5.5 | 32",
            "Total | 15.0 | 151 | 17.5 | 162");
    assertThat(found)
        .map(one -> List.of(one.where().words(), one.is(), one.should(), one.sentence()))
        .containsExactly(
            List.of(
                "D5",
                "17.5",
                "17.0",
                "The total in D5 says 17.5, but the figures that it totals, in rows 3 to 4, add up"
                    + " to 17.0."));
  }

  @Test
  public void allowsForRoundingButNotInCounts() {
    assertThat(
            Found.in(
                "Route | Fares", "Hale | 10.4", "Orrin | 10.4", "Skell | 10.4", "Total | 31.3"))
        .isEmpty();
    assertThat(
            Found.in(
                "Route | Passengers", "Hale | 104", "Orrin | 104", "Skell | 104", "Total | 313"))
        .hasSize(1);
    assertThat(Found.in("Vessel | Mean delay", "Marram | 7.1", "Samphire | 4.1", "Total | 5.9"))
        .isEmpty();
    assertThat(Found.in("Route | Share %", "Hale | 60%", "Skell | 30%", "Total | 100%"))
        .as("a list that is not whole, or a share that is wrong")
        .hasSize(1)
        .noneMatch(Finding::isWrong);
  }

  @Test
  public void findsColumnTotalsThatDoNotAddUp() {
    List<Finding> found =
        Found.in(
            "Passengers by route",
            "",
            "Route | Winter | Summer | Total",
            "Hale | 120 | 230 | 350",
            "Skell | 20 | 30 | 51",
            "Tamsay | 7 | 8 | 15");
    assertThat(found).map(one -> one.where().words()).containsExactly("D5");
    assertThat(found.getFirst().sentence()).contains("columns B to C");
  }

  @Test
  public void obeysCorrections() {
    Grid grid =
        Grid.ofText(
            "Season | Passengers",
            "Winter | 120",
            "Summer | 230",
            "Whole year | 400",
            "Ferry day | 7");
    Corrections none = Corrections.NONE;
    assertThat(rows(Recogniser.recognise(grid, none))).doesNotContain("grand total: Whole year");
    Recognition total =
        Recogniser.recognise(grid, none.withRow(row(grid, 3), LineRole.GRAND_TOTAL));
    assertThat(rows(total)).contains("grand total: Whole year");
    assertThat(total.evidence())
        .anySatisfy(
            one -> {
              assertThat(one.place()).isEqualTo("row 4");
              assertThat(one.because()).contains("you said so");
              assertThat(one.confidence()).isEqualTo(1);
            });
    assertThat(rows(Recogniser.recognise(grid, none.withRow(row(grid, 4), LineRole.LEFT_OUT))))
        .hasSize(3);
    Recognition noted = Recogniser.recognise(grid, none.withRow(row(grid, 4), LineRole.NOTE));
    assertThat(noted.table().words().notes()).map(Object::toString).containsExactly("Ferry day 7");
    Recognition stub = Recogniser.recognise(grid, none.withHeadRows(2));
    assertThat(stub.table().down().leaves()).hasSize(3);
  }

  @Test
  public void aCorrectionCanSayThatARowIsNoTotal() {
    Grid grid = Grid.ofText("Season | Passengers", "Winter | 120", "Summer | 230", "Total | 350");
    Recognition read =
        Recogniser.recognise(grid, Corrections.NONE.withRow(row(grid, 3), LineRole.BODY));
    assertThat(rows(read)).containsExactly("body: Winter", "body: Summer", "body: Total");
  }

  @Test
  public void aCorrectionHoldsInNewNumbersWhereverItsRowStands() {
    Grid before =
        Grid.ofText(
            "Route | Season | Boats",
            "Hale | Winter | 12",
            " | Summer | 30",
            "Skell | Winter | 7",
            " | Ferry day | 5");
    Corrections corrections =
        Corrections.NONE
            .withRow(row(before, 4), LineRole.LEFT_OUT)
            .withRow(row(before, 2), LineRole.SUBTOTAL);
    Grid after =
        Grid.ofText(
            "Route | Season | Boats",
            "Hale | Winter | 13",
            " | Spring | 21",
            " | Summer | 31",
            "Orrin | Winter | 2",
            "Skell | Winter | 8",
            " | Ferry day | 6");
    Recognition read = Recogniser.recognise(after, corrections);
    assertThat(rows(read))
        .containsExactly(
            "body: Hale, Winter",
            "body: Hale, Spring",
            "subtotal: Hale, Summer",
            "body: Orrin, Winter",
            "body: Skell, Winter");
    assertThat(read.unplaced()).isEmpty();
    Recognition gone =
        Recogniser.recognise(
            Grid.ofText("Route | Season | Boats", "Hale | Winter | 13", " | Summer | 3"),
            corrections);
    assertThat(gone.unplaced()).map(Object::toString).containsExactly("“Skell, Ferry day”");
  }

  @Test
  public void aCorrectionCanSayWhereTheStubIs() {
    Grid grid = Grid.ofText("Pier | Berth | Boats", "1 | 1 | 120", "1 | 2 | 230", "2 | 1 | 31");
    assertThat(Recogniser.recognise(grid, Corrections.NONE).stubColumns()).isEqualTo(1);
    Recognition read = Recogniser.recognise(grid, Corrections.NONE.withStubColumns(2));
    assertThat(rows(read)).containsExactly("body: 1, 1", "body: 1, 2", "body: 2, 1");
  }
}
