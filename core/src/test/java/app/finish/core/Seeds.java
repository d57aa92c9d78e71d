package app.finish.core;

import java.util.stream.IntStream;

/// Seeds for tests that are made by chance.
public final class Seeds {
  private Seeds() {}

  /// The seeds from 0 on, as many as are wanted, one for each run of a test.
  public static Object[][] upTo(int count) {
    return IntStream.range(0, count).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
  }
}
