package app.finish.bench;

import app.finish.cli.Main;
import java.io.IOException;
import java.io.OutputStream;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/// A folder of 100 tables sent as DOCX by one command, from nothing: read, recognised, dressed in
/// APA 7 and written. The floor is a bare program that splits the same lines and writes the same
/// cells with the same library, on as many threads.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 0)
@Measurement(iterations = 1)
@Fork(3)
public class FolderBench {
  private static final int FILES = 100;
  private static final List<String> QUAYS =
      List.of("North Quay", "South Quay", "Skerry", "Marram Pier", "Ness", "Total");

  private Path in;
  private Path out;

  /// Writes tables of different lengths and widths.
  @Setup
  public void write() throws IOException {
    in = Files.createTempDirectory("tables");
    out = Files.createTempDirectory("sent");
    for (int file = 0; file < FILES; file++) {
      StringBuilder text = new StringBuilder("Sailings of route " + file + "\nQuay,Vessel");
      int columns = 2 + file % 7;
      IntStream.range(0, columns).forEach(i -> text.append(',').append(2015 + i));
      for (int row = 0; row < 6 + file % 40; row++) {
        text.append('\n').append(QUAYS.get(row / 6 % QUAYS.size()));
        text.append(",Vessel ").append(row % 6);
        for (int column = 0; column < columns; column++) {
          text.append(',').append((row * 7919 + column * 104_729 + file) % 9973);
        }
      }
      Files.writeString(in.resolve("table-" + file + ".csv"), text);
    }
  }

  /// Takes them away.
  @TearDown
  public void delete() throws IOException {
    for (Path folder : List.of(in, out)) {
      try (Stream<Path> files = Files.list(folder)) {
        for (Path file : files.toList()) {
          Files.delete(file);
        }
      }
      Files.delete(folder);
    }
  }

  /// Sends them.
  @Benchmark
  public String send() throws IOException {
    StringWriter told = new StringWriter();
    String[] line = {
      "send", in.toString(), "--style", "APA 7", "--as", "docx", "-o", out.toString(), "--force"
    };
    PrintWriter both = new PrintWriter(told);
    int code = Main.run(line, both, both);
    try (Stream<Path> made = Files.list(out)) {
      if (code != 0 || made.count() != FILES) {
        throw new IllegalStateException(told.toString());
      }
    }
    return told.toString();
  }

  /// Writes the cells and nothing else.
  @Benchmark
  public long floorBarePoi() throws IOException {
    try (Stream<Path> files = Files.list(in)) {
      return files.toList().parallelStream().mapToLong(this::bare).sum();
    }
  }

  private long bare(Path file) {
    try (XWPFDocument document = new XWPFDocument()) {
      XWPFTable table = document.createTable(0, 0);
      for (String line : Files.readAllLines(file)) {
        XWPFTableRow row = table.createRow();
        for (String cell : line.split(",", -1)) {
          row.createCell().setText(cell);
        }
      }
      Path made = out.resolve(file.getFileName() + ".docx");
      try (OutputStream stream = Files.newOutputStream(made)) {
        document.write(stream);
      }
      return Files.size(made);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}
