package app.finish.core.check.demand;

import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.MeasureKind;

/// A style of the name that the manual's checks go by, for tests.
final class ApaStyle {
  private static final Palette PAPER =
      Palette.NONE
          .with("ink", Colour.parse("#000000"))
          .with("paper", Colour.parse("#ffffff"))
          .with("accent", Colour.parse("#204060"));

  static final HouseStyle STYLE =
      HouseStyle.blank("APA 7")
          .withPalette(PAPER)
          .with(Selector.of(PartName.TABLE), Property.SIZE, "12 pt")
          .with(Selector.of(PartName.TABLE), Property.FACE, "Times New Roman")
          .with(Selector.of(PartName.TABLE), Property.MISSING, "—")
          .with(Selector.of(PartName.WORDS), Property.LINE_HEIGHT, "2")
          .with(Selector.of(PartName.NUMBER), Property.LEAD_IN, "Table")
          .with(Selector.of(PartName.NUMBER), Property.WEIGHT, "bold")
          .with(Selector.of(PartName.TITLE), Property.SLANT, "italic")
          .with(Selector.of(PartName.TITLE), Property.LETTER_CASE, "title")
          .with(Selector.of(PartName.NOTE), Property.LEAD_IN, "Note.")
          .with(Selector.of(PartName.HEADS), Property.RULE_BELOW, "0.5 pt ink")
          .with(Selector.of(PartName.SPANNER), Property.RULE_BELOW, "0.5 pt ink spanned")
          .with(new Selector.OfKind(MeasureKind.P), Property.ZERO_BEFORE_POINT, "no")
          .with(new Selector.OfKind(MeasureKind.P), Property.DECIMALS, "3")
          .with(new Selector.OfKind(MeasureKind.CORRELATION), Property.ZERO_BEFORE_POINT, "no")
          .with(new Selector.OfKind(MeasureKind.PERCENT), Property.UNIT_PLACE, "head");

  private ApaStyle() {}
}
