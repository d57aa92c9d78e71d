package app.finish.core.chart;

import app.finish.core.words.Language;
import java.util.List;

/// What Finish itself says in and of a chart, in the language of its table.
///
/// ```java
/// ChartPhrase.DRAWN.in(Language.GERMAN, 400, 1000); // Gezeichnet sind die ersten 400 von 1000.
/// ```
enum ChartPhrase {
  /// "Fares by route".
  BY("{0} by {1}|{0} nach {1}|{0} par {1}|{0} por {1}|{0} per {1}|{0} por {1}|{0} per {1}"),
  /// "route and season".
  AND("{0} and {1}|{0} und {1}|{0} et {1}|{0} y {1}|{0} e {1}|{0} e {1}|{0} en {1}"),
  /// "Fares against cost".
  AGAINST(
      "{0} against {1}|{0} gegen {1}|{0} en fonction de {1}|{0} frente a {1}|{0} rispetto a {1}"
          + "|{0} em função de {1}|{0} tegenover {1}"),
  /// What boxes are.
  BOXES(
      "Boxes reach from the lower quartile to the upper one, lines to the extremes."
          + "|Kästen reichen vom unteren zum oberen Quartil, Linien bis zu den Extremwerten."
          + "|Les boîtes vont du premier au troisième quartile, les lignes jusqu’aux extrêmes."
          + "|Las cajas van del primer al tercer cuartil; las líneas, hasta los extremos."
          + "|I riquadri vanno dal primo al terzo quartile, le linee fino agli estremi."
          + "|As caixas vão do primeiro ao terceiro quartil, as linhas até aos extremos."
          + "|Dozen lopen van het eerste tot het derde kwartiel, lijnen tot de uitersten."),
  /// What lines are: an interval that the table names.
  INTERVAL(
      "Lines show the interval {0}.|Linien zeigen das Intervall {0}."
          + "|Les lignes montrent l’intervalle {0}.|Las líneas muestran el intervalo {0}."
          + "|Le linee mostrano l’intervallo {0}.|As linhas mostram o intervalo {0}."
          + "|Lijnen tonen het interval {0}."),
  /// What lines are: from limit to limit.
  LIMITS(
      "Lines reach from the lower limit of the interval to the upper one."
          + "|Linien reichen von der unteren zur oberen Grenze des Intervalls."
          + "|Les lignes vont de la borne inférieure à la borne supérieure de l’intervalle."
          + "|Las líneas van del límite inferior al superior del intervalo."
          + "|Le linee vanno dal limite inferiore a quello superiore dell’intervallo."
          + "|As linhas vão do limite inferior ao superior do intervalo."
          + "|Lijnen lopen van de ondergrens tot de bovengrens van het interval."),
  /// What lines are: a standard error.
  ERROR(
      "Lines show one standard error to either side.|Linien zeigen einen Standardfehler nach beiden"
          + " Seiten.|Les lignes montrent une erreur type de chaque côté.|Las líneas muestran un"
          + " error estándar a cada lado.|Le linee mostrano un errore standard per lato.|As linhas"
          + " mostram um erro padrão para cada lado.|Lijnen tonen één standaardfout naar beide"
          + " kanten."),
  /// What lines are: a standard deviation.
  DEVIATION(
      "Lines show one standard deviation to either side.|Linien zeigen eine Standardabweichung nach"
          + " beiden Seiten.|Les lignes montrent un écart type de chaque côté.|Las líneas muestran"
          + " una desviación estándar a cada lado.|Le linee mostrano una deviazione standard per"
          + " lato.|As linhas mostram um desvio padrão para cada lado.|Lijnen tonen één"
          + " standaardafwijking naar beide kanten."),
  /// How many are drawn, where they are too many.
  DRAWN(
      "The first {0} of {1} are drawn.|Gezeichnet sind die ersten {0} von {1}.|Les {0} premiers sur"
          + " {1} sont représentés.|Se muestran los primeros {0} de {1}.|Sono mostrati i primi {0}"
          + " di {1}.|Mostram-se os primeiros {0} de {1}.|De eerste {0} van {1} zijn getekend."),
  /// What a table without figures has in a chart's place.
  NOTHING(
      "Nothing of the table can be drawn: it has no figures of its own here.|Von der Tabelle lässt"
          + " sich nichts zeichnen: Sie hat hier keine eigenen Zahlen.|Rien du tableau ne peut être"
          + " représenté : il n’a pas de chiffres propres ici.|No se puede dibujar nada de la"
          + " tabla: aquí no tiene cifras propias.|Della tabella non si può disegnare nulla: qui"
          + " non ha cifre proprie.|Nada da tabela pode ser desenhado: não tem aqui números"
          + " próprios.|Van de tabel kan niets worden getekend: ze heeft hier geen eigen cijfers."),
  /// Of a description: there is nothing.
  NO_FIGURE(
      "There is no figure in it.|Es ist keine Zahl darin.|Il n’y a aucun chiffre.|No hay ninguna"
          + " cifra.|Non ci sono cifre.|Não há nenhum número.|Er staat geen cijfer in."),
  /// Of a description: what is held.
  HELD(
      "All of it is for {0}.|Alles gilt für {0}.|Le tout concerne {0}.|Todo se refiere a {0}.|Tutto"
          + " riguarda {0}.|Tudo se refere a {0}.|Alles geldt voor {0}."),
  /// Of a description: how many figures there are, and between which they lie.
  FIGURES(
      "{0} figures, from {1} to {2}.|{0} Zahlen, von {1} bis {2}.|{0} chiffres, de {1} à {2}.|{0}"
          + " cifras, de {1} a {2}.|{0} cifre, da {1} a {2}.|{0} números, de {1} a {2}.|{0}"
          + " cijfers, van {1} tot {2}.");

  private static final String KINDS =
      "Bars Balken Barres Barras Barre Barras Staven"
          + "|Columns Säulen Colonnes Columnas Colonne Colunas Kolommen"
          + "|Stacked_bars Gestapelte_Balken Barres_empilées Barras_apiladas Barre_impilate"
          + " Barras_empilhadas Gestapelde_staven"
          + "|Bars_of_100_% Balken_zu_100_% Barres_de_100_% Barras_de_100_% Barre_al_100_%"
          + " Barras_de_100_% Staven_van_100_%"
          + "|Dots Punkte Points Puntos Punti Pontos Punten"
          + "|Lines Linien Lignes Líneas Linee Linhas Lijnen"
          + "|Slopes Steigungen Pentes Pendientes Pendenze Declives Hellingen"
          + "|Intervals Intervalle Intervalles Intervalos Intervalli Intervalos Intervallen"
          + "|Boxes Kästen Boîtes Cajas Riquadri Caixas Dozen"
          + "|Pairs Paare Paires Pares Coppie Pares Paren"
          + "|Tints Tönungen Teintes Tintes Tinte Tons Tinten"
          + "|Mosaic Mosaik Mosaïque Mosaico Mosaico Mosaico Mozaïek";

  private final List<String> sentences;

  ChartPhrase(String sentences) {
    this.sentences = List.of(sentences.split("\\|"));
  }

  /// It in a language.
  ///
  /// @param parts what stands in its gaps
  String in(Language language, Object... parts) {
    String text = sentences.get(language.ordinal());
    for (int i = 0; i < parts.length; i++) {
      text = text.replace("{" + i + "}", String.valueOf(parts[i]));
    }
    return text;
  }

  /// The name of a kind of chart in a language.
  static String kind(ChartKind kind, Language language) {
    String names = KINDS.split("\\|")[kind.ordinal()];
    return names.split(" ")[language.ordinal()].replace('_', ' ');
  }
}
