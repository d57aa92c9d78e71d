package app.finish.core.check.demand;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.check.Finding;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.layout.Paper;
import app.finish.core.layout.font.Fonts;
import app.finish.core.note.OwnNote;
import app.finish.core.note.OwnNotes;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.LineRole;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.Touches;
import app.finish.core.table.MeasureKind;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.UnaryOperator;
import org.testng.annotations.Test;

/// Breaches that each check must find, and near misses that it must leave alone: what looks like a
/// breach and is none. Precision and recall over all of them are printed.
public class CheckCorpusTest {
  /// A table and what does not hold of it.
  ///
  /// @param expected the checks that speak, none for a near miss
  private record Case(
      String what, Set<String> expected, List<String> lines, UnaryOperator<Finish> finish) {}

  private static final Fonts FONTS = new Fonts();
  private static final List<Case> CASES = new ArrayList<>();

  private static void breach(String check, String what, String... lines) {
    finished(check, what, UnaryOperator.identity(), lines);
  }

  private static void near(String what, String... lines) {
    finished("", what, UnaryOperator.identity(), lines);
  }

  private static void touched(
      String check, String what, UnaryOperator<Touches> touch, String... lines) {
    finished(check, what, finish -> finish.withTouches(touch.apply(finish.touches())), lines);
  }

  private static void finished(
      String checks, String what, UnaryOperator<Finish> finish, String... lines) {
    Set<String> expected = checks.isEmpty() ? Set.of() : Set.of(checks.split(", "));
    CASES.add(new Case(what, expected, List.of(lines), finish));
  }

  private static UnaryOperator<Finish> highlighted(String sentence) {
    return finish -> finish.withHighlights(List.of(HighlightSentence.read(sentence)));
  }

  /// A row whose role a person says.
  private static UnaryOperator<Finish> said(String row, LineRole role) {
    Anchor anchor = new Anchor(List.of(row), 0);
    return finish -> finish.withCorrections(Corrections.NONE.withRow(anchor, role));
  }

  private static final String[] FARES = {
    "Fares by route", "Route | Winter | Summer", "Hale | 12.5 | 14.5", "Orrin | 11.0 | 15.5"
  };

  private static final String[] SPANNED = {
    "Fares by route",
    " | 2025 | | 2026 |",
    "Route | Winter | Summer | Winter | Summer",
    "Hale | 12.5 | 14.5 | 13.5 | 15.5",
    "Orrin | 11.0 | 15.5 | 12.0 | 16.5"
  };

  private static final String[] STARRED = {
    "Comfort by age",
    "Scale | M | SD | r",
    "Waiting | 3.20 | 1.10 | .31*",
    "Trust | 2.90 | 0.95 | −.05"
  };

  private static final String[] RESULTS = {
    "Comfort by age",
    "Scale | M | SD | r | p",
    "Waiting | 3.20 | 1.10 | .31 | .021",
    "Trust | 2.90 | 0.95 | −.05 | .640"
  };

  private static UnaryOperator<Touches> set(Selector selector, Property property, String to) {
    return touches -> touches.with(selector, property, to);
  }

  private static UnaryOperator<Touches> set(PartName part, Property property, String to) {
    return set(Selector.of(part), property, to);
  }

  static {
    ofArithmetic();
    ofFrame();
    ofFigures();
    ofNotes();
    ofColumns();
    ofSpacing();
    ofSources();
    ofReading();
    ofHeads();
    ofWriting();
    ofMarks();
    ofInks();
    ofTotals();
    ofHighlights();
    ofPlaces();
    ofPages();
    ofItalics();
    ofNoteOrder();
  }

  private static void ofHighlights() {
    for (String sentence : List.of("faint", "on paper", "ink", "on #fdfdfd")) {
      finished("highlights.seen", sentence, highlighted("Winter below 12: " + sentence), FARES);
    }
    finished("highlights.seen", "pale bars", highlighted("Winter always: bar #fafafa"), FARES);
    for (String sentence : List.of("bold", "before “low ”", "bold bad on bad 12%", "#c01010")) {
      finished("", sentence, highlighted("Winter below 12: " + sentence), FARES);
    }
    finished("", "an even tint", highlighted("Winter always: tint paper to #24605c"), FARES);
  }

  private static void ofPlaces() {
    for (String route : List.of("Hale", "Orrin")) {
      finished("", route + " is left out", said(route, LineRole.LEFT_OUT), FARES);
    }
    for (String route : List.of("Orrin", "Skell")) {
      finished(
          "apa.stub-head, figures.have-places",
          route + " heads a group",
          said(route, LineRole.GROUP),
          concat(FARES, "Skell | 9.0 | 8.5", "Marl | 7.0 | 6.5"));
    }
    finished(
        "figures.have-places",
        "a line of spanned figures heads a group",
        said("Orrin", LineRole.GROUP),
        SPANNED);
    String[] yearly = {
      "Fares by route", "Route | 2025 | 2026", "Hale | 12.5 | 14.5", "Orrin | 11.0 | 15.5"
    };
    finished("", "years in heads", UnaryOperator.identity(), yearly);
  }

  private static void ofPages() {
    for (int columns : new int[] {24, 30, 40}) {
      finished("page.holds-table", columns + " columns", UnaryOperator.identity(), wide(columns));
    }
    finished("", "ten columns", UnaryOperator.identity(), wide(10));
    finished("", "a long title", UnaryOperator.identity(), longTitle());
    for (int rows : new int[] {38, 42, 46}) {
      finished("apa.one-page", rows + " rows", UnaryOperator.identity(), tall(rows));
    }
    for (int rows : new int[] {30, 90, 300}) {
      finished("", rows + " rows", UnaryOperator.identity(), tall(rows));
    }
    finished(
        "apa.one-page",
        "room between rows",
        finish ->
            finish.withTouches(
                Touches.NONE.with(Selector.of(PartName.TABLE), Property.PADDING_BELOW, "8 pt")),
        tall(30));
  }

