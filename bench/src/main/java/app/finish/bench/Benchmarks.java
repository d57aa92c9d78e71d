package app.finish.bench;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.openjdk.jmh.runner.Runner;
import org.openjdk.jmh.runner.RunnerException;
import org.openjdk.jmh.runner.options.CommandLineOptionException;
import org.openjdk.jmh.runner.options.CommandLineOptions;
import org.openjdk.jmh.runner.options.OptionsBuilder;

/// Runs benchmarks with the flags that the launcher starts Finish with, since that is what people
/// have. Takes what JMH's own command line takes; run it from the root of the project.
///
/// ```sh
/// java -cp "bench/target/bench.jar:bench/target/lib/*" app.finish.bench.Benchmarks PaintBench
/// ```
public final class Benchmarks {
  private static final Path FLAGS = Path.of("build", "finish.flags");

  private Benchmarks() {}

  /// @param arguments as for JMH: names of benchmarks as patterns, and options
  public static void main(String[] arguments)
      throws IOException, CommandLineOptionException, RunnerException {
    new Runner(
            new OptionsBuilder()
                .parent(new CommandLineOptions(arguments))
                .jvmArgsPrepend(launcherFlags().toArray(String[]::new))
                .build())
        .run();
  }

  /// The flags that `./finish` starts the JVM with.
  static List<String> launcherFlags() throws IOException {
    if (!Files.exists(FLAGS)) {
      throw new IOException("No " + FLAGS + " here. Run the benchmarks from the project's root.");
    }
    return Files.readAllLines(FLAGS).stream()
        .map(String::strip)
        .filter(line -> line.startsWith("-"))
        .toList();
  }
}
