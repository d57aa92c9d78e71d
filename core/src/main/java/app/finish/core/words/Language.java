package app.finish.core.words;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/// The languages of which Finish knows the words around a table: what stands before its number and
/// its notes, how it is called out. How each writes figures, the platform knows (CLDR).
///
/// ```java
/// Language.of(List.of("Fahrgäste nach Linie und Jahr")); // GERMAN
/// Language.GERMAN.word("Table"); // "Tabelle"
/// ```
public enum Language {
  /// The words stay as the style has them.
  ENGLISH(
      "English",
      Locale.UK,
      "Table|Note.|Notes:|Source:|Data:|Figure|shows",
      "the of by and for with total all year mean other in at on from to per share number note"
          + " notes source are is not as average percent quarter month first second men women"
          + " people count month"),
  /// German.
  GERMAN(
      "German",
      Locale.GERMANY,
      "Tabelle|Anmerkung.|Anmerkungen:|Quelle:|Daten:|Abbildung|zeigt",
      "der die das des dem den und oder nach von mit für in im je pro auf aus ist sind nicht wurde"
          + " wurden eine ein einer gesamt summe insgesamt zwischensumme anzahl jahr jahre monat"
          + " quartal anteil mittelwert durchschnitt prozent männer frauen quelle anmerkung"
          + " anmerkungen hinweis keine sonstige übrige umsatz kosten bundesland region linie"
          + " stadt"),
  /// French.
  FRENCH(
      "French",
      Locale.FRANCE,
      "Tableau|Note.|Notes :|Source :|Données :|Figure|présente",
      "le la les des du de et ou par pour avec dans sur aux une un est sont non total ensemble"
          + " année années mois trimestre part nombre moyenne pourcentage hommes femmes autres"
          + " région ville ligne recettes coûts données selon chaque"),
  /// Spanish.
  SPANISH(
      "Spanish",
      Locale.of("es", "ES"),
      "Tabla|Nota.|Notas:|Fuente:|Datos:|Figura|muestra",
      "el la los las del de y o por para con en una un es son no total año años mes trimestre"
          + " número media porcentaje hombres mujeres otros otras fuente nota región ciudad línea"
          + " ingresos costes según cada datos"),
  /// Italian.
  ITALIAN(
      "Italian",
      Locale.ITALY,
      "Tabella|Nota.|Note:|Fonte:|Dati:|Figura|mostra",
      "il lo la gli le dei delle della del di e o per con in nel una un è sono non totale anno anni"
          + " mese trimestre numero media percentuale uomini donne altri altre fonte regione città"
          + " linea ricavi costi secondo ogni dati"),
  /// Portuguese.
  PORTUGUESE(
      "Portuguese",
      Locale.of("pt", "PT"),
      "Tabela|Nota.|Notas:|Fonte:|Dados:|Figura|mostra",
      "o a os as dos das do da de e ou por para com em no na uma um é são não total ano anos mês"
          + " trimestre número média percentagem homens mulheres outros outras fonte nota região"
          + " cidade linha receitas custos segundo cada dados"),
  /// Dutch.
  DUTCH(
      "Dutch",
      Locale.of("nl", "NL"),
      "Tabel|Noot.|Noten:|Bron:|Gegevens:|Figuur|toont",
      "de het een en of van per voor met in op uit naar is zijn niet totaal jaar maand kwartaal"
          + " aantal aandeel gemiddelde procent mannen vrouwen overige bron noot regio stad lijn"
          + " omzet kosten volgens elke gegevens");

  private static final Pattern WORD = Pattern.compile("\\p{L}{2,}");
  private static final int LONGEST = 300;

  /// How many words must speak for a language other than English.
  private static final double ENOUGH = 1.5;

  private final String label;
  private final Locale locale;
  private final List<String> words;
  private final Set<String> telling;

  Language(String label, Locale locale, String words, String telling) {
    this.label = label;
    this.locale = locale;
    this.words = List.of(words.split("\\|"));
    this.telling = Set.of(new HashSet<>(List.of(telling.split(" "))).toArray(String[]::new));
  }

  /// Its name in English, as it is set in a style.
  public String label() {
    return label;
  }

  /// The locale that writes figures as its readers expect.
  public Locale locale() {
    return locale;
  }

  /// Its tag for files, such as "de-DE" (BCP 47).
  public String tag() {
    return locale.toLanguageTag();
  }

  /// A word that stands before a number, a note or a source, in this language; what is no such word
  /// in English stays as it is.
  public String word(String english) {
    int place = ENGLISH.words.indexOf(english);
    return place < 0 ? english : words.get(place);
  }

  /// The verb of the sentence that calls a table out.
  String shows() {
    return words.getLast();
  }

  /// The language of this name, if Finish knows it.
  public static Optional<Language> named(String name) {
    for (Language language : values()) {
      if (language.label.equals(name)) {
        return Optional.of(language);
      }
    }
    return Optional.empty();
  }

  /// The language that these texts are in, as far as their words tell; none where they tell none.
  public static Optional<Language> of(Iterable<String> texts) {
    Set<String> seen = new HashSet<>();
    for (String text : texts) {
      Matcher word = WORD.matcher(text.substring(0, Math.min(text.length(), LONGEST)));
      while (word.find()) {
        seen.add(word.group().toLowerCase(Locale.ROOT));
      }
    }
    Map<Language, Double> scores = new HashMap<>();
    for (String word : seen) {
      List<Language> speakers = new ArrayList<>();
      for (Language language : values()) {
        if (language.telling.contains(word)) {
          speakers.add(language);
        }
      }
      speakers.forEach(one -> scores.merge(one, 1.0 / speakers.size(), Double::sum));
    }
    Language best = ENGLISH;
    for (Language language : values()) {
      if (scores.getOrDefault(language, 0.0) > scores.getOrDefault(best, 0.0)) {
        best = language;
      }
    }
    double score = scores.getOrDefault(best, 0.0);
    double english = scores.getOrDefault(ENGLISH, 0.0);
    boolean clear = best == ENGLISH ? score > 0 : score >= ENOUGH && score > 2 * english;
    return clear ? Optional.of(best) : Optional.empty();
  }
}
