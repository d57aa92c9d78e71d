package app.finish.core.dress;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/// Numbers the kinds of rows of a body: rows of one kind have the same look in each column.
public final class RowKinds {
  private long[] known = new long[16];
  private int size;
  private int last;
  private final List<Path> paths = new ArrayList<>(List.of(Path.START));
  private Path read = Path.START;

  /// What the headings down to a level make of a row, as [app.finish.core.table.Leaf] says it.
  ///
  /// @param role a member, or a total
  /// @param level the level that a subtotal totals; 0 for all others
  /// @param measure the measure that a heading names; −1 if none does
  /// @param above how many of the headings name none
  private record Path(Role role, int level, int measure, int above) {
    static final Path START = new Path(Role.MEMBER, 0, -1, 0);

    Path with(Heading heading) {
      boolean named = heading.measure().isPresent();
      return new Path(
          heading.role().compareTo(role) > 0 ? heading.role() : role,
          heading.role() == Role.SUBTOTAL && level == 0 ? Math.max(1, above) : level,
          named && measure < 0 ? heading.measure().getAsInt() : measure,
          above + (named ? 0 : 1));
    }
  }

  /// Reads what the headings of a leaf make of its row, without making the leaf.
  ///
  /// @param shared how many of its headings were those of the leaf that was read before
  Role read(Axis axis, int leaf, int shared) {
    int depth = axis.depth(leaf);
    while (paths.size() > shared + 1) {
      paths.removeLast();
    }
    for (int level = shared; level < depth - 1; level++) {
      paths.add(paths.getLast().with(axis.heading(leaf, level)));
    }
    read = paths.getLast().with(axis.heading(leaf, depth - 1));
    return read.role;
  }

  /// The kind of the row that was read.
  ///
  /// @param groups how many groups it stands in
  /// @param first the first level that is written in it
  /// @param touches the number of the layers on it, below 2²⁴
  int kind(int groups, int first, boolean tinted, int touches) {
    long key = 1 + read.role.ordinal() * 64L + read.level;
    key = (key * 64 + groups) * 64 + first;
    key = (key * 8192 + read.measure + 1) * 2 + (tinted ? 1 : 0);
    return number((key << 24) + touches);
  }

  /// The kind of the rows that head groups of a level.
  int ofGroups(int groupLevel, int touches) {
    return number(-1L - groupLevel - 64L * touches);
  }

  /// How many kinds there are.
  int size() {
    return size;
  }

  private int number(long key) {
    if (size > 0 && known[last] == key) {
      return last;
    }
    for (int i = 0; i < size; i++) {
      if (known[i] == key) {
        last = i;
        return i;
      }
    }
    if (size == known.length) {
      known = Arrays.copyOf(known, size * 2);
    }
    known[size] = key;
    last = size;
    return size++;
  }
}
