package app.finish.desktop.model;

import app.finish.core.document.Document;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Cascade;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Look;
import app.finish.core.style.Part;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.RuleLine;
import app.finish.core.style.Selector;
import app.finish.core.style.Touches;
import app.finish.core.style.colour.Colour;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/// Sets properties of looks for the table at hand or in its style, in one place or several, and
/// hands them back. What is done at once is one step, which can be undone.
///
/// ```java
/// desk.dressing().looks().change(Selector.of(PartName.HEADS), Property.WEIGHT, "bold");
/// ```
public final class LookEdits {
  private final Desk desk;
  private final Dressing dressing;

  LookEdits(Desk desk, Dressing dressing) {
    this.desk = desk;
    this.dressing = dressing;
  }

  /// Sets a property, on this table or in the style; says what is wrong with the setting if it
  /// can't be.
  ///
  /// @return whether it could be set
  public boolean change(Selector selector, Property property, String setting) {
    return change(List.of(selector), property, setting);
  }

  /// Sets a property in several places as one step.
  ///
  /// @return whether it could be set
  public boolean change(List<Selector> selectors, Property property, String setting) {
    return changeAll(selectors, Map.of(property, setting), Optional.empty());
  }

  /// The rule on a side of what is set together, or between its rows or columns, of the first of
  /// several places.
  ///
  /// @param ways for each place what is set from the table to it
  public RuleLine rule(List<Selector> selectors, List<List<Selector>> ways, Property property) {
    Selector first = selectors.getFirst();
    return Cascade.isEdge(first, property)
        ? dressing.cascade().edge(first, property).map(Map.Entry::getKey).orElse(RuleLine.NONE)
        : RuleLine.parse(dressing.cascade().look(ways.getFirst()).setting(property));
  }

  /// Sets several properties in several places as one step.
  ///
  /// @param name what they are together; without it the first one's name stands for them
  /// @return whether they could be set
  public boolean changeAll(
      List<Selector> selectors, Map<Property, String> settings, Optional<String> name) {
    try {
      settings.forEach(Property::check);
      settings.forEach(this::checkRole);
      String first = settings.keySet().iterator().next().label();
      String label = Texts.of("change.property", name.orElse(first), named(selectors));
      Touches touches = dressing.touches();
      List<Dressing.StyleChange> changes = new ArrayList<>();
      for (Selector selector : selectors) {
        for (Map.Entry<Property, String> set : settings.entrySet()) {
          if (goesIntoStyle(selector)) {
            changes.add(intoStyle(selector, set.getKey(), set.getValue()));
          } else {
            touches = touches.with(selector, set.getKey(), set.getValue());
          }
        }
      }
      put(label, touches, changes);
      return true;
    } catch (Refusal e) {
      desk.tell(e);
      return false;
    }
  }

  /// What is set for the table is set for all that is in it.
  private Dressing.StyleChange intoStyle(Selector selector, Property property, String setting) {
    boolean everywhere = selector.equals(Selector.of(PartName.TABLE));
    if (onBoard()) {
      return everywhere
          ? style -> style.withEverywhereOnBoard(property, setting)
          : style -> style.withOnBoard(selector, property, setting);
    }
    return everywhere
        ? style -> style.withEverywhere(property, setting)
        : style -> style.with(selector, property, setting);
  }

  private boolean onBoard() {
    return dressing.looksGoProperty().get() == LookScope.BOARD;
  }

  private Dressing.StyleChange outOfStyle(Selector selector, Property property) {
    return onBoard()
        ? style -> style.withoutOnBoard(selector, property)
        : style -> style.without(selector, property);
  }

  /// What the style that is worn sets for a place, on paper or on a board.
  private Map<Property, String> worn(Selector selector) {
    HouseStyle worn = dressing.worn();
    return (onBoard() ? worn.board() : worn.settings()).getOrDefault(selector, Map.of());
  }

