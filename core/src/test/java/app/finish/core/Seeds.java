package app.finish.core;

import java.util.stream.IntStream;

/// Seeds for tests that are made by chance.
public final class Seeds {
  /// How many times as many tables the heavy laws are held on: `mvn -B -Plaws verify` takes four
  /// times.
  public static final int TIMES = Integer.getInteger("laws.times", 1);

  private Seeds() {}

  /// The seeds of a heavy law.
  public static Object[][] many(int count) {
    return upTo(count * TIMES);
  }

  /// The seeds from 0 on, as many as are wanted, one for each run of a test.
  public static Object[][] upTo(int count) {
    return IntStream.range(0, count).mapToObj(seed -> new Object[] {seed}).toArray(Object[][]::new);
  }
}
