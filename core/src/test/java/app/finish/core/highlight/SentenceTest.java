package app.finish.core.highlight;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.Seeds;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A highlight says itself in a sentence, and the sentence says the highlight.
public class SentenceTest {
  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(400);
  }

  @Test(dataProvider = "seeds")
  public void whatIsSaidIsReadAgain(long seed) {
    Highlight highlight = any(new Random(seed));
    String sentence = HighlightSentence.of(highlight);
    assertThat(HighlightSentence.read(sentence)).as(sentence).isEqualTo(highlight);
    assertThat(HighlightSentence.of(HighlightSentence.read(sentence))).isEqualTo(sentence);
  }

  @Test
  public void sentencesAsPeopleWriteThem() {
    Highlight low = HighlightSentence.read("Cost recovery below 85: bold bad on bad 12%");
    assertThat(low.where()).isEqualTo(Region.EVERYWHERE.withMeasures(List.of("Cost recovery")));
    assertThat(low.when())
        .isEqualTo(new Condition.Compared(Condition.Sign.BELOW, new Operand.Number(85)));
    assertThat(low.show())
        .isEqualTo(
            new Show.Flag(
                Map.of(Property.WEIGHT, "bold", Property.INK, "bad", Property.FILL, "bad 12%")));
    assertThat(HighlightSentence.read("everything, totals too, negative: bad").where())
        .isEqualTo(Region.EVERYWHERE.in(true, true, true));
    assertThat(
            HighlightSentence.read(
                    "Passengers, in Season “Winter” or “Summer”, below the mean of its row: italic,"
                        + " the row")
                .reach())
        .isEqualTo(Reach.ROW);
    assertThat(HighlightSentence.read("Share when at most 12.5 %: on accent 20%").when())
        .isEqualTo(new Condition.Compared(Condition.Sign.AT_MOST, new Operand.Number(12.5)));
    assertThat(HighlightSentence.read("Fares below Running cost: struck").when())
        .isEqualTo(
            new Condition.Compared(Condition.Sign.BELOW, new Operand.OfMeasure("Running cost")));
    assertThat(HighlightSentence.read("Depth (m) or Let (% of berths) always: bold").where())
        .isEqualTo(Region.EVERYWHERE.withMeasures(List.of("Depth (m)", "Let (% of berths)")));
    assertThat(HighlightSentence.read("Fares (below 3 or above 9): bold").where())
        .isEqualTo(Region.EVERYWHERE.withMeasures(List.of("Fares")));
    assertThat(HighlightSentence.read("Load where {value > 80 && Season == 'Winter'}: bold").when())
        .isEqualTo(new Condition.Expression("value > 80 && Season == 'Winter'"));
  }

  @DataProvider
  public Object[][] wrong() {
    return new Object[][] {
      {"", "a measure is expected"},
      {"Fares", "a condition is expected"},
      {"Fares blow 85: bold", "place"},
      {"Fares below: bold", "a number or a measure is expected"},
      {"Fares below 85", "a colon is expected"},
      {"Fares below 85:", "what to show is expected"},
      {"Fares below 85: bold, the cellar", "the cell, the row"},
      {"Fares below 85: bold bad good", "an ink was said already"},
      {"Fares among the middle 3: bold", "top or bottom"},
      {"Fares below “85: bold", "not closed"},
      {"Fares below 85: size big", "Size can't be"},
      {"Fares between 1: bold", "and is expected"},
      {"Fares always: tint bad", "two or three inks"},
      {"Fares always: sign up down at 1, 2", "bounds between them"},
      {"Fares (below 85: bold", "closing bracket"},
      {"below 85: bold", "a measure is expected"}
    };
  }

  @Test(dataProvider = "wrong")
  public void whatCantBeReadIsToldWithItsPlace(String sentence, String told) {
    assertThatThrownBy(() -> HighlightSentence.read(sentence))
        .isInstanceOf(Refusal.class)
        .hasMessageContaining(told);
  }

  static Highlight any(Random random) {
    Region where = Region.EVERYWHERE;
    if (random.nextBoolean()) {
      where =
          where.withMeasures(
              some(random, List.of("Fares", "Cost recovery", "n in winter", "p or q", "SD")));
    }
    if (random.nextBoolean()) {
      where =
          where.withMembers("Season", some(random, List.of("Winter", "High summer", "a ”b” c")));
    }
    if (random.nextInt(4) == 0) {
      where = where.withMembers(random.nextBoolean() ? "" : "Route and way", List.of("Hale–Orrin"));
    }
    if (random.nextInt(4) == 0) {
      where =
          where.withUnder(
              List.of(
                  new Region.Under(List.of(List.of("North", "in “a”"), List.of("South"))),
                  new Region.Under(List.of(List.of("2024")))));
    }
    if (random.nextInt(4) == 0) {
      where = where.withLevels(some(random, List.of("Route", "Level of “use”", "2")));
    }
    boolean body = random.nextInt(4) > 0;
    where = where.in(body, !body || random.nextBoolean(), !body && random.nextBoolean());
    String name = random.nextBoolean() ? "" : "Low = “bad”";
    Reach reach = Reach.values()[random.nextInt(4)];
    return Highlight.of(name, where, condition(random, 2), show(random), reach);
  }

  private static List<String> some(Random random, List<String> all) {
    List<String> some = new ArrayList<>(all);
    java.util.Collections.shuffle(some, random);
    return some.subList(0, 1 + random.nextInt(2));
  }

  static Condition condition(Random random, int depth) {
    Scope scope = Scope.values()[random.nextInt(4)];
    Condition.Sign sign = Condition.Sign.values()[random.nextInt(6)];
    double number =
        random.nextInt(5) == 0 ? random.nextInt(2000) - 1000 : random.nextInt(100) / 4.0;
    return switch (random.nextInt(depth > 0 ? 16 : 12)) {
      case 0 -> new Condition.Always();
      case 1, 2 -> new Condition.Compared(sign, operand(random, number));
      case 3 -> new Condition.Between(number, number + random.nextInt(50));
      case 4 ->
          new Condition.Outermost(
              random.nextBoolean(), 1 + random.nextInt(9), random.nextBoolean(), scope);
      case 5 -> new Condition.FarFromMean(random.nextInt(8) / 2.0, scope);
      case 6 -> new Condition.Changed(sign, number, random.nextBoolean(), random.nextBoolean());
      case 7 -> new Condition.Missing();
      case 8 -> random.nextBoolean() ? new Condition.IsNumber() : new Condition.IsText();
      case 9 -> new Condition.Contains("n/a \\ ”x”");
      case 10 -> new Condition.OneOf(List.of("yes", "not, at all"));
      case 11 -> new Condition.Expression("value < 85 && !total");
      case 12 -> new Condition.Not(condition(random, depth - 1));
      case 13 ->
          new Condition.All(List.of(condition(random, depth - 1), condition(random, depth - 1)));
      default ->
          new Condition.Any(
              List.of(
                  condition(random, depth - 1),
                  condition(random, depth - 1),
                  condition(random, 0)));
    };
  }

  private static Operand operand(Random random, double number) {
    return switch (random.nextInt(4)) {
      case 0 -> new Operand.OfMeasure("Running cost and fares");
      case 1 -> new Operand.AtMember(random.nextBoolean() ? "" : "Season of year", "Last winter");
      case 2 ->
          new Operand.OfMany(
              Operand.Statistic.values()[random.nextInt(3)], Scope.values()[random.nextInt(4)]);
      default -> new Operand.Number(number);
    };
  }

  private static Show show(Random random) {
    String ink = List.of("bad", "accent 40%", "good").get(random.nextInt(3));
    return switch (random.nextInt(5)) {
      case 0 ->
          random.nextBoolean()
              ? new Show.Tint(List.of("paper", ink), List.of(), true)
              : new Show.Tint(
                  List.of("bad 30%", "paper", ink),
                  random.nextBoolean() ? List.of() : List.of(1.0, 2.5, -4.0));
      case 1 ->
          new Show.Bar(
              ink, "bad", Show.Bar.Scale.values()[random.nextInt(3)], random.nextBoolean());
      case 2 ->
          new Show.Signs(
              List.of("down", "flat", "up"),
              random.nextBoolean() ? List.of() : List.of(-2.0, 2.0),
              random.nextBoolean() ? "ink" : ink,
              Show.Signs.Stand.values()[random.nextInt(3)]);
      case 3 -> new Show.Trend(ink);
      default -> flag(random, ink);
    };
  }

  private static Show flag(Random random, String ink) {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    settings.put(Property.INK, ink);
    Map<Property, List<String>> possible = new EnumMap<>(Property.class);
    possible.put(Property.WEIGHT, List.of("bold", "regular"));
    possible.put(Property.SLANT, List.of("italic", "upright"));
    possible.put(Property.UNDERLINE, List.of("single", "double", "none"));
    possible.put(Property.STRIKE, List.of("single", "none"));
    possible.put(Property.FILL, List.of("bad 12%", "accent"));
    possible.put(Property.BEFORE, List.of("about ", "the row"));
    possible.put(Property.AFTER, List.of(" (late)", "”"));
    possible.put(Property.INSTEAD, List.of("few", ""));
    possible.put(Property.DECIMALS, List.of("1", "as written"));
    possible.put(Property.SIZE, List.of("110%", "9.5 pt"));
    possible.put(Property.FACE, List.of("Times New Roman"));
    possible.put(Property.LARGE_NUMBERS, List.of("thousands", "in full", "as large"));
    possible.put(Property.ALIGN, List.of("centre"));
    possible.put(Property.RULE_BELOW, List.of("0.5 pt ink double"));
    possible.forEach(
        (property, choices) -> {
          if (random.nextInt(4) == 0) {
            settings.put(property, choices.get(random.nextInt(choices.size())));
          }
        });
    return new Show.Flag(settings);
  }
}