  /// @throws app.finish.core.problem.Refusal if the palette has no such role
  private void checkRole(Property property, String setting) {
    String ink = property.isRule() ? RuleLine.parse(setting).ink() : setting;
    boolean plain = property.isRule() || property == Property.INK || property == Property.FILL;
    String role = ink.split(" ")[0];
    boolean known =
        ink.startsWith("#")
            || List.of("none", "readable", "mix").contains(role)
            || dressing.cascade().palette().roles().containsKey(role);
    if (plain && !known) {
      throw new Refusal(
          Texts.of(
              "ink.unknown",
              role,
              String.join(", ", dressing.cascade().palette().roles().keySet())));
    }
  }

  /// Makes a colour a role of the document's palette, or of the style's, and sets it by that role,
  /// as one step.
  public void makeRole(String name, Colour colour, List<Selector> selectors, Property property) {
    boolean free = !dressing.cascade().palette().roles().containsKey(name);
    if (!name.matches("[a-z][a-zA-Z]*") || !free) {
      desk.tell(new Refusal(Texts.of(free ? "ink.roleForm" : "ink.roleTaken", name)));
      return;
    }
    String label = Texts.of("change.role", name);
    Touches touches = dressing.touches();
    List<Dressing.StyleChange> changes = new ArrayList<>();
    for (Selector selector : selectors) {
      if (goesIntoStyle(selector)) {
        changes.add(
            onBoard()
                ? style -> style.withOnBoard(selector, property, name)
                : style -> style.with(selector, property, name));
      } else {
        touches = touches.with(selector, property, name);
      }
    }
    if (changes.isEmpty()) {
      Touches all = touches;
      Document inked = desk.document().withPalette(desk.document().palette().with(name, colour));
      desk.change(label, dressing.with(inked, finish -> finish.withTouches(all)));
    } else {
      changes.add(style -> style.withPalette(style.palette().with(name, colour)));
      put(label, touches, changes);
    }
  }

  /// The parts of a family for which a style or a base sets a property that the family does not
  /// reach, where the family itself is set.
  public List<Selector> outweighing(Selector family, Property property) {
    if (!(family instanceof Selector.OfPart(PartName name, int level))
        || level > 0
        || property.isSide()
        || property == Property.SIZE) {
      return List.of();
    }
    Cascade cascade = dressing.cascade();
    String set = cascade.look(Part.of(name).way()).setting(property);
    boolean here = isSetHere(List.of(family), property);
    List<Selector> own = new ArrayList<>();
    for (PartName part : PartName.values()) {
      if (here && part.family().equals(Optional.of(name))) {
        Look look = cascade.look(Part.of(part).way());
        boolean otherwise = !look.setting(property).equals(set);
        look.origin(property)
            .filter(origin -> otherwise && origin.selector().equals(Selector.of(part)))
            .ifPresent(origin -> own.add(Selector.of(part)));
      }
    }
    return own;
  }

  private static String named(List<Selector> selectors) {
    String first = selectors.getFirst().label();
    return selectors.size() == 1 ? first : Texts.of("change.several", first, selectors.size() - 1);
  }

  /// Puts touches on the table at hand and changes its style, as one step.
  private void put(String label, Touches touches, List<Dressing.StyleChange> changes) {
    if (changes.isEmpty()) {
      dressing.touch(label, touches);
    } else {
      dressing.changeStyle(
          label,
          style -> {
            HouseStyle changed = style;
            for (Dressing.StyleChange change : changes) {
              changed = change.of(changed);
            }
            return changed;
          },
          finish -> finish.withTouches(touches));
    }
  }

  private boolean goesIntoStyle(Selector selector) {
    return dressing.looksGoProperty().get() != LookScope.TABLE
        && !(selector instanceof Selector.OfPlace);
  }

  /// Whether a property is set just here, in one of several places.
  public boolean isSetHere(List<Selector> selectors, Property property) {
    return selectors.stream().anyMatch(selector -> isSetHere(selector, property));
  }

  private boolean isSetHere(Selector selector, Property property) {
    return goesIntoStyle(selector)
        ? worn(selector).containsKey(property) && !dressing.worn().shipped()
        : dressing.touches().of(selector).containsKey(property);
  }

