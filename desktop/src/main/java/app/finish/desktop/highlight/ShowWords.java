package app.finish.desktop.highlight;

import app.finish.core.highlight.HighlightSentence;
import app.finish.core.highlight.Show;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Property;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleButton;

/// What a highlight shows, as words that can be changed.
///
/// @param inks the roles of the palette
/// @param faces the names of the faces that are shipped
/// @param changed is told what is shown instead
/// @param wrong is told what can't be read
record ShowWords(
    List<String> inks, List<String> faces, Consumer<Show> changed, Consumer<String> wrong) {
  /// Kinds of what can be shown, each by an example of its words.
  private static final Map<String, String> KINDS =
      Map.of(
          "flag", "bold bad on bad 12%",
          "tint", "tint paper to accent 60%",
          "scale", "tint bad 50% to paper to good 50%",
          "bar", "bar accent 30% below zero bad 30%",
          "sign", "sign down flat up in soft",
          "wording", "after “ *”",
          "trend", "trend accent");

  private static final Set<Property> CONTROLLED =
      Set.of(
          Property.WEIGHT,
          Property.SLANT,
          Property.UNDERLINE,
          Property.STRIKE,
          Property.INK,
          Property.FILL,
          Property.ALIGN,
          Property.SIZE,
          Property.FACE,
          Property.RULE_ABOVE,
          Property.RULE_BELOW,
          Property.DECIMALS);

  private static final Map<Property, List<String>> FURTHER =
      new EnumMap<>(
          Map.of(
              Property.ALIGN, List.of("start", "centre", "end", "decimal"),
              Property.SIZE, List.of("80%", "90%", "110%", "125%", "150%"),
              Property.FACE, List.of(),
              Property.DECIMALS, List.of("0", "1", "2", "3"),
              Property.RULE_ABOVE, List.of("0.5 pt ink", "1 pt ink", "1 pt accent"),
              Property.RULE_BELOW, List.of("0.5 pt ink", "1 pt ink", "1 pt accent")));

  private static final List<String> ORDER =
      List.of("flag", "tint", "scale", "bar", "sign", "wording", "trend");

  /// The words of what is shown.
  List<Node> of(Show show) {
    List<Node> nodes = new ArrayList<>();
    nodes.add(kind(show));
    switch (show) {
      case Show.Flag flag -> flag(nodes, flag);
      case Show.Bar bar -> {
        nodes.add(
            ink(
                "bar-ink",
                bar.ink(),
                ink ->
                    changed.accept(new Show.Bar(ink, bar.negative(), bar.scale(), bar.figure()))));
        nodes.add(SentenceWord.plain("below zero"));
        nodes.add(
            ink(
                "bar-negative",
                bar.negative(),
                ink -> changed.accept(new Show.Bar(bar.ink(), ink, bar.scale(), bar.figure()))));
        nodes.add(
            SentenceWord.menu(
                "bar-scale",
                Texts.of("highlight.bar.scale"),
                List.of(Show.Bar.Scale.values()),
                bar.scale(),
                scale -> Texts.of("highlight.bar.scale." + scale.name().toLowerCase(Locale.ROOT)),
                scale ->
                    changed.accept(new Show.Bar(bar.ink(), bar.negative(), scale, bar.figure()))));
        nodes.add(
            toggle(
                "bar-alone",
                Texts.of("highlight.bar.alone"),
                !bar.figure(),
                is -> changed.accept(new Show.Bar(bar.ink(), bar.negative(), bar.scale(), !is))));
      }
      case Show.Tint tint -> tint(nodes, tint);
      default -> {}
    }
    if (!isSaid(show)) {
      nodes.add(words(show));
    }
    return nodes;
  }

  /// Whether the controls say all that is shown.
  private static boolean isSaid(Show show) {
    return switch (show) {
      case Show.Flag(Map<Property, String> settings) -> CONTROLLED.containsAll(settings.keySet());
      case Show.Bar _ -> true;
      case Show.Tint tint -> tint.anchors().isEmpty();
      default -> false;
    };
  }

  private MenuButton kind(Show show) {
    String now =
        switch (show) {
          case Show.Flag _ -> "flag";
          case Show.Tint tint -> tint.inks().size() == 2 ? "tint" : "scale";
          case Show.Bar _ -> "bar";
          case Show.Signs _ -> "sign";
          case Show.Trend _ -> "trend";
        };
    MenuButton menu =
        SentenceWord.button(
            "show-kind", Texts.of("highlight.show"), Texts.of("highlight.show." + now));
    for (String kind : ORDER) {
      MenuItem item = new MenuItem(Texts.of("highlight.show." + kind));
      item.setId("show-" + kind);
      item.setOnAction(
          event -> changed.accept(HighlightSentence.readShow(KINDS.getOrDefault(kind, "bold"))));
      menu.getItems().add(item);
    }
    return menu;
  }

  private void flag(List<Node> nodes, Show.Flag flag) {
    nodes.add(switched("bold", "B", flag, Property.WEIGHT, "bold"));
    nodes.add(switched("italic", "I", flag, Property.SLANT, "italic"));
    nodes.add(switched("underlined", "U", flag, Property.UNDERLINE, "single"));
    nodes.add(switched("struck", "S", flag, Property.STRIKE, "single"));
    nodes.add(
        ink(
            "flag-ink",
            flag.settings().getOrDefault(Property.INK, Texts.of("highlight.sameInk")),
            ink -> changed.accept(with(flag, Property.INK, ink))));
    nodes.add(SentenceWord.plain("on"));
    nodes.add(
        ink(
            "flag-fill",
            flag.settings().getOrDefault(Property.FILL, Texts.of("highlight.sameFill")),
            fill -> changed.accept(with(flag, Property.FILL, fill))));
    nodes.add(further(flag));
  }

  /// What a flag sets less often: a menu each, under one word that says what is set.
  private Node further(Show.Flag flag) {
    List<String> said = new ArrayList<>();
    FURTHER.forEach(
        (property, settings) -> {
          String setting = flag.settings().getOrDefault(property, "");
          if (!setting.isEmpty()) {
            said.add(property.label().toLowerCase(Locale.ROOT) + " " + setting);
          }
        });
    MenuButton menu =
        SentenceWord.button(
            "flag-further",
            Texts.of("highlight.further"),
            said.isEmpty() ? Texts.of("highlight.nothingFurther") : String.join(", ", said));
    FURTHER.forEach(
        (property, settings) -> {
          Menu one = new Menu(property.label());
          String now = flag.settings().getOrDefault(property, "");
          List<String> offered = new ArrayList<>(settings);
          if (property == Property.FACE) {
            offered.addAll(faces);
          }
          if (!now.isEmpty() && !offered.contains(now)) {
            offered.addFirst(now);
          }
          one.getItems()
              .add(setting(Texts.of("highlight.noInk"), now.isEmpty(), flag, property, ""));
          offered.forEach(
              setting ->
                  one.getItems()
                      .add(setting(setting, setting.equals(now), flag, property, setting)));
          menu.getItems().add(one);
        });
    return menu;
  }

  private MenuItem setting(
      String text, boolean chosen, Show.Flag flag, Property property, String setting) {
    RadioMenuItem item = new RadioMenuItem(text);
    item.setSelected(chosen);
    item.setOnAction(event -> changed.accept(with(flag, property, setting)));
    return item;
  }

  private ToggleButton switched(
      String word, String sign, Show.Flag flag, Property property, String setting) {
    ToggleButton button =
        toggle(
            "flag-" + word,
            sign,
            setting.equals(flag.settings().get(property)),
            is -> changed.accept(with(flag, property, is ? setting : "")));
    button.setAccessibleText(Texts.of("highlight." + word));
    return button;
  }

  private static ToggleButton toggle(String id, String text, boolean on, Consumer<Boolean> said) {
    ToggleButton button = new ToggleButton(text);
    button.setId(id);
    button.setSelected(on);
    button.getStyleClass().add("chip");
    button.setOnAction(event -> said.accept(button.isSelected()));
    return button;
  }

  /// A flag with another setting; an empty one takes it out, unless it is the only one.
  private static Show with(Show.Flag flag, Property property, String setting) {
    Map<Property, String> settings = new EnumMap<>(Property.class);
    settings.putAll(flag.settings());
    if (setting.isEmpty() && settings.size() > 1) {
      settings.remove(property);
    } else if (!setting.isEmpty()) {
      settings.put(property, setting);
    }
    return new Show.Flag(settings);
  }

  private void tint(List<Node> nodes, Show.Tint tint) {
    for (int i = 0; i < tint.inks().size(); i++) {
      int at = i;
      if (i > 0) {
        nodes.add(SentenceWord.plain("to"));
      }
      nodes.add(
          ink(
              "tint-" + (i + 1),
              tint.inks().get(i),
              ink -> {
                List<String> others = new ArrayList<>(tint.inks());
                others.set(at, ink.isEmpty() ? "paper" : ink);
                changed.accept(new Show.Tint(others, tint.anchors(), tint.ranked()));
              }));
    }
    nodes.add(
        toggle(
            "tint-ranked",
            Texts.of("highlight.ranked"),
            tint.ranked(),
            is -> changed.accept(new Show.Tint(tint.inks(), List.of(), is))));
  }

  /// A role of the palette or a share of it.
  private Node ink(String id, String now, Consumer<String> chosen) {
    MenuButton menu = SentenceWord.button(id, Texts.of("highlight.ink"), now);
    MenuItem none = new MenuItem(Texts.of("highlight.noInk"));
    none.setOnAction(event -> chosen.accept(""));
    if (id.startsWith("flag")) {
      menu.getItems().add(none);
    }
    for (String role : inks) {
      for (String share : List.of("", " 60%", " 30%", " 12%")) {
        MenuItem item = new MenuItem(role + share);
        item.setOnAction(event -> chosen.accept(role + share));
        boolean wanted = !role.equals("paper") || share.isEmpty();
        if (wanted) {
          menu.getItems().add(item);
        }
      }
    }
    return menu;
  }

  /// What is shown, as it is written in sentences.
  private Node words(Show show) {
    return SentenceWord.field(
        "show-words",
        Texts.of("highlight.show"),
        HighlightSentence.of(show),
        22,
        text -> {
          try {
            changed.accept(HighlightSentence.readShow(text));
          } catch (Refusal e) {
            wrong.accept(e.sentence());
          }
          return true;
        });
  }
}
