package app.finish.expressions;

import app.finish.core.arrange.formula.CellExpressions;
import app.finish.core.arrange.formula.Formula;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.arrange.formula.Neighbours;
import app.finish.core.arrange.formula.Neighbours.Whole;
import app.finish.core.arrange.place.Side;
import dev.cel.common.CelFunctionDecl;
import dev.cel.common.CelOverloadDecl;
import dev.cel.common.types.CelType;
import dev.cel.common.types.SimpleType;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;

/// Reads the expressions of measures that are calculated in a finished table.
///
/// ```java
/// new MeasureFormulas().read("share_of_total(Vehicles)", List.of("Vehicles", "Fares"));
/// ```
///
/// Beyond the language itself there are functions of the figures around a place: see [#FUNCTIONS].
/// Those that look along a side look down, or across if a second argument says `'across'`.
public final class MeasureFormulas implements Formulas {
  /// A function of the figures around a place.
  ///
  /// @param name its name
  /// @param looksAlong whether it may be told to look across
  /// @param pattern how it is written: `share_of_row(…)`
  public record Function(String name, boolean looksAlong, String pattern) {}

  /// The functions, in the order in which they are offered.
  public static final List<Function> FUNCTIONS =
      List.of(
          function("share_of_row", false),
          function("share_of_column", false),
          function("share_of_total", false),
          function("share_of_parent", true),
          function("change", true),
          function("percent_change", true),
          function("previous", true),
          function("first", true),
          function("index", true),
          function("rank", true),
          function("running_total", true),
          new Function("at", true, "at(…, 'member')"));

  private static final CellExpressions CELLS = new CellConditions();

  private static Function function(String name, boolean looksAlong) {
    return new Function(name, looksAlong, name + "(…)");
  }

  @Override
  public Formula read(String expression, List<String> measures) {
    List<Name> names = measures.stream().map(Name::number).toList();
    Term term = Expression.term(expression, names, declarations());
    check(term, expression);
    return new TermFormula(term);
  }

  @Override
  public CellExpressions ofCells() {
    return CELLS;
  }

  private static List<CelFunctionDecl> declarations() {
    List<CelFunctionDecl> all = new ArrayList<>();
    for (Function function : FUNCTIONS) {
      boolean at = function.name.equals("at");
      CelOverloadDecl plain =
          at
              ? overload(function.name + "_member", SimpleType.DOUBLE, SimpleType.STRING)
              : overload(function.name + "_here", SimpleType.DOUBLE);
      CelOverloadDecl along =
          at
              ? overload(
                  function.name + "_along", SimpleType.DOUBLE, SimpleType.STRING, SimpleType.STRING)
              : overload(function.name + "_along", SimpleType.DOUBLE, SimpleType.STRING);
      all.add(
          function.looksAlong
              ? CelFunctionDecl.newFunctionDeclaration(function.name, plain, along)
              : CelFunctionDecl.newFunctionDeclaration(function.name, plain));
    }
    return all;
  }

  private static CelOverloadDecl overload(String name, CelType... arguments) {
    return CelOverloadDecl.newGlobalOverload(name, SimpleType.DOUBLE, List.of(arguments));
  }

  /// Functions of the surroundings take the name of a measure, and the name of a side.
  private static void check(Term term, String text) {
    if (!(term instanceof Term.Call call)) {
      return;
    }
    call.arguments().forEach(argument -> check(argument, text));
    Optional<Function> function =
        FUNCTIONS.stream().filter(one -> one.name.equals(call.function())).findFirst();
    if (function.isEmpty()) {
      return;
    }
    int index = Math.max(0, text.indexOf(call.function()));
    if (!(call.arguments().getFirst() instanceof Term.Named)) {
      throw new BadExpression(
          "At place "
              + (index + 1)
              + ": "
              + call.function()
              + " takes the name of a measure, such as "
              + call.function()
              + "(Vehicles).",
          index);
    }
    int sides = call.function().equals("at") ? 2 : 1;
    if (call.arguments().size() > sides && !isSide(call.arguments().get(sides))) {
      throw new BadExpression(
          "At place "
              + (index + 1)
              + ": "
              + call.function()
              + " looks along 'down' or 'across'. Write one of them.",
          index);
    }
  }

  private static boolean isSide(Term term) {
    return term instanceof Term.Text text
        && (text.value().equals("down") || text.value().equals("across"));
  }

  /// A formula that works a term out.
  private record TermFormula(Term term) implements Formula {
    @Override
    public OptionalDouble workOut(Neighbours at) {
      double number = new Working(at).number(term);
      return Double.isFinite(number) ? OptionalDouble.of(number) : OptionalDouble.empty();
    }