  /// Hands a property back to where it came from, in several places as one step.
  public void handBack(List<Selector> selectors, Property property) {
    String label = Texts.of("change.handBack", property.label());
    Touches touches = dressing.touches();
    List<Dressing.StyleChange> changes = new ArrayList<>();
    for (Selector selector : selectors) {
      if (goesIntoStyle(selector)) {
        changes.add(outOfStyle(selector, property));
      } else {
        touches = touches.without(selector, property);
      }
    }
    put(label, touches, changes);
  }

  /// Takes what was written in the place of the number: the word before it, or nothing for no
  /// number; and another form of it for all tables, such as "A3" or "A{n}". The place in the order
  /// is what it is.
  public void number(String written) {
    int index = desk.document().tablePlace(desk.indexProperty().get());
    String number = desk.document().numeral(index);
    String last = written.substring(written.lastIndexOf(' ') + 1);
    String word = written.substring(0, written.length() - last.length()).strip();
    boolean form = last.contains("{n}") || last.matches(".*[0-9].*");
    if (written.isEmpty() || last.equals(number)) {
      change(Selector.of(PartName.NUMBER), Property.LEAD_IN, word);
      return;
    }
    if (!form || !last.contains("{n}") && !isPlaceOf(last, index)) {
      desk.tell(new Refusal(Texts.of("words.number", number)));
      return;
    }
    desk.noting().say(Texts.of("change.numbering"), wording -> wording.withNumbering(last));
    change(Selector.of(PartName.NUMBER), Property.LEAD_IN, word);
  }

  /// Whether a number ends in the place that a table has.
  private boolean isPlaceOf(String written, int index) {
    Document document = desk.document();
    Document other = document.withWording(document.wording().withNumbering(written));
    return other.numeral(index).equals(written);
  }

  /// Whether anything is set just here, in one of several places.
  public boolean isAnySetHere(List<Selector> selectors) {
    return selectors.stream()
        .anyMatch(
            selector ->
                goesIntoStyle(selector)
                    ? !dressing.worn().shipped() && !worn(selector).isEmpty()
                    : !dressing.touches().of(selector).isEmpty());
  }

  /// Hands all that is set in some places back to where it came from, as one step.
  public void handAllBack(List<Selector> selectors, String name) {
    Touches touches = dressing.touches();
    List<Dressing.StyleChange> changes = new ArrayList<>();
    for (Selector selector : selectors) {
      boolean own = goesIntoStyle(selector);
      Map<Property, String> set = own ? worn(selector) : touches.of(selector);
      for (Property property : set.keySet()) {
        if (own) {
          changes.add(outOfStyle(selector, property));
        } else {
          touches = touches.without(selector, property);
        }
      }
    }
    put(Texts.of("change.handAllBack", name), touches, changes);
  }

  /// Settings that are offered for a property where they can't all be listed; anything of its form
  /// can be typed.
  public static List<String> suggestions(Property property) {
    return switch (property) {
      case FACE -> List.of("Arial", "Times New Roman", "Calibri", "Georgia");
      case SIZE -> List.of("8 pt", "9 pt", "10 pt", "11 pt", "12 pt", "90%", "110%");
      case RULE_ABOVE, RULE_BELOW, RULE_LEFT, RULE_RIGHT, RULE_BETWEEN_ROWS, RULE_BETWEEN_COLUMNS ->
          List.of("none", "0.5 pt ink", "0.75 pt ink", "1 pt ink", "1.5 pt ink");
      case DECIMALS -> property.choices();
      case LINE_HEIGHT -> List.of("1", "1.15", "1.3", "1.5", "2");
      case ROW_HEIGHT -> List.of("content", "16 pt", "20 pt");
      case WIDTH -> List.of("content", "page", "400 pt");
      case COLUMN_WIDTH -> List.of("content", "even", "60 pt");
      case FRAME -> List.of("none", "0.75 pt rule", "1 pt ink");
      case MISSING -> List.of("–", "—", "…", "n/a", "·");
      case LEAD_IN -> List.of("Table", "Note.", "Source:");
      case ROWS_AT_ONCE -> property.choices();
      case BACKDROP -> List.of("as the reader's system", "paper", "mist", "accent 10%");
      default -> List.of("0 pt", "2 pt", "4 pt", "6 pt", "8 pt");
    };
  }
}
