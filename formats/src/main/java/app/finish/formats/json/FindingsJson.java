package app.finish.formats.json;

import app.finish.core.check.Check;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.check.demand.Checks;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.List;

/// Findings as JSON, of our own shape and as SARIF 2.1.0 (the Static Analysis Results Interchange
/// Format of OASIS), which editors and builds read. docs/check.md describes both.
///
/// ```java
/// FindingsJson.of(List.of(new FindingsJson.OfTable(1, "fares.csv", findings)));
/// ```
public final class FindingsJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private FindingsJson() {}

  /// What was found in one table.
  ///
  /// @param number its number in the document; 0 for the manuscript that the tables go with
  /// @param name what its source is called
  public record OfTable(int number, String name, List<Finding> findings) {
    /// Copies the list.
    public OfTable {
      findings = List.copyOf(findings);
    }

    private String place(Finding finding) {
      String where = finding.where().words();
      return number > 0 ? "Table " + number + ", " + where : where;
    }
  }

  /// The findings of tables as JSON text.
  public static String of(List<OfTable> tables) {
    ObjectNode root = JSON.createObjectNode();
    ArrayNode all = root.putArray("tables");
    for (OfTable table : tables) {
      ObjectNode node = all.addObject();
      node.put("number", table.number());
      node.put("source", table.name());
      ArrayNode findings = node.putArray("findings");
      table.findings().forEach(one -> findings.add(finding(one)));
    }
    return text(root);
  }

  private static ObjectNode finding(Finding finding) {
    ObjectNode node = JSON.createObjectNode();
    node.put("check", finding.check());
    node.put("where", finding.where().words());
    node.put("is", finding.is());
    node.put("should", finding.should());
    node.put("sentence", finding.sentence());
    node.put("wrong", finding.isWrong());
    ArrayNode mends = node.putArray("mends");
    finding.mends().stream().map(Mend::words).forEach(mends::add);
    return node;
  }

  /// The findings of tables as SARIF.
  ///
  /// @param checks what was asked
  /// @param file the file that was checked, as it was named
  public static String sarif(List<OfTable> tables, Checks checks, String file) {
    ObjectNode root = JSON.createObjectNode();
    root.put("$schema", "https://json.schemastore.org/sarif-2.1.0.json");
    root.put("version", "2.1.0");
    ObjectNode run = root.putArray("runs").addObject();
    ObjectNode driver = run.putObject("tool").putObject("driver");
    driver.put("name", "Finish");
    ArrayNode rules = driver.putArray("rules");
    for (Check check : checks.checks()) {
      ObjectNode rule = rules.addObject();
      rule.put("id", check.id());
      rule.putObject("shortDescription").put("text", check.asks() + ".");
      rule.putObject("fullDescription").put("text", check.why());
    }
    ArrayNode results = run.putArray("results");
    for (OfTable table : tables) {
      for (Finding finding : table.findings()) {
        ObjectNode result = results.addObject();
        result.put("ruleId", finding.check());
        result.put("level", finding.isWrong() ? "warning" : "note");
        result.putObject("message").put("text", finding.sentence());
        ObjectNode location = result.putArray("locations").addObject();
        location.putObject("physicalLocation").putObject("artifactLocation").put("uri", uri(file));
        location
            .putArray("logicalLocations")
            .addObject()
            .put("fullyQualifiedName", table.place(finding));
      }
    }
    return text(root);
  }

  private static String uri(String file) {
    return file.replace("%", "%25").replace(" ", "%20").replace('\\', '/');
  }

  private static String text(ObjectNode root) {
    try {
      return JSON.writerWithDefaultPrettyPrinter().writeValueAsString(root);
    } catch (JsonProcessingException e) {
      throw new IllegalStateException(e);
    }
  }
}
