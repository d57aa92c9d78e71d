package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// JSON-stat holds each figure once, at the place that its dimensions say.
public class StatisticalDataSentTest {
  @DataProvider
  public Object[][] documents() throws IOException {
    return new Object[][] {
      {ManyTables.demo("APA 7", true)},
      {ManyTables.demo("Plain", false)},
      {ManyTables.hostile("Plain")},
      {Given.sailings("Plain")}
    };
  }

  private static JsonNode read(Document document) throws IOException {
    return new ObjectMapper().readTree(Given.sent(document, OutputFormat.JSON_STAT).toFile());
  }

  private static List<JsonNode> datasets(JsonNode root) {
    List<JsonNode> all = new ArrayList<>();
    if (root.get("class").asText().equals("collection")) {
      root.at("/link/item").forEach(all::add);
    } else {
      all.add(root);
    }
    return all;
  }

  @Test(dataProvider = "documents")
  public void eachFigureIsThereOnce(Document document) throws IOException {
    List<JsonNode> datasets = datasets(read(document));
    for (int i = 0; i < datasets.size(); i++) {
      Table table = ManyTables.sent(document).tables().get(i).table();
      List<Double> figures = new ArrayList<>();
      for (int row = 0; row < table.body().rows(); row++) {
        for (int column = 0; column < table.body().columns(); column++) {
          if (table.body().at(row, column) instanceof Value.Numeric one) {
            // The format knows one zero.
            figures.add(one.number() + 0.0);
          }
        }
      }
      List<Double> there = new ArrayList<>();
      datasets.get(i).get("value").forEach(one -> there.add(one.asDouble()));
      assertThat(there).containsExactlyInAnyOrderElementsOf(figures);
    }
  }

  /// Sizes are those of the categories, and no place is beyond them.
  @Test(dataProvider = "documents")
  public void theShapeIsAsTheDimensionsSay(Document document) throws IOException {
    for (JsonNode dataset : datasets(read(document))) {
      assertThat(dataset.get("version").asText()).isEqualTo("2.0");
      long size = 1;
      for (int i = 0; i < dataset.get("id").size(); i++) {
        String id = dataset.get("id").get(i).asText();
        JsonNode category = dataset.at("/dimension").get(id).get("category");
        assertThat(category.get("index")).hasSize(dataset.get("size").get(i).asInt());
        assertThat(category.get("label")).hasSize(dataset.get("size").get(i).asInt());
        size *= category.get("index").size();
      }
      for (var figure : dataset.get("value").properties()) {
        assertThat(Long.parseLong(figure.getKey())).isBetween(0L, size - 1);
      }
    }
  }

  /// A figure of a table that is known stands where the definition of the format says.
  @Test
  public void aFigureStandsAtItsMembers() throws IOException {
    JsonNode dataset = read(Given.sailings("Plain"));
    int place = 0;
    List<String> members = List.of("Hale–Orrin", "Summer", "2026", "Fares");
    for (int i = 0; i < dataset.get("id").size(); i++) {
      JsonNode category =
          dataset.at("/dimension").get(dataset.get("id").get(i).asText()).get("category");
      int at = -1;
      for (int j = 0; j < category.get("index").size(); j++) {
        String label = category.get("label").get(category.get("index").get(j).asText()).asText();
        at = members.contains(label) ? j : at;
      }
      place = place * dataset.get("size").get(i).asInt() + at;
    }
    assertThat(dataset.get("value").get("" + place).asDouble()).isEqualTo(1300.0);
  }
}
