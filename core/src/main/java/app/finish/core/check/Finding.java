package app.finish.core.check;

import java.util.List;

/// Something that does not hold.
///
/// @param check the id of the check that found it
/// @param where where it is
/// @param is what is there, as written; often the empty string
/// @param should what should be there; often the empty string
/// @param sentence what is wrong, for a person to read
/// @param isWrong whether it is wrong; otherwise it is only worth knowing
/// @param mends what would mend it, the best first
public record Finding(
    String check,
    Where where,
    String is,
    String should,
    String sentence,
    boolean isWrong,
    List<Mend> mends) {
  /// Copies the list.
  public Finding {
    mends = List.copyOf(mends);
  }

  /// Something wrong that only the person can mend.
  public Finding(Check check, Where where, String is, String should, String sentence) {
    this(check.id(), where, is, should, sentence, true, List.of());
  }

  /// What tells it from others of its table: the check, the place and what stands there.
  public String key() {
    return check + " | " + where.words() + " | " + is;
  }

  /// The same, only worth knowing.
  public Finding worthKnowing() {
    return new Finding(check, where, is, should, sentence, false, mends);
  }

  /// The same with what would mend it.
  public Finding mendedBy(Mend... some) {
    return new Finding(check, where, is, should, sentence, isWrong, List.of(some));
  }

  /// Its place in words and what it is.
  @Override
  public String toString() {
    return where.words() + ": " + sentence;
  }
}
