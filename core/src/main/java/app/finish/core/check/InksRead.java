package app.finish.core.check;

import app.finish.core.style.colour.ColourVision;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;

/// Inks can be read on their fills, in grey print and with colour blindness too.
public final class InksRead implements Check {
  @Override
  public String id() {
    return "inks.read";
  }

  @Override
  public String asks() {
    return "Each ink can be read on what it stands on, by everyone and in grey print";
  }

  @Override
  public String why() {
    return "WCAG 2.2, 1.4.3: a contrast of 4.5, and of 3 for large text.";
  }

  @Override
  public List<Finding> findings(Checked table) {
    List<Finding> findings = new ArrayList<>();
    table
        .cascade()
        .ifPresent(
            cascade ->
                InkPairs.of(cascade).stream()
                    .filter(pair -> !pair.passes())
                    .forEach(pair -> findings.addAll(findings(pair))));
    return findings;
  }

  /// What is wrong with a pair, one finding for each way to see it.
  public List<Finding> findings(InkPairs.Pair pair) {
    List<Finding> findings = new ArrayList<>();
    for (Map.Entry<ColourVision, Double> fails : pair.failing().entrySet()) {
      boolean contrast = pair.wanted() > 0;
      String is = contrast ? String.format(Locale.ROOT, "%.2f : 1", fails.getValue()) : "alike";
      String should = contrast ? String.format(Locale.ROOT, "%.1f : 1", pair.wanted()) : "apart";
      String sentence =
          pair.ink()
              + (contrast ? " on " : " and ")
              + pair.fill()
              + ", "
              + fails.getKey().label().toLowerCase(Locale.ROOT)
              + ": "
              + (contrast ? is + ", not " + should : "they look alike")
              + pair.nearest().map(one -> "; " + one + " would pass").orElse("; no ink passes");
      findings.add(
          new Finding(
              id(),
              new Where.Inks(pair.ink(), pair.fill()),
              is,
              should,
              sentence,
              true,
              mends(pair)));
    }
    return findings;
  }

  /// The nearest ink that passes, where the ink is a role of the palette.
  public static List<Mend> mends(InkPairs.Pair pair) {
    return pair.nearest().stream()
        .filter(nearest -> pair.ink().matches("[a-zA-Z]+"))
        .<Mend>map(
            nearest -> new Mend.Ink("Make " + pair.ink() + " " + nearest, pair.ink(), nearest))
        .toList();
  }
}
