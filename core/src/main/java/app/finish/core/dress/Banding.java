package app.finish.core.dress;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import java.util.List;

/// Which rows or columns bear the alternate tint.
///
/// ```java
/// Banding.PLAIN.tints(2); // the second, the fourth …
/// ```
///
/// @param every one of so many bands bears it, at least 1
/// @param together how many rows or columns a band has, at least 1
/// @param from the first that bears it, counted from 1
/// @param anew whether each group is counted anew
/// @param totals whether totals are counted, and may bear it
public record Banding(int every, int together, int from, boolean anew, boolean totals) {
  /// Every other one, counted anew in each group, without the totals.
  public static final Banding PLAIN = new Banding(2, 1, 2, true, false);

  /// No tint.
  public static final Banding NONE = new Banding(1, 1, Integer.MAX_VALUE, true, false);

  /// The banding that a look asks for.
  static Banding of(Look look) {
    return new Banding(
        Integer.parseInt(look.setting(Property.EVERY)),
        Integer.parseInt(look.setting(Property.TOGETHER)),
        Integer.parseInt(look.setting(Property.FROM)),
        look.setting(Property.COUNTED).equals("in groups"),
        look.setting(Property.OVER).equals("totals"));
  }

  /// The alternate tint that a style asks for.
  static Banding of(Cascade cascade, Selector alternate) {
    return cascade.knows(alternate)
        ? Banding.of(cascade.look(List.of(Selector.of(PartName.TABLE), alternate)))
        : Banding.NONE;
  }

  /// Whether one bears the tint.
  ///
  /// @param index its place, counted from 1
  public boolean tints(int index) {
    return index >= from && (index - from) % (every * together) < together;
  }
}