    @Override
    public boolean isOfItsPlaceAlone() {
      return isOfItsPlaceAlone(term);
    }

    private static boolean isOfItsPlaceAlone(Term term) {
      return !(term instanceof Term.Call call)
          || FUNCTIONS.stream().noneMatch(one -> one.name.equals(call.function()))
              && call.arguments().stream().allMatch(TermFormula::isOfItsPlaceAlone);
    }

    @Override
    public boolean addsAlong(Side side) {
      return term instanceof Term.Call call
          && switch (call.function()) {
            case "share_of_total" -> true;
            case "share_of_column" -> side == Side.DOWN;
            case "share_of_row" -> side == Side.ACROSS;
            default -> false;
          };
    }
  }

  /// Works a term out in one place.
  private record Working(Neighbours at) {
    double number(Term term) {
      return switch (term) {
        case Term.Named named -> at.figure(named.name().name());
        case Term.Number number -> number.value();
        case Term.Call call -> call(call);
        default -> Double.NaN;
      };
    }

    private double number(Term.Call call, int argument) {
      return number(call.arguments().get(argument));
    }

    private double call(Term.Call call) {
      boolean sign = call.arguments().size() == 1;
      return switch (call.function()) {
        case "+" -> number(call, 0) + number(call, 1);
        case "-" -> sign ? -number(call, 0) : number(call, 0) - number(call, 1);
        case "*" -> number(call, 0) * number(call, 1);
        case "/" -> number(call, 0) / number(call, 1);
        case "? :" -> chosen(call);
        default -> around(call);
      };
    }

    /// A choice whose condition can't be told is no number.
    private double chosen(Term.Call call) {
      return isKnown(call.arguments().getFirst())
          ? number(call, isTrue(call.arguments().getFirst()) ? 1 : 2)
          : Double.NaN;
    }

    private boolean isKnown(Term term) {
      return switch (term) {
        case Term.Call call ->
            call.function().equals("missing") || call.arguments().stream().allMatch(this::isKnown);
        case Term.Named named -> !Double.isNaN(number(named));
        default -> true;
      };
    }

    private boolean isTrue(Term term) {
      if (!(term instanceof Term.Call call)) {
        return term instanceof Term.Truth truth && truth.value();
      }
      return switch (call.function()) {
        case "!" -> !isTrue(call.arguments().getFirst());
        case "&&" -> isTrue(call.arguments().get(0)) && isTrue(call.arguments().get(1));
        case "||" -> isTrue(call.arguments().get(0)) || isTrue(call.arguments().get(1));
        case "==" -> number(call, 0) == number(call, 1);
        case "!=" -> number(call, 0) != number(call, 1);
        case "<" -> number(call, 0) < number(call, 1);
        case "<=" -> number(call, 0) <= number(call, 1);
        case ">" -> number(call, 0) > number(call, 1);
        case ">=" -> number(call, 0) >= number(call, 1);
        case "missing" -> Double.isNaN(number(call, 0));
        default -> false;
      };
    }

    private double around(Term.Call call) {
      if (!(call.arguments().getFirst() instanceof Term.Named named)) {
        return Double.NaN;
      }
      String measure = named.name().name();
      Side side = side(call);
      return switch (call.function()) {
        case "share_of_row" -> at.share(measure, Whole.ROW, side);
        case "share_of_column" -> at.share(measure, Whole.COLUMN, side);
        case "share_of_total" -> at.share(measure, Whole.TOTAL, side);
        case "share_of_parent" -> at.share(measure, Whole.PARENT, side);
        case "previous" -> at.previous(measure, side);
        case "first" -> at.first(measure, side);
        case "change" -> at.figure(measure) - at.previous(measure, side);
        case "percent_change" -> (at.figure(measure) / at.previous(measure, side) - 1) * 100;
        case "index" -> at.figure(measure) / at.first(measure, side) * 100;
        case "rank" -> at.rank(measure, side);
        case "running_total" -> at.runningTotal(measure, side);
        case "at" -> at.at(measure, text(call.arguments().get(1)), side);
        default -> Double.NaN;
      };
    }

    private static Side side(Term.Call call) {
      boolean across =
          call.arguments().size() > 1 && text(call.arguments().getLast()).equals("across");
      boolean named = !call.function().equals("at") || call.arguments().size() > 2;
      return across && named ? Side.ACROSS : Side.DOWN;
    }

    private static String text(Term term) {
      return term instanceof Term.Text text ? text.value() : "";
    }
  }
}
