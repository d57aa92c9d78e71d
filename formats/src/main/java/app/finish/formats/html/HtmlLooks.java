package app.finish.formats.html;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.layout.CellBox;
import app.finish.core.layout.Proof;
import app.finish.core.style.InkedLook;
import app.finish.core.style.Look;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.colour.Palette;
import java.util.Arrays;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

/// The looks of a dressed table as CSS: by day in its own inks, by night in others where there are
/// some. Many cells look the same, so what was worked out is remembered.
final class HtmlLooks {
  private final Proof proof;
  private final Palette day;
  private final Palette night;
  private final Map<DressedCell, CellBox> boxes;
  private final Map<Look, Map<Place, HtmlLook>> known = new IdentityHashMap<>();
  private final Map<Look, Look> inked = new IdentityHashMap<>();
  private final Map<Look, List<String>> highlights = new IdentityHashMap<>();
  private final Last[] last;
  private final Map<String, HtmlLook> inks = new HashMap<>();

  /// What else decides how a cell looks.
  private record Place(
      boolean figure, double left, double right, double standing, RuleLine above, RuleLine below) {
    static final Place NONE = new Place(false, 0, 0, 0, RuleLine.NONE, RuleLine.NONE);
  }

  /// What was asked for last in a column: most cells look like the one above.
  private record Last(Optional<Look> look, Place place, HtmlLook css) {}

  /// @param night the inks on a dark page; those of the table where it stays on its paper
  HtmlLooks(Proof proof, Palette night) {
    this.proof = proof;
    this.day = proof.dressed().palette();
    this.night = night;
    this.last = new Last[Math.max(1, proof.columns().size())];
    Arrays.fill(last, new Last(Optional.empty(), Place.NONE, HtmlLook.of("")));
    this.boxes =
        new IdentityHashMap<>(proof.pages().stream().mapToInt(page -> page.boxes().size()).sum());
    for (Proof.Page page : proof.pages()) {
      page.boxes().forEach(box -> boxes.put(box.cell(), box));
    }
  }

  /// The proof whose looks these are.
  Proof proof() {
    return proof;
  }

  /// The look that a text of CSS is in the inks of either page.
  HtmlLook in(Function<Palette, String> css) {
    String own = css.apply(day);
    return night.equals(day) ? HtmlLook.of(own) : HtmlLook.of(own, css.apply(night));
  }

  /// A text in an ink of its own.
  HtmlLook ink(String ink) {
    return inks.computeIfAbsent(ink, key -> in(inks -> "color: " + inks.colour(key)));
  }

  /// The table itself: its paper, its width, its frame.
  HtmlLook table() {
    double width = proof.columns().stream().mapToDouble(Proof.Column::width).sum();
    return in(
        inks ->
            "border-collapse: collapse; width: "
                + points(width)
                + "; background: "
                + inks.colour("paper")
                + "; --paper: "
                + inks.colour("paper")
                + frame(proof.dressed(), inks));
  }

  /// A frame as a shadow without blur, which rounds its corners over collapsed borders.
  private static String frame(Dressed dressed, Palette inks) {
    String asked = dressed.root().setting(Property.FRAME);
    if (asked.equals("none")) {
      return "";
    }
    RuleLine line = RuleLine.parse(asked);
    return "; box-shadow: 0 0 0 "
        + points(line.weight())
        + " "
        + inks.colour(line.ink())
        + "; border-radius: "
        + points(dressed.root().points(Property.RADIUS));
  }

  /// The box of the words above the table.
  HtmlLook caption() {
    return in(inks -> "text-align: left; caption-side: top; background: " + inks.colour("paper"));
  }

  /// A line of words around the table.
  HtmlLook words(DressedCell cell) {
    Look look = cell.look();
    double sides = look.fill().isEmpty() ? 0 : look.sides();
    return in(
        inks -> {
          Look own = inked(look, inks);
          String fill = own.fill().map(colour -> "; background: " + colour).orElse("");
          String padding = padding(look, sides, sides);
          return text(own) + "; text-align: left; padding: " + padding + fill;
        });
  }

