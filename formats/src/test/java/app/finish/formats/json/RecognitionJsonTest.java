package app.finish.formats.json;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.check.Checked;
import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.said.Corrections;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.Test;

public class RecognitionJsonTest {
  private static JsonNode json(String... lines) throws IOException {
    Grid grid = Grid.ofText(lines);
    String text =
        RecognitionJson.write(
            "fares.csv", List.of(Checked.of(Recogniser.recognise(grid, Corrections.NONE), grid)));
    return new ObjectMapper().readTree(text);
  }

  private static final String[] PIVOT = {
    "Fares by route",
    "(in thousands)",
    "Year: 2026",
    "",
    "Route | Season | Fares | Passengers",
    "Hale–Orrin | Winter | €12.50 | 120",
    " | Summer | €2.00 | n/a",
    "Hale–Orrin total | | €14.50 | 120",
    "Skell | Winter | €1.25 | –",
    " | Summer | €1.00 |",
    "Skell total | | €2.25 | ",
    "Grand total | | €16.75 | 120",
    "Note. Rounded.",
    "Source: Records"
  };

  @Test
  public void keepsItsShape() throws IOException {
    JsonNode root = json(PIVOT);
    assertThat(root.path("source").asText()).isEqualTo("fares.csv");
    JsonNode table = root.path("tables").get(0);
    List<String> names = new ArrayList<>();
    table.fieldNames().forEachRemaining(names::add);
    assertThat(names)
        .containsExactly(
            "title",
            "units",
            "held",
            "notes",
            "stubHead",
            "rows",
            "columns",
            "cells",
            "evidence",
            "findings",
            "figures");
    assertThat(table.path("title").asText()).isEqualTo("Fares by route");
    assertThat(table.path("units").asText()).isEqualTo("in thousands");
    assertThat(table.path("held").toString()).isEqualTo("[\"Year: 2026\"]");
    assertThat(table.path("notes").toString()).isEqualTo("[\"Rounded.\",\"Source: Records\"]");
    assertThat(table.path("stubHead").toString()).isEqualTo("[\"Route\",\"Season\"]");
    assertThat(table.path("rows").get(0).toString())
        .isEqualTo("{\"part\":\"body\",\"level\":1,\"headings\":[\"Hale–Orrin\",\"Winter\"]}");
    assertThat(table.path("rows").get(2).toString())
        .isEqualTo("{\"part\":\"subtotalRow\",\"level\":1,\"headings\":[\"Hale–Orrin total\"]}");
    assertThat(table.path("rows").get(6).toString())
        .isEqualTo("{\"part\":\"grandTotalRow\",\"level\":1,\"headings\":[\"Grand total\"]}");
    assertThat(table.path("columns").get(0).toString())
        .isEqualTo(
            "{\"part\":\"body\",\"headings\":[\"Fares\"],\"measure\":{\"name\":\"Fares\",\"kind\":\"sum\",\"unit\":\"€\"}}");
    assertThat(table.path("cells").get(0).toString())
        .isEqualTo("[{\"value\":12.5,\"written\":\"€12.50\"},{\"value\":120,\"written\":\"120\"}]");
    assertThat(table.path("cells").get(1).get(1).toString()).isEqualTo("{\"text\":\"n/a\"}");
    assertThat(table.path("cells").get(3).get(1).toString())
        .isEqualTo("{\"missing\":\"dash\",\"written\":\"–\"}");
    assertThat(table.path("cells").get(4).get(1).toString()).isEqualTo("{\"missing\":\"blank\"}");
    assertThat(table.path("findings").toString()).isEqualTo("[]");
  }

  @Test
  public void groupRowsStandInPlaceWithBlankCells() throws IOException {
    JsonNode table =
        json("Route | 2025 | 2026", "Hale", "  Winter | 1 | 2", "  Summer | 3 | 5")
            .path("tables")
            .get(0);
    assertThat(table.path("rows").get(0).toString())
        .isEqualTo("{\"part\":\"groupRow\",\"level\":1,\"headings\":[\"Hale\"]}");
    assertThat(table.path("cells").get(0).toString())
        .isEqualTo("[{\"missing\":\"blank\"},{\"missing\":\"blank\"}]");
    assertThat(table.path("rows")).hasSameSizeAs(table.path("cells"));
  }
}
