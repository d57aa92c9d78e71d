package app.finish.core.check;

import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Show;
import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.ColourVision;
import app.finish.core.style.colour.Light;
import app.finish.core.style.colour.Palette;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.BiPredicate;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/// Highlights can be read and told apart from what is not highlighted: in grey print, with colour
/// blindness, and on a dark screen that turns light and dark round.
public final class HighlightsSeen implements Check {
  private static final double TEXT = 4.5;
  private static final double APART = 0.05;

  /// What tells a figure apart without its colour.
  private static final Set<Property> SHAPES =
      EnumSet.of(
          Property.WEIGHT,
          Property.SLANT,
          Property.UNDERLINE,
          Property.STRIKE,
          Property.SIZE,
          Property.FACE,
          Property.BEFORE,
          Property.AFTER,
          Property.INSTEAD,
          Property.RULE_ABOVE,
          Property.RULE_BELOW,
          Property.RULE_LEFT,
          Property.RULE_RIGHT);

  /// A way to see colours.
  private record Sight(String label, UnaryOperator<Colour> of) {}

  private static final List<Sight> READ =
      Arrays.stream(ColourVision.values())
          .map(one -> new Sight(one.label().toLowerCase(Locale.ROOT), one::of))
          .toList();

  private static final List<Sight> ALL =
      Stream.concat(READ.stream(), Stream.of(new Sight("dark screen", Light::turned))).toList();

  @Override
  public String id() {
    return "highlights.seen";
  }

  @Override
  public String asks() {
    return "Each highlight can be read, and told from what is not highlighted, by everyone, in grey"
        + " print and on a dark screen";
  }

  @Override
  public String why() {
    return "WCAG 2.2, 1.4.1: colour is not the only means; 1.4.3: a contrast of 4.5.";
  }

  @Override
  public List<Finding> findings(Checked table) {
    List<Finding> findings = new ArrayList<>();
    table
        .cascade()
        .ifPresent(
            cascade ->
                table.highlights().stream()
                    .filter(Highlight::on)
                    .forEach(highlight -> findings.addAll(findings(highlight, cascade))));
    return findings;
  }

  /// What is not seen of one highlight over a style.
  public List<Finding> findings(Highlight highlight, Cascade cascade) {
    Palette palette = cascade.palette();
    Look body = cascade.look(Part.of(PartName.BODY).way());
    return switch (highlight.show()) {
      case Show.Flag(Map<Property, String> settings) -> flag(highlight, settings, body, palette);
      case Show.Tint(List<String> inks, List<Double> _, boolean _) ->
          apart(
              highlight,
              inks.getFirst(),
              inks.getLast(),
              palette.colour(inks.getFirst()),
              palette.colour(inks.getLast()),
              "its ends look alike");
      case Show.Bar bar ->
          apart(
              highlight,
              bar.ink(),
              "paper",
              palette.colour(bar.ink()),
              palette.colour("paper"),
              "its bars can't be seen");
      case Show.Signs signs ->
          new HashSet<>(signs.signs()).size() < signs.signs().size()
              ? List.of(
                  finding(
                      highlight,
                      "sign",
                      "sign",
                      "two of its signs have one shape; give each band its own"))
              : List.of();
      case Show.Trend _ -> List.of();
    };
  }

  private List<Finding> flag(
      Highlight highlight, Map<Property, String> settings, Look body, Palette palette) {
    String inkName = settings.getOrDefault(Property.INK, body.setting(Property.INK));
    String fillName = settings.getOrDefault(Property.FILL, body.setting(Property.FILL));
    String ground = fillName.equals("none") ? "paper" : fillName;
    Colour fill = palette.colour(ground);
    Colour ink = inkName.equals("readable") ? palette.readableOn(fill) : palette.colour(inkName);
    List<Finding> findings =
        new ArrayList<>(
            seen(
                highlight,
                inkName,
                ground,
                ink,
                fill,
                READ,
                (one, other) -> Light.contrast(one, other) >= TEXT,
                inkName + " on " + ground + " can't be read"));
    boolean shaped =
        settings.entrySet().stream()
            .anyMatch(
                one ->
                    SHAPES.contains(one.getKey())
                        && !one.getValue().equals(body.setting(one.getKey())));
    Colour plainFill = body.fill().orElse(palette.colour("paper"));
    if (!shaped) {
      List<String> alike = new ArrayList<>();
      for (Sight sight : ALL) {
        double inks = Light.distance(sight.of.apply(ink), sight.of.apply(body.ink()));
        double fills = Light.distance(sight.of.apply(fill), sight.of.apply(plainFill));
        if (Math.max(inks, fills) < APART) {
          alike.add(sight.label);
        }
      }
      if (!alike.isEmpty()) {
        findings.add(
            finding(
                highlight,
                inkName,
                ground,
                String.join(", ", alike)
                    + ": it looks like what is not highlighted; make it bold, or give it a sign"));
      }
    }
    return findings;
  }

  private List<Finding> apart(
      Highlight highlight, String one, String other, Colour first, Colour second, String sentence) {
    return seen(
        highlight,
        one,
        other,
        first,
        second,
        ALL,
        (a, b) -> Light.distance(a, b) >= APART,
        sentence);
  }

  /// A finding for the ways to see in which two colours do not do.
  private List<Finding> seen(
      Highlight highlight,
      String one,
      String other,
      Colour first,
      Colour second,
      List<Sight> sights,
      BiPredicate<Colour, Colour> does,
      String sentence) {
    List<String> failing = new ArrayList<>();
    for (Sight sight : sights) {
      if (!does.test(sight.of.apply(first), sight.of.apply(second))) {
        failing.add(sight.label);
      }
    }
    return failing.isEmpty()
        ? List.of()
        : List.of(finding(highlight, one, other, String.join(", ", failing) + ": " + sentence));
  }

  private Finding finding(Highlight highlight, String one, String other, String sentence) {
    String capital = Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1) + ".";
    return new Finding(
        id(),
        new Where.Inks(one, other),
        "",
        "",
        "“" + highlight.title() + "”. " + capital,
        true,
        List.of());
  }
}
