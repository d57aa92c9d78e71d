package app.finish.core.dress;

import app.finish.core.number.NumberReader;
import app.finish.core.style.Layer;
import app.finish.core.style.PartName;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.core.table.Axis;
import app.finish.core.table.Held;
import app.finish.core.table.Note;
import app.finish.core.table.Table;
import app.finish.core.words.Language;
import java.text.DecimalFormat;
import java.text.NumberFormat;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/// How figures are written in the language of a table. It lies below the style, which outweighs it.
///
/// The language is the one that the style or a touch names; else the one that the table's words are
/// in; where they tell none, figures that came with a decimal comma keep it.
///
/// @param name what it is called where the origin of a setting is told
/// @param settings of marks in figures
record LanguageLayer(String name, Map<Property, String> settings) implements Layer {
  private static final Selector TABLE = Selector.of(PartName.TABLE);
  private static final int MOST_LEAVES = 200;
  private static final int MOST_FIGURES = 2_000;
  private static final String PERCENT_SPACED = "[\u00A0\u202F ]%";

  /// What a table is written in.
  ///
  /// @param language the language of the words around it
  /// @param marks how its figures are written, if otherwise than in English
  record Spoken(Language language, Optional<LanguageLayer> marks) {
    static final Spoken ENGLISH = new Spoken(Language.ENGLISH, Optional.empty());

    /// Written in a language.
    static Spoken in(Language language) {
      return language == Language.ENGLISH
          ? ENGLISH
          : new Spoken(language, Optional.of(LanguageLayer.of(language)));
    }

    /// As the table itself tells.
    static Spoken of(Table table) {
      Optional<Language> told = Language.of(texts(table));
      if (told.isPresent()) {
        return in(told.get());
      }
      boolean comma = NumberReader.forTexts(figures(table)) == NumberReader.COMMA;
      LanguageLayer german = LanguageLayer.of(Language.GERMAN);
      return comma
          ? new Spoken(
              Language.ENGLISH, Optional.of(new LanguageLayer("As it came", german.settings)))
          : ENGLISH;
    }
  }

  static LanguageLayer of(Language language) {
    Locale locale = language.locale();
    DecimalFormat plain = (DecimalFormat) NumberFormat.getInstance(locale);
    Map<Property, String> settings = new EnumMap<>(Property.class);
    boolean comma = plain.getDecimalFormatSymbols().getDecimalSeparator() == ',';
    settings.put(Property.DECIMAL_MARK, comma ? "comma" : "point");
    settings.put(
        Property.GROUPING,
        switch (plain.getDecimalFormatSymbols().getGroupingSeparator()) {
          case '.' -> "point";
          case ',' -> "comma";
          default -> "space";
        });
    String money = ((DecimalFormat) NumberFormat.getCurrencyInstance(locale)).toPattern();
    settings.put(Property.CURRENCY, money.indexOf('¤') > money.indexOf('0') ? "after" : "before");
    String share = ((DecimalFormat) NumberFormat.getPercentInstance(locale)).toPattern();
    boolean spaced = share.matches(".*" + PERCENT_SPACED + ".*");
    settings.put(Property.PERCENT, spaced ? "spaced" : "close");
    return new LanguageLayer(language.label(), Map.copyOf(settings));
  }

  @Override
  public Set<Selector> selectors() {
    return Set.of(TABLE);
  }

  @Override
  public Map<Property, String> of(Selector selector) {
    return selector.equals(TABLE) ? settings : Map.of();
  }

  private static List<String> texts(Table table) {
    List<String> texts = new ArrayList<>();
    texts.add(table.words().title());
    texts.add(table.words().units());
    texts.add(table.words().source());
    table.words().notes().stream().map(Note::text).forEach(texts::add);
    table.held().stream().map(Held::dimension).forEach(texts::add);
    for (Axis axis : List.of(table.down(), table.across())) {
      texts.addAll(axis.dimensions());
      axis.leaves().stream()
          .limit(MOST_LEAVES)
          .flatMap(leaf -> leaf.path().stream())
          .forEach(heading -> texts.add(heading.label()));
    }
    return texts;
  }

  private static List<String> figures(Table table) {
    List<String> figures = new ArrayList<>();
    int columns = table.body().columns();
    for (int row = 0; row < table.body().rows() && figures.size() < MOST_FIGURES; row++) {
      for (int column = 0; column < columns; column++) {
        figures.add(table.body().at(row, column).written());
      }
    }
    return figures;
  }
}