  private static void ofItalics() {
    for (PartName part : List.of(PartName.COLUMN_HEAD, PartName.STUB, PartName.BODY)) {
      finished("apa.symbols", part.label() + " in italics", slanted(part), RESULTS);
    }
    for (PartName part : List.of(PartName.TITLE, PartName.NUMBER, PartName.NOTE)) {
      finished("", part.label() + " in italics", slanted(part), RESULTS);
    }
  }

  private static UnaryOperator<Finish> slanted(PartName part) {
    return finish ->
        finish.withTouches(finish.touches().with(Selector.of(part), Property.SLANT, "italic"));
  }

  private static void ofNoteOrder() {
    String unexplained = "apa.note-letters, apa.note-order";
    finished(unexplained, "a star", noted(OwnNote.Kind.GENERAL, "* p < .05."), STARRED);
    for (String text : new String[] {"*p < .05. **p < .01.", "** p ≤ .01"}) {
      finished(unexplained + ", apa.note-stars", text, noted(OwnNote.Kind.GENERAL, text), STARRED);
    }
    finished("", "stars of their own kind", noted(OwnNote.Kind.PROBABILITY, "*p < .05."), STARRED);
    finished(
        "", "a star in a sentence", noted(OwnNote.Kind.GENERAL, "Stars are p values."), RESULTS);
    finished(
        "", "p in a sentence", noted(OwnNote.Kind.GENERAL, "Where p < .05, n is small."), RESULTS);
  }

  private static UnaryOperator<Finish> noted(OwnNote.Kind kind, String text) {
    return finish -> finish.withNotes(OwnNotes.NONE.with(OwnNote.of(kind, text)));
  }

  private static String[] tall(int rows) {
    String[] lines = new String[rows + 2];
    lines[0] = "Fares by quay";
    lines[1] = "Quay | Winter | Summer";
    for (int i = 0; i < rows; i++) {
      lines[i + 2] = "Quay " + (i + 1) + " | " + (211 + i * 37 % 101) + " | " + (305 + i * 53 % 97);
    }
    return lines;
  }

  private static String[] longTitle() {
    String[] lines = FARES.clone();
    lines[0] = "Fares by route " + "and season of the year ".repeat(12).strip();
    return lines;
  }

  private static String[] wide(int columns) {
    StringBuilder heads = new StringBuilder("Route");
    StringBuilder figures = new StringBuilder("Hale");
    StringBuilder others = new StringBuilder("Orrin");
    for (int i = 0; i < columns; i++) {
      heads.append(" | Quay ").append(i + 1);
      figures.append(" | ").append(101 + i * 7);
      others.append(" | ").append(205 + i * 3);
    }
    return new String[] {"Landings", heads.toString(), figures.toString(), others.toString()};
  }

