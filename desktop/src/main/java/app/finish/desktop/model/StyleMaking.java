package app.finish.desktop.model;

import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.desktop.kit.Texts;

/// Makes styles of the document's own: based on the one that is worn, of the touches, from scratch.
/// The table at hand wears what was made, and what is changed from then on goes into it.
///
/// ```java
/// new StyleMaking(desk).fromScratch("Quay house");
/// ```
public final class StyleMaking {
  private final Desk desk;
  private final Dressing dressing;

  public StyleMaking(Desk desk) {
    this.desk = desk;
    this.dressing = desk.dressing();
  }

  /// What a style based on the one that is worn is called, unless a person names it.
  public String ownName() {
    return Texts.of("dress.ownName", dressing.worn().name());
  }

  private String free(String name, String otherwise) {
    return dressing.freeName(name.isBlank() ? otherwise : name.strip());
  }

  /// Makes one that is based on the style that is worn.
  ///
  /// @param name what it is called; may be blank
  public void based(String name) {
    make(dressing.worn().derived(free(name, ownName())));
  }

  /// Makes one with the paper's inks, figures on their decimal mark, and a number.
  ///
  /// @param name what it is called; may be blank
  public void fromScratch(String name) {
    make(
        HouseStyle.blank(free(name, Texts.of("make.scratchName")))
            .withPalette(dressing.styles().named("Plain").orElseThrow().palette())
            .with(Selector.of(PartName.NUMBER), Property.LEAD_IN, "Table")
            .with(Selector.of(PartName.COLUMN_HEAD), Property.ALIGN, "end")
            .with(Selector.of(PartName.SPANNER), Property.ALIGN, "centre")
            .with(Selector.of(PartName.BODY), Property.ALIGN, "decimal"));
  }

  /// Makes the touches of this table a style.
  ///
  /// @param name what it is called; may be blank
  public void ofTouches(String name) {
    boolean any =
        dressing.touches().each().stream()
            .map(Touches.Touch::selector)
            .anyMatch(one -> !(one instanceof Selector.OfPlace));
    if (any) {
      dressing.makeOfTouches(free(name, ownName()));
    } else {
      desk.tell(new Refusal(Texts.of("make.noTouches")));
    }
  }

  private void make(HouseStyle style) {
    dressing.make(Texts.of("change.makeStyle", style.name()), style);
    dressing.looksGoProperty().set(LookScope.STYLE);
    desk.say(Texts.of("notice.made", style.name()));
  }
}
