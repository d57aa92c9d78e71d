package app.finish.core.check.house;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.problem.Refusal;
import app.finish.core.style.Cascade;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;

/// A demand of a house style on its tables, as a sentence.
///
/// ```java
/// HouseDemand.read("at most 8 columns", "Ledger").findings(checked);
/// ```
public final class HouseDemand implements Check {
  /// A table in all that a demand may ask about.
  ///
  /// @param described whether a person described it for those who can't see it
  record Subject(Table table, Dressed dressed, Cascade cascade, boolean described) {
    List<DressedCell> cells() {
      return dressed.rows().stream().flatMap(row -> row.cells().stream()).toList();
    }

    List<DressedRow> band(DressedRow.Band band) {
      return dressed.band(band);
    }
  }

  /// Something that does not hold.
  record Breach(Where where, String is, String should, String sentence, List<Mend> mends) {}

  private final String sentence;
  private final String style;
  private final DemandForm form;

  private HouseDemand(String sentence, String style, DemandForm form) {
    this.sentence = sentence;
    this.style = style;
    this.form = form;
  }

  /// The demand that a sentence makes.
  ///
  /// @param style the name of the style that makes it
  /// @throws Refusal if it is none, with those that there are
  public static HouseDemand read(String sentence, String style) {
    for (DemandForm form : DemandForm.values()) {
      Matcher said = form.pattern().matcher(sentence.strip());
      if (said.matches()) {
        form.prove(said);
        return new HouseDemand(sentence.strip(), style, form);
      }
    }
    throw new Refusal(
        "“" + sentence + "” is no demand. Write one such as " + DemandForm.examples() + ".");
  }

  /// Whether a sentence is a demand.
  public static Optional<String> fault(String sentence) {
    try {
      read(sentence, "");
      return Optional.empty();
    } catch (Refusal wrong) {
      return Optional.of(wrong.sentence());
    }
  }

  /// All demands of the styles of a cascade, the base's first. A sentence that is none is left out.
  public static List<Check> of(Cascade cascade) {
    List<Check> all = new ArrayList<>();
    cascade
        .chain()
        .forEach(
            one ->
                one.demands().stream()
                    .filter(sentence -> fault(sentence).isEmpty())
                    .forEach(sentence -> all.add(read(sentence, one.name()))));
    return all;
  }

  @Override
  public String id() {
    return "house." + form.word();
  }

  @Override
  public String asks() {
    return Character.toUpperCase(sentence.charAt(0)) + sentence.substring(1);
  }

  @Override
  public String why() {
    return "The house style " + style + " asks for it";
  }

  @Override
  public List<Finding> findings(Checked checked) {
    if (checked.table().isEmpty() || checked.dressed().isEmpty() || checked.cascade().isEmpty()) {
      return List.of();
    }
    Subject subject =
        new Subject(
            checked.table().get(),
            checked.dressed().get(),
            checked.cascade().get(),
            checked.described());
    Matcher said = form.pattern().matcher(sentence);
    return said.matches()
        ? form.breaches(subject, said).stream().map(this::finding).toList()
        : List.of();
  }

  private Finding finding(Breach breach) {
    return new Finding(this, breach.where, breach.is, breach.should, breach.sentence)
        .mendedBy(breach.mends.toArray(Mend[]::new));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof HouseDemand that && sentence.equals(that.sentence);
  }

  @Override
  public int hashCode() {
    return sentence.hashCode();
  }
}
