package app.finish.formats.finish;

import app.finish.core.problem.Problem;
import app.finish.core.problem.Refusal;
import app.finish.core.tally.Bins;
import app.finish.core.tally.DatePart;
import app.finish.core.tally.HeldAt;
import app.finish.core.tally.Member;
import app.finish.core.tally.MissingAnswers;
import app.finish.core.tally.Plan;
import app.finish.core.tally.Question;
import app.finish.core.tally.SignificanceTest;
import app.finish.core.tally.TallyDimension;
import app.finish.core.tally.TallyFunction;
import app.finish.core.tally.TallyMeasure;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

/// The plan of a tally as JSON, the way a document keeps it. docs/file-format.md describes it.
public final class PlanJson {
  private static final ObjectMapper JSON = new ObjectMapper();

  private PlanJson() {}

  static ObjectNode write(Plan plan) {
    ObjectNode node = JSON.createObjectNode();
    node.put("question", plan.question().word());
    dimensions(node.putArray("down"), plan.down());
    dimensions(node.putArray("across"), plan.across());
    ArrayNode held = node.putArray("held");
    for (HeldAt one : plan.held()) {
      ObjectNode at = dimension(held.addObject(), one.dimension());
      switch (one.member()) {
        case Member.Missing _ -> at.putNull("member");
        case Member.Number number -> at.put("member", number.number());
        case Member.Text text -> at.put("member", text.text());
      }
    }
    ArrayNode measures = node.putArray("measures");
    plan.measures().forEach(measure -> measure(measures.addObject(), measure));
    node.put("where", plan.where());
    node.put("weight", plan.weight());
    node.put("missing", plan.missing().word());
    node.put("measuresDown", plan.measuresDown());
    ArrayNode tests = node.putArray("tests");
    plan.tests().forEach(test -> tests.add(test.word()));
    return node;
  }

  private static void dimensions(ArrayNode nodes, List<TallyDimension> dimensions) {
    dimensions.forEach(one -> dimension(nodes.addObject(), one));
  }

  private static ObjectNode dimension(ObjectNode node, TallyDimension dimension) {
    node.put("column", dimension.column());
    node.put("name", dimension.name());
    node.put("totalled", dimension.totalled());
    switch (dimension.bins()) {
      case Bins.None _ -> {}
      case Bins.Width width -> {
        node.put("width", width.width()).put("start", width.start());
        node.put("whole", width.whole());
      }
      case Bins.Cuts cuts -> {
        ArrayNode points = node.putArray("cuts");
        cuts.points().forEach(points::add);
        node.put("whole", cuts.whole());
      }
      case Bins.Dates dates -> node.put("by", dates.part().word());
    }
    return node;
  }

  private static void measure(ObjectNode node, TallyMeasure measure) {
    node.put("name", measure.name());
    switch (measure) {
      case TallyMeasure.Worked worked -> {
        node.put("function", worked.function().word()).put("column", worked.column());
        if (worked.function() == TallyFunction.QUANTILE) {
          node.put("share", worked.share());
        }
      }
      case TallyMeasure.Percent percent ->
          node.put("percentOf", percent.base().word()).put("column", percent.column());
      case TallyMeasure.Calculated calculated -> node.put("expression", calculated.expression());
    }
  }

  /// The plan in a document.
  ///
  /// @param name what the document is called in messages
  static Plan read(JsonNode node, String name) throws Problem {
    try {
      Set<SignificanceTest> tests = new TreeSet<>();
      for (JsonNode test : node.path("tests")) {
        tests.add(SignificanceTest.of(test.asText()).orElseThrow(() -> GridJson.damaged(name)));
      }
      List<HeldAt> held = new ArrayList<>();
      for (JsonNode one : node.path("held")) {
        JsonNode member = one.path("member");
        held.add(
            new HeldAt(
                dimension(one),
                member.isNumber()
                    ? Member.of(member.asDouble())
                    : member.isTextual() ? Member.of(member.asText()) : Member.MISSING));
      }
      List<TallyMeasure> measures = new ArrayList<>();
      for (JsonNode one : node.path("measures")) {
        measures.add(measure(one, name));
      }
      return new Plan(
          dimensions(node.path("down")),
          dimensions(node.path("across")),
          held,
          measures,
          node.path("where").asText(""),
          node.path("weight").asText(""),
          MissingAnswers.of(node.path("missing").asText("apart")),
          node.path("measuresDown").asBoolean(),
          tests,
          Question.of(node.path("question").asText("tally")));
    } catch (Refusal e) {
      throw GridJson.damaged(name);
    }
  }

  private static List<TallyDimension> dimensions(JsonNode nodes) {
    List<TallyDimension> dimensions = new ArrayList<>();
    nodes.forEach(node -> dimensions.add(dimension(node)));
    return dimensions;
  }

  private static TallyDimension dimension(JsonNode node) {
    Bins bins = Bins.NONE;
    if (node.has("width")) {
      bins =
          new Bins.Width(
              node.path("width").asDouble(),
              node.path("start").asDouble(),
              node.path("whole").asBoolean());
    } else if (node.has("cuts")) {
      List<Double> points = new ArrayList<>();
      node.path("cuts").forEach(point -> points.add(point.asDouble()));
      bins = Bins.cuts(points, node.path("whole").asBoolean());
    } else if (node.has("by")) {
      bins = new Bins.Dates(DatePart.of(node.path("by").asText()));
    }
    String column = node.path("column").asText("");
    return new TallyDimension(
        column, bins, node.path("totalled").asBoolean(true), node.path("name").asText(column));
  }

  private static TallyMeasure measure(JsonNode node, String name) throws Problem {
    String called = node.path("name").asText("");
    String column = node.path("column").asText("");
    if (node.has("expression")) {
      return new TallyMeasure.Calculated(node.path("expression").asText(), called);
    }
    if (node.has("percentOf")) {
      String base = node.path("percentOf").asText().toUpperCase(java.util.Locale.ROOT);
      return new TallyMeasure.Percent(TallyMeasure.Base.valueOf(base), column, called);
    }
    Optional<TallyFunction> function = TallyFunction.of(node.path("function").asText(""));
    return new TallyMeasure.Worked(
        function.orElseThrow(() -> GridJson.damaged(name)),
        column,
        node.path("share").asDouble(0.5),
        called);
  }
}
