package app.finish.desktop.model;

import app.finish.core.arrange.move.Move;
import app.finish.desktop.kit.Texts;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;

/// What can be changed about a move that was made.
///
/// @param fields what is written
/// @param switches what is so or not
public record MoveEdit(List<Field> fields, List<Switch> switches) {
  /// Something that is written.
  ///
  /// @param name what it is
  /// @param text how it stands
  /// @param with the move with another text (it throws an `IllegalArgumentException` with a
  ///   sentence where the text can't be taken)
  public record Field(String name, String text, Function<String, Move> with) {}

  /// Something that is so or not.
  ///
  /// @param name what it is
  /// @param on whether it is so
  /// @param with the move with it being so or not
  public record Switch(String name, boolean on, Function<Boolean, Move> with) {}

  /// What can be changed about a move, if anything can.
  public static Optional<MoveEdit> of(Move move) {
    return switch (move) {
      case Move.Rename m ->
          field("edit.name", m.name(), text -> new Move.Rename(m.side(), m.path(), text));
      case Move.RenameMember m ->
          field(
              "edit.name",
              m.name(),
              text -> new Move.RenameMember(m.side(), m.level(), m.member(), text));
      case Move.NameLevel m ->
          field("edit.name", m.name(), text -> new Move.NameLevel(m.side(), m.level(), text));
      case Move.NameTotals m ->
          field("edit.name", m.name(), text -> new Move.NameTotals(m.side(), m.level(), text));
      case Move.Gather m ->
          field("edit.name", m.name(), text -> new Move.Gather(m.side(), m.paths(), text));
      case Move.FillEmpty m ->
          field("edit.with", m.with(), text -> new Move.FillEmpty(m.side(), m.path(), text));
      case Move.Hold m ->
          field("edit.member", m.member(), text -> new Move.Hold(m.side(), m.level(), text));
      case Move.ByLabel m -> Optional.of(byLabel(m));
      case Move.ByFigure m -> Optional.of(byFigure(m));
      case Move.KeepTop m -> Optional.of(keepTop(m));
      case Move.AddTotals m ->
          Optional.of(
              new MoveEdit(
                  List.of(
                      named(
                          "edit.name",
                          m.name(),
                          text -> new Move.AddTotals(m.side(), m.level(), text, m.first()))),
                  List.of(
                      is(
                          "edit.first",
                          m.first(),
                          on -> new Move.AddTotals(m.side(), m.level(), m.name(), on)))));
      case Move.PlaceTotals m ->
          Optional.of(
              new MoveEdit(
                  List.of(),
                  List.of(
                      is(
                          "edit.first",
                          m.first(),
                          on -> new Move.PlaceTotals(m.side(), m.level(), on)))));
      case Move.Calculate m -> Optional.of(calculate(m));
      default -> Optional.empty();
    };
  }

  private static Field named(String key, String text, Function<String, Move> with) {
    return new Field(Texts.of(key), text, with);
  }

  private static Switch is(String key, boolean on, Function<Boolean, Move> with) {
    return new Switch(Texts.of(key), on, with);
  }

  private static Optional<MoveEdit> field(String key, String text, Function<String, Move> with) {
    return Optional.of(new MoveEdit(List.of(named(key, text, with)), List.of()));
  }

  private static MoveEdit byLabel(Move.ByLabel m) {
    return new MoveEdit(
        List.of(),
        List.of(
            is(
                "edit.za",
                m.descending(),
                on -> new Move.ByLabel(m.side(), m.level(), on, m.overAll())),
            is(
                "edit.overAll",
                m.overAll(),
                on -> new Move.ByLabel(m.side(), m.level(), m.descending(), on))));
  }

  private static MoveEdit byFigure(Move.ByFigure m) {
    return new MoveEdit(
        List.of(),
        List.of(
            is(
                "edit.largest",
                m.descending(),
                on -> new Move.ByFigure(m.side(), m.level(), m.at(), on, m.overAll())),
            is(
                "edit.overAll",
                m.overAll(),
                on -> new Move.ByFigure(m.side(), m.level(), m.at(), m.descending(), on))));
  }

  private static MoveEdit keepTop(Move.KeepTop m) {
    return new MoveEdit(
        List.of(
            named(
                "edit.quota",
                Quotas.write(m.quota()),
                text ->
                    new Move.KeepTop(
                        m.side(),
                        m.level(),
                        Quotas.read(text),
                        m.at(),
                        m.bottom(),
                        m.overAll(),
                        m.gathered()))),
        List.of(
            is(
                "edit.bottom",
                m.bottom(),
                on ->
                    new Move.KeepTop(
                        m.side(), m.level(), m.quota(), m.at(), on, m.overAll(), m.gathered())),
            is(
                "edit.overAll",
                m.overAll(),
                on ->
                    new Move.KeepTop(
                        m.side(), m.level(), m.quota(), m.at(), m.bottom(), on, m.gathered())),
            is(
                "edit.gathered",
                m.gathered(),
                on ->
                    new Move.KeepTop(
                        m.side(), m.level(), m.quota(), m.at(), m.bottom(), m.overAll(), on))));
  }

  private static MoveEdit calculate(Move.Calculate m) {
    return new MoveEdit(
        List.of(
            named(
                "edit.name",
                m.name(),
                text -> new Move.Calculate(text, m.expression(), m.kind(), m.decimals())),
            named(
                "edit.expression",
                m.expression(),
                text -> Move.Calculate.asked(m.name(), text, m.kind(), m.decimals())),
            named(
                "edit.decimals",
                "" + m.decimals(),
                text ->
                    new Move.Calculate(m.name(), m.expression(), m.kind(), Quotas.decimals(text)))),
        List.of());
  }
}
