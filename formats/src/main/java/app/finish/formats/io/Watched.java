package app.finish.formats.io;

import java.io.FilterInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.util.function.DoubleConsumer;

/// A stream that tells how much of it is read, and ends with an exception when its thread is
/// interrupted, so that reading can be stopped.
public final class Watched extends FilterInputStream {
  private static final int STEP = 1 << 16;

  private final long length;
  private final DoubleConsumer progress;
  private long read;
  private long told;

  /// @param length how many bytes there are to read; 0 if that is not known
  public Watched(InputStream stream, long length, DoubleConsumer progress) {
    super(stream);
    this.length = length;
    this.progress = progress;
  }

  /// Stops what is being read if its thread is interrupted.
  ///
  /// @throws InterruptedIOException if it is
  public static void check() throws InterruptedIOException {
    if (Thread.currentThread().isInterrupted()) {
      throw new InterruptedIOException("reading was stopped");
    }
  }

  private int count(int bytes) throws IOException {
    read += Math.max(0, bytes);
    if (read - told >= STEP) {
      told = read;
      check();
      if (length > 0) {
        progress.accept(Math.min(1, (double) read / length));
      }
    }
    return bytes;
  }

  @Override
  public int read() throws IOException {
    int one = super.read();
    count(one < 0 ? 0 : 1);
    return one;
  }

  @Override
  public int read(byte[] into, int from, int length) throws IOException {
    return count(super.read(into, from, length));
  }
}
