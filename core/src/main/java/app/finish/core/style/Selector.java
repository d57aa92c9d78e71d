package app.finish.core.style;

import app.finish.core.table.MeasureKind;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/// What a group of settings in a style is for.
public sealed interface Selector {
  /// A part or a family of parts, at a level or at all (0). It and the next ones are asked for
  /// their hashes for each cell that is dressed, and the record's own is slow before the machine is
  /// warm.
  record OfPart(PartName part, int level) implements Selector {
    @Override
    public boolean equals(Object other) {
      return other instanceof OfPart that && part == that.part && level == that.level;
    }

    @Override
    public int hashCode() {
      return 31 * part.ordinal() + level;
    }

    @Override
    public String toString() {
      return level > 0 ? part.word() + " " + level : part.word();
    }
  }

  /// Every other row of a group of body rows.
  record Alternate() implements Selector {
    @Override
    public String toString() {
      return "alternate";
    }
  }

  /// Every other column of figures.
  record AlternateColumns() implements Selector {
    @Override
    public String toString() {
      return "alternateColumns";
    }
  }

  /// The figures of one kind of measure.
  record OfKind(MeasureKind kind) implements Selector {
    @Override
    public boolean equals(Object other) {
      return other instanceof OfKind that && kind == that.kind;
    }

    @Override
    public int hashCode() {
      return 1000 + kind.ordinal();
    }

    @Override
    public String toString() {
      return "kind " + kind.word();
    }
  }

  /// The figures of the measure of this name.
  record OfMeasure(String name) implements Selector {
    @Override
    public boolean equals(Object other) {
      return other instanceof OfMeasure that && name.equals(that.name);
    }

    @Override
    public int hashCode() {
      return 7 + name.hashCode();
    }

    @Override
    public String toString() {
      return "measure " + name;
    }
  }

  /// A part in the columns of a kind of measure or of one measure: the grand total row under
  /// "Fares".
  ///
  /// @param of a kind or a measure
  record OfBoth(OfPart part, Selector of) implements Selector {
    @Override
    public String toString() {
      return part + ", " + of;
    }
  }

  /// One place of one table, known by the labels that lead to it in the source: what is set there
  /// goes with it when the table is arranged anew.
  ///
  /// @param down the labels down the source; none for a head or a column
  /// @param across the labels across the source; none for a heading of rows or a row
  /// @param line whether it is the whole line to which the labels lead, or one cell
  record OfPlace(List<String> down, List<String> across, boolean line) implements Selector {
    /// Copies the labels.
    public OfPlace {
      down = List.copyOf(down);
      across = List.copyOf(across);
    }

    @Override
    public String toString() {
      return (line ? "line " : "cell ")
          + String.join(" · ", down)
          + " × "
          + String.join(" · ", across);
    }
  }

  /// A cell on which a highlight lies, with what it sets there. It is asked for its hash more often
  /// than a record would bear.
  final class OfHighlight implements Selector {
    private final String name;
    private final Map<Property, String> settings;
    private final int hash;

    /// What a highlight sets on a cell.
    ///
    /// @param name the name of the highlight
    public OfHighlight(String name, Map<Property, String> settings) {
      this.name = name;
      this.settings = Map.copyOf(settings);
      this.hash = 31 * name.hashCode() + this.settings.hashCode();
    }

    /// The name of the highlight.
    public String name() {
      return name;
    }

    /// What it sets.
    public Map<Property, String> settings() {
      return settings;
    }

    @Override
    public boolean equals(Object other) {
      return this == other
          || other instanceof OfHighlight that
              && hash == that.hash
              && name.equals(that.name)
              && settings.equals(that.settings);
    }

    @Override
    public int hashCode() {
      return hash;
    }

    @Override
    public String toString() {
      return "highlight " + name;
    }
  }

  /// The settings of a part at all levels.
  static OfPart of(PartName part) {
    return new OfPart(part, 0);
  }

  /// What a key in a style file selects, if it is one: "table", "stub 2", "alternate", "kind
  /// percent", "measure Cost recovery".
  static Optional<Selector> parse(String key) {
    if (key.equals("alternate")) {
      return Optional.of(new Alternate());
    }
    if (key.equals("alternateColumns")) {
      return Optional.of(new AlternateColumns());
    }
    int comma = key.indexOf(", ");
    if (comma > 0 && !key.startsWith("measure ")) {
      return both(parse(key.substring(0, comma)), parse(key.substring(comma + 2)));
    }
    if (key.startsWith("measure ")) {
      return Optional.of(new OfMeasure(key.substring(8)));
    }
    if (key.startsWith("kind ")) {
      for (MeasureKind kind : MeasureKind.values()) {
        if (kind.word().equals(key.substring(5))) {
          return Optional.of(new OfKind(kind));
        }
      }
      return Optional.empty();
    }
    String[] words = key.split(" ");
    boolean level = words.length == 2 && words[1].matches("[1-9]");
    return words.length == 1 || level
        ? PartName.of(words[0])
            .map(part -> new OfPart(part, level ? Integer.parseInt(words[1]) : 0))
        : Optional.empty();
  }

  private static Optional<Selector> both(Optional<Selector> part, Optional<Selector> of) {
    boolean fits =
        part.isPresent()
            && part.get() instanceof OfPart
            && of.isPresent()
            && (of.get() instanceof OfKind || of.get() instanceof OfMeasure);
    return fits ? Optional.of(new OfBoth((OfPart) part.get(), of.get())) : Optional.empty();
  }

  /// The name for people.
  default String label() {
    return switch (this) {
      case OfPart of -> new Part(of.part, of.level).label().toLowerCase(Locale.ROOT);
      case Alternate alternate -> "alternate rows";
      case AlternateColumns alternate -> "alternate columns";
      case OfBoth both -> both.part.label() + " of " + both.of.label();
      case OfPlace place ->
          Stream.concat(place.down.stream(), place.across.stream())
              .collect(Collectors.joining(", "));
      case OfKind of -> "measures of kind " + of.kind.word();
      case OfMeasure of -> of.name;
      case OfHighlight of -> of.name;
    };
  }
}
