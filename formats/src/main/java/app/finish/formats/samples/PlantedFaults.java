package app.finish.formats.samples;

import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.core.table.MeasureKind;
import app.finish.formats.Sources;
import java.io.IOException;

/// A table of the demo that breaks what APA 7 asks for in twelve ways, and in three figures its own
/// arithmetic. docs/check.md walks through it.
final class PlantedFaults {
  /// The *t* of crowding was mistyped, the *p* of trust is of another test, and the mean of comfort
  /// is none that 52 whole numbers can have.
  private static final String TABLE =
      """
      Waiting comfort, trust and crowding on the ferries.
      Scale,n,M,SD,Min,Max,Mean difference,SE,t,df,p,Share
      Comfort,52,3.24,1.10,1,5,0.23,0.15,1.53,51,0.132,40.0%
      Trust,48,2.94,0.95,1,5,-0.31,0.14,-2.21,47,0.320,36.9%
      Crowding (RPK),30,4.1,0.88,1,5,1.10,0.16,9.68,29,0.000,23.1%
      Not answered,5,–,–,–,–,–,–,–,–,–,–
      """;

  private PlantedFaults() {}

  static Document added(Document document) throws IOException {
    Source source = Sources.readText(TABLE).getFirst();
    Touches touches =
        Touches.NONE
            .with(Selector.of(PartName.NUMBER), Property.WEIGHT, "regular")
            .with(Selector.of(PartName.TITLE), Property.SLANT, "upright")
            .with(Selector.of(PartName.TITLE), Property.LETTER_CASE, "as written")
            .with(Selector.of(PartName.TABLE), Property.RULE_BETWEEN_COLUMNS, "0.5 pt ink")
            .with(new Selector.Alternate(), Property.FILL, "#dfe9e4")
            .with(Selector.of(PartName.BODY), Property.NEGATIVE, "hyphen")
            .with(new Selector.OfKind(MeasureKind.P), Property.ZERO_BEFORE_POINT, "yes")
            .with(new Selector.OfKind(MeasureKind.PERCENT), Property.UNIT_PLACE, "cell");
    return document.withAdded(source, Finish.in("APA 7").withTouches(touches));
  }
}
