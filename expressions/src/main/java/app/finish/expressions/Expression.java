package app.finish.expressions;

import dev.cel.common.CelAbstractSyntaxTree;
import dev.cel.common.CelFunctionDecl;
import dev.cel.common.CelIssue;
import dev.cel.common.CelOptions;
import dev.cel.common.CelOverloadDecl;
import dev.cel.common.CelValidationException;
import dev.cel.common.CelValidationResult;
import dev.cel.common.types.CelType;
import dev.cel.common.types.SimpleType;
import dev.cel.compiler.CelCompilerBuilder;
import dev.cel.compiler.CelCompilerFactory;
import dev.cel.runtime.CelEvaluationException;
import dev.cel.runtime.CelRuntime;
import dev.cel.runtime.CelRuntimeFactory;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.function.ToDoubleFunction;

/// A checked expression of the Common Expression Language.
///
/// ```java
/// Expression recovery =
///     Expression.number("Fares / Running cost * 100", List.of(
///         Name.number("Fares"), Name.number("Running cost")));
/// recovery.workOut(name -> figures.get(name));
/// ```
///
/// Beyond the language itself there are `missing(x)`, which is true where there is no answer;
/// `date("2025-03-01")`; and `year(d)`, `quarter(d)`, `month(d)`, `day(d)` of a date.
public final class Expression {
  private static final CelOptions OPTIONS =
      CelOptions.current()
          .enableHeterogeneousNumericComparisons(true)
          .enableTimestampEpoch(true)
          .build();

  private final String text;
  private final NamedText named;
  private final Term term;
  private final CelRuntime.Program program;
  private final List<Name> used;

  private Expression(
      String text, NamedText named, Term term, List<Name> used, CelRuntime.Program program) {
    this.text = text;
    this.named = named;
    this.term = term;
    this.used = used;
    this.program = program;
  }

  /// An expression that gives a number.
  ///
  /// @throws BadExpression if it is none, or uses other names
  public static Expression number(String text, List<Name> names) {
    return parse(text, names, SimpleType.DOUBLE, "a number, such as Fares / Cost");
  }

  /// An expression that is true or false.
  ///
  /// @throws BadExpression if it is none, or uses other names
  public static Expression truth(String text, List<Name> names) {
    return parse(text, names, SimpleType.BOOL, "true or false, such as Route == 'Hale–Orrin'");
  }

  /// The term of an expression that gives a number and may call functions of its surroundings.
  ///
  /// @param functions these functions, in the language's own terms
  /// @throws BadExpression if it is none
  static Term term(String text, List<Name> names, List<CelFunctionDecl> functions) {
    NamedText named = new NamedText(text, names);
    CelAbstractSyntaxTree tree =
        checked(named, text, SimpleType.DOUBLE, "a number, such as Fares / Cost", functions);
    return new TermReader(named).read(tree.getExpr());
  }

  private static CelAbstractSyntaxTree checked(
      NamedText named, String text, CelType wanted, String such, List<CelFunctionDecl> functions) {
    if (text.isBlank()) {
      throw new BadExpression("The expression is empty. Write one that gives " + such + ".", 0);
    }
    CelValidationResult result =
        compiler(named).addFunctionDeclarations(functions).build().compile(named.written());
    if (result.hasError()) {
      throw Complaints.of(text, named, result.getErrors().getFirst());
    }
    try {
      CelAbstractSyntaxTree tree = result.getAst();
      CelType type = tree.getResultType();
      if (!type.equals(wanted)) {
        throw new BadExpression(
            "“" + text + "” gives " + Complaints.kind(type) + ". It has to give " + such + ".", 0);
      }
      return tree;
    } catch (CelValidationException e) {
      CelIssue issue = CelIssue.formatError(1, 0, String.valueOf(e.getMessage()));
      throw Complaints.of(text, named, issue);
    }
  }

  private static Expression parse(String text, List<Name> names, CelType wanted, String such) {
    NamedText named = new NamedText(text, names);
    CelAbstractSyntaxTree tree = checked(named, text, wanted, such, List.of());
    TermReader reader = new TermReader(named);
    Term term = reader.read(tree.getExpr());
    try {
      CelRuntime runtime =
          CelRuntimeFactory.standardCelRuntimeBuilder()
              .setOptions(OPTIONS)
              .addFunctionBindings(TermReader.bindings())
              .build();
      return new Expression(text, named, term, reader.used(), runtime.createProgram(tree));
    } catch (CelEvaluationException e) {
      CelIssue issue = CelIssue.formatError(1, 0, String.valueOf(e.getMessage()));
      throw Complaints.of(text, named, issue);
    }
  }

  private static CelCompilerBuilder compiler(NamedText named) {
    CelCompilerBuilder builder =
        CelCompilerFactory.standardCelCompilerBuilder().setOptions(OPTIONS);
    for (int i = 0; i < named.variables().size(); i++) {
      builder.addVar("n" + i, type(named.variables().get(i).kind()));
    }
    CelType date = SimpleType.TIMESTAMP;
    return builder.addFunctionDeclarations(
        function("missing", SimpleType.BOOL, SimpleType.DYN),
        function("date", date, SimpleType.STRING),
        function("year", SimpleType.DOUBLE, date),
        function("quarter", SimpleType.DOUBLE, date),
        function("month", SimpleType.DOUBLE, date),
        function("day", SimpleType.DOUBLE, date));
  }

  private static CelFunctionDecl function(String name, CelType result, CelType argument) {
    return CelFunctionDecl.newFunctionDeclaration(
        name, CelOverloadDecl.newGlobalOverload(name + "_of", result, argument));
  }

  private static CelType type(Name.Kind kind) {
    return switch (kind) {
      case NUMBER -> SimpleType.DOUBLE;
      case TEXT -> SimpleType.STRING;
      case DATE -> SimpleType.TIMESTAMP;
      case TRUTH -> SimpleType.BOOL;
    };
  }

  /// The expression as the person wrote it.
  public String text() {
    return text;
  }

  /// The expression as a tree.
  public Term term() {
    return term;
  }

  /// The names that it uses, each once, in the order in which they come.
  public List<Name> used() {
    return used;
  }

  /// Whether it is true, for expressions that are true or false.
  ///
  /// @param values what each name stands for: a number, a text or a truth; nothing where there is
  ///   no answer
  /// @return false if a value is missing or it can't be worked out
  boolean isTrue(Function<Name, Optional<?>> values) {
    Map<String, Object> known = new HashMap<>();
    for (Name name : used) {
      Optional<?> value = values.apply(name);
      if (value.isEmpty()) {
        return false;
      }
      known.put("n" + named.variables().indexOf(name), value.get());
    }
    try {
      return Boolean.TRUE.equals(program.eval(known));
    } catch (CelEvaluationException e) {
      return false;
    }
  }

  /// The number that it comes to, for expressions over numbers alone.
  ///
  /// @param figures the figure for each name, not a number where there is none
  /// @return nothing if a figure is missing or the result is not finite, as in a division by zero
  public OptionalDouble workOut(ToDoubleFunction<String> figures) {
    Map<String, Object> values = new HashMap<>();
    for (Name name : used) {
      double figure = figures.applyAsDouble(name.name());
      if (!Double.isFinite(figure)) {
        return OptionalDouble.empty();
      }
      values.put("n" + named.variables().indexOf(name), figure);
    }
    try {
      Object result = program.eval(values);
      boolean number = result instanceof Double value && Double.isFinite(value);
      return number ? OptionalDouble.of((Double) result) : OptionalDouble.empty();
    } catch (CelEvaluationException e) {
      return OptionalDouble.empty();
    }
  }
}