  /// A cell.
  ///
  /// @param end the last row that it reaches over
  HtmlLook cell(DressedRow row, DressedRow end, DressedCell cell) {
    Look look = cell.look();
    boolean figure = cell.place() instanceof CellMeaning.Body;
    double right = look.sides();
    if (figure && isRight(look)) {
      Proof.Column column = proof.columns().get(cell.column());
      CellBox box = boxes.get(cell);
      right = box == null ? Math.max(0, column.width() - column.end()) : Math.max(0, box.gap());
    }
    RuleLine own = look.ruleBelow();
    boolean gapped = own.reach() == RuleLine.Reach.SPANNED;
    Place place =
        new Place(
            figure,
            look.sides() + cell.indent() * look.indent(),
            right,
            cell.standing(row.band()),
            cell.own(look.ruleAbove().orHeavier(row.above().rule())),
            cell.own((gapped ? RuleLine.NONE : own).orHeavier(end.below().rule())));
    Last above = last[Math.min(cell.column(), last.length - 1)];
    if (above.look.orElse(null) != look || !above.place.equals(place)) {
      HtmlLook css =
          known
              .computeIfAbsent(look, key -> new HashMap<>())
              .computeIfAbsent(place, key -> in(inks -> css(inked(look, inks), key, inks)));
      above = new Last(Optional.of(look), place, css);
      last[Math.min(cell.column(), last.length - 1)] = above;
    }
    return above.css;
  }

  /// The names of the highlights that lie on cells of a look.
  List<String> highlights(Look look) {
    return highlights.computeIfAbsent(look, HtmlMarks::names);
  }

  /// The box inside a cell whose rule below has a gap to its neighbours.
  HtmlLook gapped(RuleLine rule) {
    return in(
        inks -> {
          StringBuilder style = new StringBuilder("padding-bottom: 1pt");
          rule(style, "bottom", rule, inks);
          return style.toString();
        });
  }

  private Look inked(Look look, Palette inks) {
    return inks == day ? look : inked.computeIfAbsent(look, key -> InkedLook.of(key, inks));
  }

  private static boolean isRight(Look look) {
    return switch (look.align()) {
      case END, DECIMAL, DECIMAL_CENTRE -> true;
      case START, CENTRE -> false;
    };
  }

  private static String css(Look look, Place place, Palette inks) {
    String align = isRight(look) ? "right" : look.align() == Look.Align.CENTRE ? "center" : "left";
    StringBuilder style = new StringBuilder(text(look));
    style.append("; text-align: ").append(align);
    style
        .append("; vertical-align: ")
        .append(place.standing == 1 ? "bottom" : place.standing == 0 ? "top" : "middle");
    if (look.rowHeight() > 0) {
      style.append("; height: ").append(points(look.rowHeight()));
    }
    if (look.shortened()) {
      style.append(
          "; white-space: nowrap; overflow: hidden; text-overflow: ellipsis; max-width: 0");
    }
    style.append("; padding: ").append(padding(look, place.left, place.right));
    look.fill().ifPresent(fill -> style.append("; background: ").append(fill));
    if (place.figure) {
      style.append(HtmlMarks.bar(look, inks));
    }
    rule(style, "top", place.above, inks);
    rule(style, "bottom", place.below, inks);
    rule(style, "left", look.ruleLeft(), inks);
    rule(style, "right", look.ruleRight(), inks);
    return style.toString();
  }

  private static String text(Look look) {
    return "font: "
        + (look.italic() ? "italic " : "")
        + (look.bold() ? "bold " : "normal ")
        + points(look.size())
        + "/"
        + look.lineHeight()
        + " '"
        + look.face().replaceAll("[^\\p{L}\\p{N} ._-]", "")
        + "'"
        + generic(look.face())
        + "; color: "
        + look.ink()
        + decoration(look);
  }

  private static String decoration(Look look) {
    String strike = look.setting(Property.STRIKE).equals("single") ? " line-through" : "";
    String under =
        switch (look.underline()) {
          case NONE -> "";
          case SINGLE -> " underline";
          case DOUBLE -> strike.isEmpty() ? " underline double" : " underline";
        };
    return under.isEmpty() && strike.isEmpty() ? "" : "; text-decoration:" + under + strike;
  }

  private static String generic(String face) {
    boolean serif = face.startsWith("Times") || face.equals("Georgia");
    return serif
        ? ", 'Liberation Serif', serif"
        : face.equals("Calibri") ? ", Carlito, sans-serif" : ", 'Liberation Sans', sans-serif";
  }

  private static String padding(Look look, double left, double right) {
    return points(look.above())
        + " "
        + points(right)
        + " "
        + points(look.below())
        + " "
        + points(left);
  }

  private static void rule(StringBuilder style, String side, RuleLine rule, Palette inks) {
    if (rule.isDrawn()) {
      style
          .append("; border-")
          .append(side)
          .append(": ")
          .append(points(rule.weight()))
          .append(
              rule.kind() == RuleLine.Kind.SINGLE
                  ? " solid "
                  : rule.kind() == RuleLine.Kind.DOUBLE ? " double " : " dotted ")
          .append(inks.colour(rule.ink()));
    }
  }

  /// A length as CSS.
  static String points(double value) {
    double rounded = Math.round(value * 100) / 100.0;
    return (rounded == Math.rint(rounded) ? "" + (long) rounded : "" + rounded) + "pt";
  }
}