  private static void ofHeads() {
    breach(
        "apa.stub-head",
        "none under spanners",
        SPANNED[0],
        SPANNED[1],
        " | Winter | Summer | Winter | Summer",
        SPANNED[3],
        SPANNED[4]);
    breach(
        "apa.stub-head",
        "none over results",
        "Tests",
        " | t | df | p",
        "Waiting | 2.10 | 38 | .042",
        "Trust | 0.40 | 38 | .691");
    near(
        "one word over two levels",
        "Fares",
        "Route | Season | Fares",
        "Hale | Winter | 12.5",
        " | Summer | 14.5");
    breach(
        "apa.head-case",
        "capitals in the middle",
        "Costs by route",
        "Route | Cost Per Sailing | Fares",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5");
    near(
        "an abbreviation in a head",
        "Costs by route",
        "Route | Cost in the EU | Fares",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5",
        "Note. EU = European Union.");
    touched(
        "apa.spanner",
        "no rule of its own",
        touches ->
            touches
                .with(Selector.of(PartName.SPANNER), Property.RULE_BELOW, "none")
                .with(Selector.of(PartName.SPANNER), Property.ALIGN, "start"),
        SPANNED);
    breach(
        "apa.spanner",
        "over one column",
        "Fares by route",
        " | 2025 | 2026 |",
        "Route | Winter | Winter | Summer",
        "Hale | 12.5 | 13.5 | 15.5",
        "Orrin | 11.0 | 12.0 | 16.5");
  }

  private static void ofWriting() {
    UnaryOperator<Touches> cells =
        set(new Selector.OfKind(MeasureKind.PERCENT), Property.UNIT_PLACE, "cell");
    touched(
        "apa.units",
        "beside counts",
        cells,
        "Tickets",
        "Ticket | n | Share",
        "Single | 52 | 40.0%",
        "Return | 48 | 36.9%",
        "Season | 30 | 23.1%");
    touched(
        "apa.units",
        "under spanners",
        cells,
        "Shares by route",
        " | 2025 | | 2026 |",
        "Route | Winter | Summer | Winter | Summer",
        "Hale | 12.5% | 14.5% | 13.5% | 15.5%",
        "Orrin | 11.0% | 15.5% | 12.0% | 16.5%");
    near(
        "a percent sign in a head",
        "Tickets",
        "Ticket | n | %",
        "Single | 52 | 52.0",
        "Return | 48 | 48.0");
    near(
        "a percent sign in the title",
        "Fares that are 85% or more of cost",
        FARES[1],
        FARES[2],
        FARES[3]);
    UnaryOperator<Touches> hyphens = set(PartName.BODY, Property.NEGATIVE, "hyphen");
    touched("apa.minus", "of results", hyphens, RESULTS);
    touched(
        "apa.minus",
        "of statistics",
        hyphens,
        "Tests",
        "Scale | t | df | p",
        "Waiting | −2.10 | 38 | .042");
    near("a range", "Ages", "Group | Age | n", "Young | 18–29 | 40", "Old | 60–79 | 38");
    near(
        "a hyphen in a name", "Change", "Route | Change", "Hale-Orrin | −2.5", "Orrin-Skell | 1.5");
    breach(
        "apa.decimals",
        "none and one",
        "Means",
        "Scale | n | M | SD",
        "Waiting | 40 | 3 | 1.1",
        "Trust | 38 | 2.9 | 0.9");
    near(
        "whole counts beside means",
        "Means",
        "Scale | n | M | SD",
        "Waiting | 40 | 3.2 | 1.1",
        "Trust | 38 | 2.9 | 0.9");
    near(
        "measures of other decimals",
        "Means",
        "Scale | n | M | SD | p",
        "Waiting | 40 | 3.2 | 1.1 | .042",
        "Trust | 38 | 2.9 | 0.9 | .691");
  }

  private static void ofMarks() {
    for (String sign : List.of("–", "..")) {
      breach(
          "apa.missing",
          "not explained: " + sign,
          "Landings by quay",
          "Quay | 2025 | 2026",
          "North | 104 | " + sign,
          "South | 38 | 40");
    }
    near(
        "the diagonal of a matrix",
        "Correlations",
        "Scale | 1 | 2 | 3",
        "1. Waiting | — | .31 | .12",
        "2. Trust | .31 | — | .44",
        "3. Crowding | .12 | .44 | —");
    breach("apa.note-letters", "letters of no place", concat(FARES, "a In winter only."));
    near(
        "a mark with its note",
        "Fares by route",
        "Route | Winter | Summer",
        "Hale | 12.5 | 14.5ᵃ",
        "Orrin | 11.0 | 15.5",
        "ᵃ Closed in winter.");
    near(
        "two places of one note",
        "Fares by route",
        "Route | Winter | Summer",
        "Hale | 12.5ᵃ | 14.5ᵃ",
        "Orrin | 11.0 | 15.5",
        "ᵃ Closed in winter.");
    breach(
        "apa.note-stars",
        "three levels of which one occurs",
        "Pairs",
        "Pair | r | n",
        "A with B | .31* | 50",
        "A with C | .11 | 50",
        "* p < .05. ** p < .01. *** p < .001.");
    near(
        "three levels",
        "Pairs",
        "Pair | r | n",
        "A with B | .31* | 50",
        "A with C | .41** | 50",
        "A with D | .51*** | 50",
        "* p < .05. ** p < .01. *** p < .001.");
    breach(
        "apa.abbreviations",
        "two of them",
        "Costs by route",
        "Route | OTP | RPK",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5");
    breach(
        "apa.abbreviations",
        "one of two explained",
        "Costs by route",
        "Route | OTP | RPK",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5",
        "Note. OTP = on-time performance.");
    near("a route of capitals", "Costs by route", "Route | Fares", "A | 12.5", "B | 15.5");
  }

  private static void ofInks() {
    touched("inks.read", "pale figures", set(PartName.BODY, Property.INK, "#bbbbbb"), FARES);
    touched("inks.read", "pale heads", set(PartName.HEADS, Property.INK, "#cccccc"), FARES);
    touched("inks.read", "a pale title", set(PartName.TITLE, Property.INK, "#c0c0ff"), FARES);
    touched("", "a dark blue", set(PartName.HEADS, Property.INK, "#204060"), FARES);
    touched("", "a dark grey", set(PartName.BODY, Property.INK, "#444444"), FARES);
    touched("", "accent", set(PartName.TITLE, Property.INK, "accent"), FARES);
  }

  private static void ofTotals() {
    breach("totals.add-up", "a total", concat(FARES, "Total | 23.5 | 31.0"));
    breach(
        "totals.add-up",
        "a subtotal",
        "Fares by route",
        "Route | Season | Fares",
        "Hale | Winter | 10",
        "Hale | Summer | 20",
        "Hale | Total | 33",
        "Orrin | Winter | 30",
        "Orrin | Summer | 40",
        "Orrin | Total | 70",
        "Skell | Winter | 5",
        "Skell | Summer | 6",
        "Skell | Total | 11");
    near("a total that adds up", concat(FARES, "Total | 23.5 | 30.0"));
    near(
        "rounded",
        "Shares",
        "Route | Share",
        "Hale | 33.3",
        "Orrin | 33.3",
        "Skell | 33.3",
        "Total | 99.9");
    near(
        "a mean of all",
        "Means",
        "Scale | n | M",
        "Waiting | 40 | 3.20",
        "Trust | 40 | 2.90",
        "All scales | 40 | 3.05");
    for (String first : List.of("Orrin", "Skell")) {
      List<String> lines = new ArrayList<>(List.of("Fares by route", "Route | Season | Fares"));
      for (String route : List.of("Hale", "Orrin", "Skell")) {
        List<String> group = new ArrayList<>(List.of("Winter | 10", "Summer | 20"));
        group.add(route.equals(first) ? 0 : 2, "Total | 30");
        group.forEach(line -> lines.add(route + " | " + line));
      }
      breach("access.order", "one of three: " + first, lines.toArray(String[]::new));
    }
  }

  private static void ofSpacing() {
    touched("apa.spacing", "wide lines", set(PartName.TABLE, Property.LINE_HEIGHT, "1.8"), FARES);
    touched("apa.spacing", "wide heads", set(PartName.HEADS, Property.LINE_HEIGHT, "1.5"), FARES);
    touched("apa.spacing", "single title", set(PartName.TITLE, Property.LINE_HEIGHT, "1"), FARES);
    touched("", "double throughout", set(PartName.TABLE, Property.LINE_HEIGHT, "2"), FARES);
    touched("", "one and a half", spaced("1.5"), FARES);
    touched("", "lines a little closer", spaced("1.15"), FARES);
    touched("", "space above rows", set(PartName.BODY, Property.PADDING_ABOVE, "6 pt"), FARES);
  }

  private static UnaryOperator<Touches> spaced(String table) {
    return touches ->
        touches
            .with(Selector.of(PartName.TABLE), Property.LINE_HEIGHT, table)
            .with(Selector.of(PartName.WORDS), Property.LINE_HEIGHT, "2");
  }

  private static void ofSources() {
    breach(
        "apa.source",
        "a line of its own",
        concat(FARES, "Source: Sallow (2021), Fares in the Sound."));
    near("whose data they are", concat(FARES, "Source: Marram Sound Ferries, 2024."));
    breach(
        "apa.source",
        "whose leave",
        concat(
            FARES, "Note. Adapted from “Fares in the Sound,” by R. Sallow, 2021, Coastal Review."));
    breach(
        "apa.source",
        "a year in parentheses",
        concat(FARES, "Note. Fares are in euros. From Sallow (2021)."));
    near(
        "with copyright and permission",
        concat(
            FARES,
            "Note. From “Fares in the Sound,” by R. Sallow, 2021, Coastal Review. Copyright 2021 by"
                + " the Quay Press. Reprinted with permission."));
    near(
        "in the public domain",
        concat(FARES, "Note. Adapted from Sallow (2021). In the public domain."));
    near("from a year on", concat(FARES, "Note. From 2019 on, fares are in euros."));
  }

  private static void ofReading() {
    breach(
        "access.heads",
        "two columns alike",
        "Fares by route",
        "Route | Winter | Winter | Summer",
        "Hale | 12.5 | 14.5 | 9.5",
        "Orrin | 11.0 | 15.5 | 8.0");
    breach(
        "access.heads",
        "two rows alike",
        "Fares by route",
        "Route | Winter | Summer",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5",
        "Hale | 9.5 | 10.5");
    breach(
        "access.heads",
        "a group twice",
        "Fares by route",
        "Route | Season | Fares",
        "Hale | Winter | 12.5",
        " | Winter | 14.5",
        "Orrin | Winter | 11.0",
        " | Summer | 15.5");
    near(
        "alike under other spanners",
        "Fares by route",
        " | 2025 | | 2026 |",
        "Route | Winter | Summer | Winter | Summer",
        "Hale | 12.5 | 14.5 | 13.5 | 15.5",
        "Orrin | 11.0 | 15.5 | 12.0 | 16.5");
    near(
        "alike in other groups",
        "Fares by route",
        "Route | Season | Fares",
        "Hale | Winter | 12.5",
        " | Summer | 14.5",
        "Orrin | Winter | 11.0",
        " | Summer | 15.5");
    near(
        "in other cases of letters",
        "Fares by route",
        "Route | Winter",
        "Hale | 12.5",
        "HALE | 11.0");
    breach(
        "access.order",
        "a subtotal before its group",
        "Fares by route",
        "Route | Season | Fares",
        "Hale | Winter | 10",
        "Hale | Summer | 20",
        "Hale | Total | 30",
        "Orrin | Total | 70",
        "Orrin | Winter | 30",
        "Orrin | Summer | 40");
    near(
        "all behind",
        "Fares by route",
        "Route | Season | Fares",
        "Hale | Winter | 10",
        "Hale | Summer | 20",
        "Hale | Total | 30",
        "Orrin | Winter | 30",
        "Orrin | Summer | 40",
        "Orrin | Total | 70");
    near(
        "all before",
        "Fares by route",
        "Route | Season | Fares",
        "Hale | Total | 30",
        "Hale | Winter | 10",
        "Hale | Summer | 20",
        "Orrin | Total | 70",
        "Orrin | Winter | 30",
        "Orrin | Summer | 40");
  }

  private static void ofColumns() {
    for (String limits : List.of("LL | UL", "Lower | Upper", "Lower limit | Upper limit")) {
      breach(
          "apa.interval",
          "limits under nothing: " + limits,
          "Model",
          "Predictor | b | SE | " + limits,
          "Wind | 3.20 | 0.50 | 2.21 | 4.19",
          "Fog | 1.20 | 0.50 | 0.21 | 2.19",
          "Note. LL = lower limit. UL = upper limit.");
    }
    near(
        "limits under a head",
        "Model",
        "Predictor | b | SE | 95% CI LL | 95% CI UL",
        "Wind | 3.20 | 0.50 | 2.21 | 4.19",
        "Note. CI = confidence interval. LL = lower limit. UL = upper limit.");
    near(
        "limits that the title tells",
        "Model with 95% confidence intervals",
        "Predictor | b | SE | LL | UL",
        "Wind | 3.20 | 0.50 | 2.21 | 4.19",
        "Note. LL = lower limit. UL = upper limit.");
    near(
        "an interval in one column",
        "Model",
        "Predictor | b | SE | 95% CI",
        "Wind | 3.20 | 0.50 | [2.21, 4.19]",
        "Note. CI = confidence interval.");
    breach(
        "apa.redundant",
        "a column twice",
        "Tickets",
        "Ticket | Winter | Sold in winter | Summer",
        "Single | 52 | 52 | 61",
        "Return | 48 | 48 | 59",
        "Season | 25 | 25 | 30");
    breach(
        "apa.redundant",
        "two means alike",
        "Means",
        "Scale | n | M | SD | Mean | Mdn",
        "Waiting | 40 | 3.25 | 1.10 | 3.25 | 3.00",
        "Trust | 40 | 2.95 | 0.95 | 2.95 | 3.00",
        "Crowding | 40 | 3.50 | 0.80 | 3.50 | 3.50");
    breach(
        "apa.redundant",
        "a total that is the same everywhere",
        "Shares of a hundred",
        "Quay | Single | Return | Total",
        "Hale | 40.0 | 60.0 | 100.0",
        "Orrin | 45.0 | 55.0 | 100.0",
        "Skell | 30.5 | 69.5 | 100.0");
    near(
        "the same n everywhere",
        "Means",
        "Scale | n | M | SD",
        "Waiting | 40 | 3.20 | 1.10",
        "Trust | 40 | 2.90 | 0.95",
        "Crowding | 40 | 3.50 | 0.80");
    near(
        "columns that differ in one row",
        "Tickets",
        "Ticket | Winter | Summer",
        "Single | 52 | 52",
        "Return | 48 | 48",
        "Season | 25 | 26");
    near(
        "two rows alike",
        "Tickets",
        "Ticket | Winter | Summer",
        "Single | 52 | 61",
        "Return | 52 | 61",
        "Season | 25 | 26");
  }

  private static void ofArithmetic() {
    breach("arithmetic.possible", "p above 1", "Tests", "Scale | t | p", "Waiting | 2.10 | 1.20");
    breach(
        "arithmetic.possible",
        "SD below zero",
        "Means",
        "Scale | M | SD",
        "Waiting | 3.10 | -1.10");
    breach("arithmetic.possible", "r above 1", "Pairs", "Pair | r | n", "A with B | 1.31 | 40");
    near("a correlation of -.05", "Pairs", "Pair | r | n", "A with B | -.05 | 40");
    near(
        "an odds ratio of 2.43",
        "Odds",
        "Predictor | OR | p",
        "Wind | 2.43 | .021",
        "Note. OR = odds ratio.");
    near("a negative t", "Tests", "Scale | t | df | p", "Waiting | -2.10 | 38 | .042");
    breach(
        "arithmetic.probability", "t", "Tests", "Scale | t | df | p", "Waiting | 2.10 | 38 | .420");
    breach(
        "arithmetic.probability",
        "F",
        "Tests",
        "Scale | F | df1 | df2 | p",
        "Waiting | 4.10 | 2 | 57 | .221");
    breach(
        "arithmetic.probability",
        "χ²",
        "Tests",
        "Scale | χ² | df | p",
        "Waiting | 4.08 | 1 | .430");
    breach("arithmetic.probability", "z", "Tests", "Scale | z | p", "Waiting | 1.96 | .005");
    near("t at the edge of rounding", "Tests", "Scale | t | df | p", "Waiting | 2.02 | 38 | .050");
    near(
        "adjusted for several comparisons",
        "Comparisons (Tukey)",
        "Pair | t | df | p",
        "Hale - Orrin | 2.10 | 38 | .101");
    near(
        "said to be one-sided",
        "Tests",
        "Scale | t | df | p (one-sided)",
        "Waiting | 2.10 | 38 | .021");
    breach(
        "arithmetic.statistic",
        "t of b and SE",
        "Model",
        "Predictor | b | SE | t",
        "Wind | 3.20 | 0.80 | 5.10");
    breach(
        "arithmetic.statistic",
        "negative b",
        "Model",
        "Predictor | b | SE | t",
        "Wind | -3.20 | 0.80 | 4.00");
    breach(
        "arithmetic.statistic",
        "SE of SD and n",
        "Means",
        "Scale | n | M | SD | SE",
        "Waiting | 25 | 3.10 | 1.00 | 0.40");
    near("t within rounding", "Model", "Predictor | b | SE | t", "Wind | 3.20 | 0.80 | 4.02");
    near(
        "an SE that rounds to little",
        "Model",
        "Predictor | b | SE | t",
        "Wind | 0.02 | 0.01 | 2.60");
    near("β beside SE", "Model", "Predictor | β | SE | t", "Wind | .32 | 0.80 | 4.00");
    breach(
        "arithmetic.squares",
        "F",
        "Variance",
        "Source | SS | df | MS | F",
        "Season | 12.40 | 2 | 6.20 | 4.10",
        "Error | 108.00 | 54 | 2.00 | ");
    breach(
        "arithmetic.squares",
        "MS",
        "Variance",
        "Source | SS | df | MS | F",
        "Season | 12.40 | 2 | 8.20 | 3.10",
        "Error | 108.00 | 54 | 2.00 | ");
    breach(
        "arithmetic.squares",
        "MS of the error",
        "Variance",
        "Source | SS | df | MS",
        "Season | 12.40 | 2 | 6.20",
        "Error | 108.00 | 54 | 3.00");
    near(
        "rounded squares",
        "Variance",
        "Source | SS | df | MS | F",
        "Season | 12.4 | 2 | 6.2 | 3.10",
        "Error | 108.0 | 54 | 2.0 | ");
    near(
        "no error told",
        "Variance",
        "Source | SS | df | MS | F",
        "Season | 12.40 | 2 | 6.20 | 4.10");
    breach(
        "arithmetic.freedom",
        "more than n",
        "Tests",
        "Scale | n | t | df",
        "Waiting | 20 | 2.10 | 38");
    breach(
        "arithmetic.freedom",
        "total",
        "Variance",
        "Source | SS | df",
        "Season | 12.40 | 2",
        "Error | 108.00 | 54",
        "Total | 120.40 | 57");
    breach("arithmetic.freedom", "r", "Pairs", "Pair | r | n | df", "A with B | .31 | 20 | 20");
    near("Welch’s", "Tests", "Scale | n | t | df", "Waiting | 40 | 2.10 | 36.71");
    near("n − 1", "Tests", "Scale | n | t | df", "Waiting | 20 | 2.10 | 19");
    near(
        "a total that adds up",
        "Variance",
        "Source | SS | df",
        "Season | 12.40 | 2",
        "Error | 108.00 | 54",
        "Total | 120.40 | 56");
    breach(
        "arithmetic.effect",
        "η²",
        "Variance",
        "Source | SS | η²",
        "Season | 12.40 | .30",
        "Error | 108.00 | ",
        "Total | 120.40 | ");
    breach(
        "arithmetic.effect",
        "partial η²",
        "Variance",
        "Source | SS | partial η²",
        "Season | 12.40 | .25",
        "Error | 108.00 | ");
    breach("arithmetic.effect", "R²", "Models", "Model | R | R²", "One | .50 | .35");
    near(
        "η² within rounding",
        "Variance",
        "Source | SS | η²",
        "Season | 12.40 | .10",
        "Error | 108.00 | ",
        "Total | 120.40 | ");
    near("R² of R", "Models", "Model | R | R²", "One | .50 | .25");
    breach(
        "arithmetic.mean",
        "beyond its range",
        "Means",
        "Scale | n | M | SD | Min | Max",
        "Waiting | 20 | 5.55 | 0.10 | 1 | 5");
    breach(
        "arithmetic.mean",
        "no sum over n",
        "Means",
        "Scale | n | M | SD | Min | Max",
        "Waiting | 20 | 3.47 | 1.10 | 1 | 5");
    breach(
        "arithmetic.mean",
        "SD too large",
        "Means",
        "Scale | n | M | SD | Min | Max",
        "Waiting | 20 | 3.45 | 3.10 | 1 | 5");
    near(
        "whole numbers of 20",
        "Means",
        "Scale | n | M | SD | Min | Max",
        "Waiting | 20 | 3.45 | 1.10 | 1 | 5");
    near(
        "a mean of scales",
        "Means",
        "Scale | n | M | SD | Min | Max",
        "Waiting | 20 | 3.47 | 1.10 | 1.25 | 4.75");
    near(
        "the largest SD",
        "Means",
        "Scale | n | M | SD | Min | Max",
        "Waiting | 20 | 3.00 | 2.05 | 1 | 5");
    breach(
        "arithmetic.interval",
        "estimate outside",
        "Model",
        "Predictor | b | 95% CI",
        "Wind | 3.20 | [1.10, 2.90]",
        "Note. CI = confidence interval.");
    breach(
        "arithmetic.interval",
        "limits turned round",
        "Model",
        "Predictor | b | 95% CI",
        "Wind | 3.20 | [4.10, 2.90]",
        "Note. CI = confidence interval.");
    breach(
        "arithmetic.interval",
        "too wide",
        "Model",
        "Predictor | b | SE | df | 95% CI",
        "Wind | 3.20 | 0.50 | 100 | [1.20, 5.20]",
        "Note. CI = confidence interval.");
    near(
        "follows from SE",
        "Model",
        "Predictor | b | SE | df | 95% CI",
        "Wind | 3.20 | 0.50 | 100 | [2.21, 4.19]",
        "Note. CI = confidence interval.");
    near(
        "of an odds ratio",
        "Model",
        "Predictor | OR | 95% CI",
        "Wind | 1.10 | [0.43, 2.81]",
        "Note. CI = confidence interval. OR = odds ratio.");
    near(
        "bootstrapped",
        "Model",
        "Predictor | b | SE | df | 95% CI",
        "Wind | 3.20 | 0.50 | 100 | [1.20, 4.20]",
        "Note. CI = confidence interval, bootstrapped.");
    breach(
        "arithmetic.percent",
        "of its column",
        "Tickets",
        "Ticket | n | %",
        "Single | 52 | 40.0",
        "Return | 48 | 36.9",
        "Season | 25 | 29.2",
        "Ten trips | 5 | 3.8",
        "Total | 130 | 100.0");
    breach(
        "arithmetic.percent",
        "not to 100",
        "Tickets",
        "Ticket | %",
        "Single | 40.0",
        "Return | 31.5",
        "Season | 25.0",
        "Total | 100.0");
    breach(
        "arithmetic.percent, totals.add-up",
        "a count that changed",
        "Tickets",
        "Ticket | n | %",
        "Single | 52 | 40.0",
        "Return | 44 | 36.9",
        "Season | 25 | 19.2",
        "Ten trips | 5 | 3.8",
        "Ferry card | 0 | 0.0",
        "Total | 130 | 100.0");
    near(
        "of its column",
        "Tickets",
        "Ticket | n | %",
        "Single | 52 | 40.0",
        "Return | 48 | 36.9",
        "Season | 25 | 19.2",
        "Ten trips | 5 | 3.8",
        "Total | 130 | 100.0");
    near(
        "rounded to 99.9",
        "Tickets",
        "Ticket | %",
        "Single | 33.3",
        "Return | 33.3",
        "Season | 33.3",
        "Total | 100.0");
    near(
        "several answers",
        "Tickets",
        "Ticket | %",
        "Single | 61.0",
        "Return | 48.0",
        "Season | 52.0");
    breach("arithmetic.words", "t in a note", concat(FARES, "Note. t(38) = 2.10, p = .420."));
    breach(
        "arithmetic.words",
        "χ² of the counts",
        "Tickets",
        "Ticket | Island | Mainland",
        "Single | 30 | 22",
        "Return | 18 | 30",
        "Note. χ²(1, N = 100) = 6.08, p = .014.");
    breach("arithmetic.words", "r in a note", concat(FARES, "Note. r(48) = .31, p = .300."));
    near("t in a note that follows", concat(FARES, "Note. t(38) = 2.10, p = .042."));
    near(
        "χ² that follows",
        "Tickets",
        "Ticket | Island | Mainland",
        "Single | 30 | 22",
        "Return | 18 | 30",
        "Note. χ²(1, N = 100) = 4.08, p = .043.");
    near(
        "χ² with Yates’s correction",
        "Tickets",
        "Ticket | Island | Mainland",
        "Single | 30 | 22",
        "Return | 18 | 30",
        "Note. χ²(1, N = 100) = 3.31, p = .069.");
  }

  private static String[] concat(String[] lines, String... more) {
    List<String> all = new ArrayList<>(List.of(lines));
    all.addAll(List.of(more));
    return all.toArray(String[]::new);
  }

  private static void ofFrame() {
    touched("apa.number", "not bold", set(PartName.NUMBER, Property.WEIGHT, "regular"), FARES);
    touched("apa.number", "centred", set(PartName.NUMBER, Property.ALIGN, "centre"), FARES);
    touched("apa.number", "none", set(PartName.NUMBER, Property.LEAD_IN, ""), FARES);
    touched("", "another word for table", set(PartName.NUMBER, Property.LEAD_IN, "Tabelle"), FARES);
    touched("apa.title", "upright", set(PartName.TITLE, Property.SLANT, "upright"), FARES);
    touched(
        "apa.title", "as written", set(PartName.TITLE, Property.LETTER_CASE, "as written"), FARES);
    breach("apa.title", "a full stop", "Fares by route.", FARES[1], FARES[2], FARES[3]);
    breach("apa.title", "none", FARES[1], FARES[2], FARES[3]);
    near(
        "small words, pH and a hyphen",
        "pH of sea water at high-tide quays, and in the sound",
        FARES[1],
        FARES[2],
        FARES[3]);
    near("an abbreviation at the end", "Fares within the E.U.", FARES[1], FARES[2], FARES[3]);
    touched("apa.face", "another face", set(PartName.TABLE, Property.FACE, "Papyrus"), FARES);
    touched(
        "apa.face",
        "small notes",
        set(PartName.NOTE, Property.SIZE, "8 pt"),
        concat(FARES, "Note. Fares in euros."));
    touched(
        "apa.face",
        "heads in another face",
        set(PartName.COLUMN_HEAD, Property.FACE, "Arial"),
        FARES);
    touched(
        "",
        "all in Georgia 11",
        touches ->
            touches
                .with(Selector.of(PartName.TABLE), Property.FACE, "Georgia")
                .with(Selector.of(PartName.TABLE), Property.SIZE, "11 pt"),
        FARES);
    touched(
        "apa.rules",
        "vertical",
        set(PartName.TABLE, Property.RULE_BETWEEN_COLUMNS, "0.5 pt ink"),
        FARES);
    touched(
        "apa.rules",
        "between rows",
        set(PartName.BODY, Property.RULE_BETWEEN_ROWS, "0.5 pt ink"),
        FARES);
    touched("apa.rules", "a frame", set(PartName.TABLE, Property.FRAME, "1 pt ink"), FARES);
    touched(
        "",
        "above a total",
        set(PartName.GRAND_TOTAL_ROW, Property.RULE_ABOVE, "0.5 pt ink"),
        concat(FARES, "Total | 23.5 | 30.0"));
    touched(
        "apa.shading", "bands", set(new Selector.Alternate(), Property.FILL, "accent 10%"), FARES);
    touched("apa.shading", "heads", set(PartName.HEADS, Property.FILL, "accent 10%"), FARES);
    touched(
        "apa.shading",
        "totals",
        set(PartName.TOTALS, Property.FILL, "accent 10%"),
        concat(FARES, "Total | 23.5 | 30.0"));
    touched(
        "",
        "explained",
        set(new Selector.Alternate(), Property.FILL, "accent 10%"),
        concat(FARES, "Note. Shaded rows are winter routes."));
    touched("", "in the paper’s colour", set(PartName.HEADS, Property.FILL, "paper"), FARES);
    breach(
        "apa.stub-head",
        "no stub head",
        "Fares by route",
        " | Winter | Summer",
        FARES[2],
        FARES[3]);
    touched(
        "apa.spanner",
        "no rule",
        set(PartName.SPANNER, Property.RULE_BELOW, "none"),
        "Fares by route",
        " | 2025 | | 2026 |",
        "Route | Winter | Summer | Winter | Summer",
        "Hale | 12.5 | 14.5 | 13.5 | 15.5",
        "Orrin | 11.0 | 15.5 | 12.0 | 16.5");
    near(
        "spanners with rules",
        "Fares by route",
        " | 2025 | | 2026 |",
        "Route | Winter | Summer | Winter | Summer",
        "Hale | 12.5 | 14.5 | 13.5 | 15.5",
        "Orrin | 11.0 | 15.5 | 12.0 | 16.5");
  }

  private static void ofFigures() {
    touched(
        "apa.leading-zero",
        "of p",
        set(new Selector.OfKind(MeasureKind.P), Property.ZERO_BEFORE_POINT, "yes"),
        RESULTS);
    touched(
        "apa.leading-zero",
        "of r",
        set(new Selector.OfKind(MeasureKind.CORRELATION), Property.ZERO_BEFORE_POINT, "yes"),
        RESULTS);
    touched(
        "apa.leading-zero",
        "none of SD",
        set(new Selector.OfKind(MeasureKind.DEVIATION), Property.ZERO_BEFORE_POINT, "no"),
        RESULTS);
    near("as asked", RESULTS);
    near(
        "an odds ratio of 0.43",
        "Odds",
        "Predictor | OR | p",
        "Wind | 0.43 | .021",
        "Note. OR = odds ratio.");
    touched(
        "apa.minus",
        "hyphens",
        set(PartName.BODY, Property.NEGATIVE, "hyphen"),
        "Change",
        "Route | Change",
        "Hale | −2.5",
        "Orrin | 1.5");
    near("minus signs", "Change", "Route | Change", "Hale | −2.5", "Orrin | 1.5");
    touched(
        "apa.units",
        "in each cell",
        set(new Selector.OfKind(MeasureKind.PERCENT), Property.UNIT_PLACE, "cell"),
        "Shares by route",
        "Route | Share | Cost",
        "Hale | 12.5% | 3",
        "Orrin | 11.0% | 4");
    near(
        "in the head",
        "Shares by route",
        "Route | Share | Cost",
        "Hale | 12.5% | 3",
        "Orrin | 11.0% | 4");
    breach("apa.p", ".000 in a note", concat(FARES, "Note. t(38) = 5.10, p = .000."));
    breach("apa.p", "0.000 in a note", concat(FARES, "Note. z = 5.10, p = 0.000."));
    near(
        "a figure of nought",
        "Tests",
        "Scale | t | p",
        "Waiting | 5.10 | .000",
        "Trust | 2.10 | .042");
    near("p = .001", concat(FARES, "Note. t(38) = 3.60, p = .001."));
    breach("apa.p", "1.000 in a note", concat(FARES, "Note. t(38) = 0.00, p = 1.000."));
    near("< .001", "Tests", "Scale | t | p", "Waiting | 5.10 | < .001", "Trust | 2.10 | .042");
    breach(
        "apa.decimals",
        "two and one",
        "Means",
        "Scale | n | M | SD",
        "Waiting | 40 | 3.20 | 1.1",
        "Trust | 38 | 2.90 | 0.95");
    breach(
        "apa.decimals",
        "of means",
        "Means",
        "Scale | n | M | SD",
        "Waiting | 40 | 3.2 | 1.10",
        "Trust | 38 | 2.95 | 0.95");
    near(
        "counts with commas for thousands",
        "Landings",
        "Quay | n | M | SD",
        "North | 1,204 | 3.20 | 1.10",
        "South | 38 | 2.90 | 0.95");
  }

  private static void ofNotes() {
    breach(
        "apa.missing",
        "a dash without a note",
        "Fares by route",
        "Route | Winter | Summer",
        "Hale | 12.5 | –",
        "Orrin | 11.0 | 15.5");
    near(
        "a dash that is explained",
        "Fares by route",
        "Route | Winter | Summer",
        "Hale | 12.5 | –",
        "Orrin | 11.0 | 15.5",
        "Note. — = not obtained.");
    near(
        "the F of an error",
        "Variance",
        "Source | SS | df | MS | F",
        "Season | 12.40 | 2 | 6.20 | 3.10",
        "Error | 108.00 | 54 | 2.00 | ");
    breach(
        "apa.abbreviations",
        "not explained",
        "Costs by route",
        "Route | RPK | Fares",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5");
    near(
        "explained",
        "Costs by route",
        "Route | RPK | Fares",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5",
        "Note. RPK = revenue per kilometre.");
    near(
        "known to all",
        "Comfort",
        "Scale | M | SD",
        "Waiting | 3.20 | 1.10",
        "Trust | 2.90 | 0.95");
    breach("apa.note-letters", "a note of no mark", concat(FARES, "ᵃ Closed in winter."));
    breach(
        "apa.note-letters",
        "a mark without a note",
        "Fares by route",
        "Route | Winter | Summer",
        "Hale | 12.5 | 14.5*",
        "Orrin | 11.0 | 15.5");
    breach(
        "apa.note-stars",
        "turned round",
        "Pairs",
        "Pair | r | n",
        "A with B | .31* | 50",
        "A with C | .51** | 50",
        "* p < .01. ** p < .05.");
    breach(
        "apa.note-stars",
        "a level that does not occur",
        "Pairs",
        "Pair | r | n",
        "A with B | .31* | 50",
        "A with C | .11 | 50",
        "* p < .05. ** p < .01.");
    near(
        "two levels",
        "Pairs",
        "Pair | r | n",
        "A with B | .31* | 50",
        "A with C | .51** | 50",
        "* p < .05. ** p < .01.");
    breach(
        "apa.head-case",
        "title case",
        "Costs by route",
        "Route | Running Cost | Fares",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5");
    breach(
        "apa.head-case",
        "of a statistic",
        "Tests",
        "Scale | Mean Difference | SE",
        "Waiting | 0.31 | 0.15");
    near(
        "names",
        "Costs by route",
        "Route | Sea Holly | Marram Sound",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5");
    near(
        "sentence case",
        "Costs by route",
        "Route | Running cost | Fares per head",
        "Hale | 12.5 | 14.5",
        "Orrin | 11.0 | 15.5");
    near(
        "stars that are explained",
        "Pairs",
        "Pair | r | n",
        "A with B | .31* | 50",
        "A with C | .11 | 50",
        "* p < .05.");
  }

  private static Set<String> found(Case one) {
    Document document =
        Document.EMPTY.withAdded(
            new Source("corpus", Grid.ofText(one.lines.toArray(String[]::new))),
            one.finish.apply(Finish.in("APA 7")));
    Inspection inspection =
        new Inspection(
                _ -> StyleBook.of(List.of(ApaStyle.STYLE)), Formulas.NONE, Checks::demandedBy)
            .on(Paper.A4, FONTS);
    Set<String> found = new TreeSet<>();
    for (Finding finding : inspection.of(document, 0)) {
      found.add(finding.check());
    }
    return found;
  }

  @Test
  public void breachesAreFoundAndNearMissesLeftAlone() {
    int right = 0;
    int wanted = 0;
    int said = 0;
    List<String> wrong = new ArrayList<>();
    for (Case one : CASES) {
      Set<String> found = found(one);
      Set<String> both = new HashSet<>(found);
      both.retainAll(one.expected);
      right += both.size();
      wanted += one.expected.size();
      said += found.size();
      if (!found.equals(one.expected)) {
        wrong.add(one.what + ": " + found + " instead of " + one.expected);
      }
    }
    double precision = (double) right / said;
    double recall = (double) right / wanted;
    System.out.printf(
        "Checks: precision %.3f, recall %.3f on %d tables; wrong: %s%n",
        precision, recall, CASES.size(), wrong);
    assertThat(precision).as("%s", wrong).isGreaterThanOrEqualTo(0.98);
    assertThat(recall).as("%s", wrong).isGreaterThanOrEqualTo(0.98);
  }
}
