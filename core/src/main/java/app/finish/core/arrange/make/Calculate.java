package app.finish.core.arrange.make;

import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.move.Concern;
import app.finish.core.arrange.move.Levels;
import app.finish.core.arrange.move.Making;
import app.finish.core.arrange.move.Move;
import app.finish.core.arrange.move.MoveKind;
import app.finish.core.arrange.move.MoveReading;
import app.finish.core.arrange.move.MoveWriting;
import app.finish.core.arrange.move.Reach;
import app.finish.core.arrange.move.Setting;
import app.finish.core.arrange.place.NoPlace;
import app.finish.core.arrange.tree.Trees;
import app.finish.core.problem.Refusal;
import app.finish.core.table.MeasureKind;
import java.util.List;
import java.util.regex.Pattern;

/// Adds a measure that is calculated from others. In totals it is calculated from totals.
///
/// @param name what it is called
/// @param expression how it is calculated, as a person wrote it
/// @param kind what sort of figure it is
/// @param decimals with how many decimals it is written
public record Calculate(String name, String expression, MeasureKind kind, int decimals)
    implements Move {
  static final MoveKind KIND = new MoveKind("calculate", false, Calculate::read);

  private static final Pattern IN_PERCENT =
      Pattern.compile(
          "\\w+\\s*\\([^()]*\\)|.*\\*\\s*100(\\.0*)?|100(\\.0*)?\\s*\\*.*", Pattern.DOTALL);

  /// A measure as a person asks for it: in percent, what is no percentage yet is multiplied by 100.
  ///
  /// ```java
  /// Calculate.asked("Recovery", "Fares / Cost", MeasureKind.PERCENT, 1).expression(); //
  /// "Fares / Cost * 100" ```
  /// ```
  public static Calculate asked(String name, String expression, MeasureKind kind, int decimals) {
    String text = expression.strip();
    boolean multiply = kind == MeasureKind.PERCENT && !IN_PERCENT.matcher(text).matches();
    boolean product = text.matches("[^+\\-?<>=]*");
    return new Calculate(
        name, multiply ? (product ? text : "(" + text + ")") + " * 100" : text, kind, decimals);
  }

  @Override
  public Concern concern() {
    return Concern.FIGURES;
  }

  @Override
  public MoveKind moveKind() {
    return KIND;
  }

  @Override
  public Trees made(Making at) throws NoPlace {
    return new Calculating(at.trees(), this).calculated(at.formulas());
  }

  @Override
  public Reach reach(Trees whole, Formulas formulas) {
    return Reach.groupIf(Said.measuresAreAcross(whole) && isOfItsPlaceAlone(whole, formulas));
  }

  @Override
  public String words(Levels levels) {
    return name + " = " + expression;
  }

  @Override
  public void write(MoveWriting out) {
    out.put("name", name)
        .put("expression", expression)
        .put("kind", kind.word())
        .put("decimals", decimals);
  }

  @Override
  public List<Setting> settings() {
    return List.of(
        new Setting.Written("name", name, text -> new Calculate(text, expression, kind, decimals)),
        new Setting.Written("expression", expression, text -> asked(name, text, kind, decimals)),
        new Setting.Written(
            "decimals",
            "" + decimals,
            text -> new Calculate(name, expression, kind, decimals(text))));
  }

  /// How many decimals a text asks for.
  ///
  /// @throws app.finish.core.problem.Refusal with a sentence, if the text is no number of decimals
  public static int decimals(String text) {
    if (text.strip().matches("\\d|1[0-5]")) {
      return Integer.parseInt(text.strip());
    }
    throw new Refusal("“" + text.strip() + "” is no number of decimals. Write one from 0 to 15.");
  }

  private static Move read(MoveReading in) {
    return new Calculate(
        in.text("name"),
        in.text("expression"),
        MeasureKind.of(in.text("kind")),
        Math.clamp(in.number("decimals"), 0, 15));
  }

  private boolean isOfItsPlaceAlone(Trees whole, Formulas formulas) {
    try {
      return formulas.read(expression, Calculating.names(whole.source())).isOfItsPlaceAlone();
    } catch (Refusal e) {
      return false;
    }
  }
}
