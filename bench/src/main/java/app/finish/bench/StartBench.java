package app.finish.bench;

import app.finish.desktop.FinishApplication;
import java.io.File;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/// From the command to the first proof of the demo on the screen, and to the end of the process.
/// The floor is an empty window of the same toolkit. Both run with the flags of `./finish`, each
/// with a class archive of its own.
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SingleShotTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Warmup(iterations = 2)
@Measurement(iterations = 7)
@Fork(1)
public class StartBench {
  /// Starts the demo until its first proof is shown.
  @Benchmark
  public int firstProof() throws IOException, InterruptedException {
    return run(FinishApplication.class.getName(), "finish-start", "demo", "--until-proof");
  }

  /// Shows an empty window.
  @Benchmark
  public int floorEmptyWindow() throws IOException, InterruptedException {
    return run(EmptyWindow.class.getName(), "empty-start");
  }

  /// Shows an empty window without a class cache, as `java` starts one by itself.
  @Benchmark
  public int floorEmptyWindowByItself() throws IOException, InterruptedException {
    return start(EmptyWindow.class.getName(), List.of());
  }

  private static int run(String main, String name, String... arguments)
      throws IOException, InterruptedException {
    Path cache = Path.of(System.getProperty("java.io.tmpdir"), name + ".aot");
    if (!Files.exists(cache)) {
      start(main, flags("-XX:AOTCacheOutput=" + cache), arguments);
    }
    return start(main, flags("-XX:AOTCache=" + cache), arguments);
  }

  private static List<String> flags(String cacheFlag) throws IOException {
    List<String> flags = new ArrayList<>(Benchmarks.launcherFlags());
    flags.add(cacheFlag);
    return flags;
  }

  private static int start(String main, List<String> flags, String... arguments)
      throws IOException, InterruptedException {
    String path = System.getProperty("java.class.path");
    List<String> parts = Arrays.asList(path.split(File.pathSeparator));
    String separator = File.pathSeparator;
    String toolkit =
        parts.stream().filter(StartBench::isToolkit).collect(Collectors.joining(separator));
    String rest =
        parts.stream().filter(part -> !isToolkit(part)).collect(Collectors.joining(separator));
    List<String> command = new ArrayList<>();
    command.add(Path.of(System.getProperty("java.home"), "bin", "java").toString());
    command.addAll(flags);
    command.addAll(List.of("-Xlog:disable", "-Dglass.platform=Headless", "-Dprism.order=sw"));
    command.addAll(List.of("--module-path", toolkit));
    command.addAll(List.of("--add-modules", "javafx.controls,javafx.graphics"));
    command.add("--enable-native-access=javafx.graphics,ALL-UNNAMED");
    command.addAll(List.of("-cp", rest, main));
    command.addAll(List.of(arguments));
    Process process =
        new ProcessBuilder(command)
            .redirectErrorStream(true)
            .redirectOutput(ProcessBuilder.Redirect.DISCARD)
            .start();
    int code = process.waitFor();
    if (code != 0) {
      throw new IllegalStateException(main + " ended with " + code);
    }
    return code;
  }

  private static boolean isToolkit(String part) {
    return Path.of(part).getFileName().toString().startsWith("javafx-");
  }
}
