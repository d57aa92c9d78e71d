package app.finish.expressions;

import dev.cel.common.ast.CelConstant;
import dev.cel.common.ast.CelExpr;
import dev.cel.runtime.CelFunctionBinding;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;

/// Turns the language's own tree into terms.
final class TermReader {
  private static final Map<String, String> OPERATORS =
      Map.ofEntries(
          Map.entry("_+_", "+"),
          Map.entry("_-_", "-"),
          Map.entry("_*_", "*"),
          Map.entry("_/_", "/"),
          Map.entry("_%_", "%"),
          Map.entry("-_", "-"),
          Map.entry("!_", "!"),
          Map.entry("_&&_", "&&"),
          Map.entry("_||_", "||"),
          Map.entry("_==_", "=="),
          Map.entry("_!=_", "!="),
          Map.entry("_<_", "<"),
          Map.entry("_<=_", "<="),
          Map.entry("_>_", ">"),
          Map.entry("_>=_", ">="),
          Map.entry("@in", "in"),
          Map.entry("_?_:_", "? :"));

  private final NamedText named;
  private final Set<Name> used = new LinkedHashSet<>();

  TermReader(NamedText named) {
    this.named = named;
  }

  /// The names that were met.
  List<Name> used() {
    return List.copyOf(used);
  }

  Term read(CelExpr tree) {
    return switch (tree.getKind()) {
      case CONSTANT -> constant(tree.constant());
      case IDENT -> {
        Name name = named.named(tree.ident().name());
        used.add(name);
        yield new Term.Named(name);
      }
      case LIST -> new Term.Listed(tree.list().elements().stream().map(this::read).toList());
      case CALL -> call(tree);
      default ->
          throw new BadExpression(
              "This part of the language can't be used here: " + tree.getKind() + ".", 0);
    };
  }

  private static Term constant(CelConstant constant) {
    return switch (constant.getKind()) {
      case DOUBLE_VALUE -> new Term.Number(constant.doubleValue());
      case INT64_VALUE -> new Term.Number(constant.int64Value());
      case STRING_VALUE -> new Term.Text(constant.stringValue());
      case BOOLEAN_VALUE -> new Term.Truth(constant.booleanValue());
      default -> throw new BadExpression("Use numbers, texts, dates, true and false.", 0);
    };
  }

  private Term call(CelExpr tree) {
    List<Term> arguments = new ArrayList<>();
    tree.call().target().ifPresent(target -> arguments.add(read(target)));
    tree.call().args().forEach(argument -> arguments.add(read(argument)));
    String function = tree.call().function();
    boolean isDate = function.equals("date") || function.equals("timestamp");
    if (isDate && arguments.getFirst() instanceof Term.Text text) {
      return new Term.Moment(moment(text.value()));
    }
    return new Term.Call(OPERATORS.getOrDefault(function, function), arguments);
  }

  private static Instant moment(String text) {
    try {
      return text.length() <= 10
          ? LocalDate.parse(text).atStartOfDay().toInstant(ZoneOffset.UTC)
          : LocalDateTime.parse(text.replace("Z", "").replace(' ', 'T')).toInstant(ZoneOffset.UTC);
    } catch (DateTimeParseException e) {
      throw new BadExpression("“" + text + "” is no date. Write it as 2025-03-31.", 0);
    }
  }

  /// What the functions of our own do.
  static List<CelFunctionBinding> bindings() {
    return List.of(
        CelFunctionBinding.from("missing_of", Object.class, value -> false),
        CelFunctionBinding.from("date_of", String.class, TermReader::moment),
        CelFunctionBinding.from("year_of", Instant.class, d -> (double) date(d).getYear()),
        CelFunctionBinding.from(
            "quarter_of", Instant.class, d -> (double) ((date(d).getMonthValue() + 2) / 3)),
        CelFunctionBinding.from("month_of", Instant.class, d -> (double) date(d).getMonthValue()),
        CelFunctionBinding.from("day_of", Instant.class, d -> (double) date(d).getDayOfMonth()));
  }

  private static LocalDate date(Instant moment) {
    return moment.atOffset(ZoneOffset.UTC).toLocalDate();
  }
}
