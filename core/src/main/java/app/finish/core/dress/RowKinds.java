package app.finish.core.dress;

import app.finish.core.table.Axis;
import app.finish.core.table.Heading;
import app.finish.core.table.Heading.Role;
import java.util.Arrays;

/// Numbers the kinds of rows of a body: rows of one kind have the same look in each column.
final class RowKinds {
  private long[] known = new long[16];
  private int size;
  private int last;
  private Role role = Role.MEMBER;
  private int level;
  private int measure;

  /// Reads what the headings of a leaf make of its row, as [app.finish.core.table.Leaf] says it,
  /// without making the leaf.
  Role read(Axis axis, int leaf) {
    role = Role.MEMBER;
    level = 0;
    measure = -1;
    int above = 0;
    int depth = axis.depth(leaf);
    for (int i = 0; i < depth; i++) {
      Heading heading = axis.heading(leaf, i);
      if (heading.role() == Role.SUBTOTAL && level == 0) {
        level = Math.max(1, above);
      }
      role = heading.role().compareTo(role) > 0 ? heading.role() : role;
      boolean named = heading.measure().isPresent();
      measure = named && measure < 0 ? heading.measure().getAsInt() : measure;
      above += named ? 0 : 1;
    }
    return role;
  }

  /// The kind of the row that was read.
  ///
  /// @param groups how many groups it stands in
  /// @param first the first level that is written in it
  /// @param touches the number of the touches on it
  int kind(int groups, int first, boolean tinted, int touches) {
    long key = 1 + role.ordinal() * 64L + level;
    key = (key * 64 + groups) * 64 + first;
    key = (key * 8192 + measure + 1) * 2 + (tinted ? 1 : 0);
    return number(key * 4096 + touches);
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
