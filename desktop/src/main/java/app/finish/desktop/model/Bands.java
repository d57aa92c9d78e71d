package app.finish.desktop.model;

import app.finish.core.style.Cascade;
import app.finish.core.style.Look;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.desktop.kit.Texts;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Bands of rows or of columns: whether the table at hand has them, and turning them on and off.
///
/// @param word `rows` or `columns`
/// @param selector what is set for every second band
public record Bands(String word, Selector selector) {
  private static final String TINT = "accent 10%";

  /// Bands of rows, and bands of columns.
  public static final List<Bands> ALL =
      List.of(
          new Bands("rows", new Selector.Alternate()),
          new Bands("columns", new Selector.AlternateColumns()));

  /// What they are called.
  public String label() {
    return Texts.of("bands." + word);
  }

  private List<Selector> way() {
    return List.of(Selector.of(PartName.TABLE), Selector.of(PartName.BODY), selector);
  }

  /// The look of a cell in such a band.
  public Look look(Cascade cascade) {
    return cascade.look(way());
  }

  /// Whether they differ from what lies between them.
  public boolean isOn(Cascade cascade) {
    Look plain = cascade.look(way().subList(0, 2));
    Look look = look(cascade);
    return cascade.knows(selector)
        && (!look.fill().equals(plain.fill()) || !look.ink().equals(plain.ink()));
  }

  /// Gives them a tint, or makes them what lies between them.
  public void turn(Dressing dressing, boolean on) {
    Look plain = dressing.cascade().look(way().subList(0, 2));
    Map<Property, String> settings =
        on
            ? Map.of(Property.FILL, TINT)
            : Map.of(
                Property.FILL,
                plain.setting(Property.FILL),
                Property.INK,
                plain.setting(Property.INK));
    dressing.looks().changeAll(List.of(selector), settings, Optional.of(Texts.of("bands.name")));
  }
}
