package app.finish.core;

import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.StyleBook;
import app.finish.core.style.colour.Colour;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.MeasureKind;
import java.util.List;
import java.util.Map;

/// Styles for tests: a base with a style on it.
public final class TestStyles {
  private TestStyles() {}

  /// "Base", and "House" based on it.
  public static StyleBook book() {
    HouseStyle base =
        new HouseStyle(
                "Base",
                "",
                false,
                new Palette(
                    Map.of(
                        "ink", Colour.parse("#101010"),
                        "paper", Colour.parse("#ffffff"),
                        "accent", Colour.parse("#204060"))),
                Map.of())
            .with(Selector.of(PartName.TABLE), Property.SIZE, "10 pt")
            .with(Selector.of(PartName.TABLE), Property.FACE, "Times New Roman")
            .with(Selector.of(PartName.WORDS), Property.PADDING_SIDES, "0 pt")
            .with(Selector.of(PartName.NUMBER), Property.LEAD_IN, "Table")
            .with(Selector.of(PartName.NOTE), Property.LEAD_IN, "Note.")
            .with(Selector.of(PartName.HEADS), Property.RULE_ABOVE, "1 pt ink")
            .with(Selector.of(PartName.HEADS), Property.RULE_BELOW, "0.5 pt ink")
            .with(Selector.of(PartName.SPANNER), Property.RULE_BELOW, "0.5 pt accent spanned")
            .with(Selector.of(PartName.SPANNER), Property.ALIGN, "centre")
            .with(Selector.of(PartName.COLUMN_HEAD), Property.ALIGN, "end")
            .with(Selector.of(PartName.BODY), Property.ALIGN, "decimal")
            .with(Selector.of(PartName.BODY), Property.RULE_BELOW, "1 pt ink")
            .with(Selector.of(PartName.TOTALS), Property.WEIGHT, "bold");
    HouseStyle house =
        base.derived("House")
            .with(Selector.of(PartName.TABLE), Property.STUB_FORM, "indented")
            .with(Selector.of(PartName.TABLE), Property.FACE, "Calibri")
            .with(Selector.of(PartName.TITLE), Property.SIZE, "120%")
            .with(Selector.of(PartName.TITLE), Property.LETTER_CASE, "title")
            .with(Selector.of(PartName.GRAND_TOTAL_ROW), Property.FILL, "accent")
            .with(Selector.of(PartName.GRAND_TOTAL_ROW), Property.INK, "paper")
            .with(Selector.of(PartName.SUBTOTAL_ROW), Property.RULE_ABOVE, "0.5 pt accent 50%")
            .with(new Selector.Alternate(), Property.FILL, "accent 10%")
            .with(new Selector.OfKind(MeasureKind.PERCENT), Property.UNIT_PLACE, "head")
            .with(new Selector.OfKind(MeasureKind.PERCENT), Property.DECIMALS, "1")
            .with(new Selector.OfMeasure("Fares"), Property.DECIMALS, "0");
    return StyleBook.of(List.of(base, house));
  }
}
