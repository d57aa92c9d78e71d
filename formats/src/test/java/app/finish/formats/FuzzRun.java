package app.finish.formats;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// Runs the fuzzer on every reader, on documents, styles, palettes and highlights, and on what the
/// writers write, one after another, each for a bounded time in a process of its own with little
/// memory. Ends with 1 if one of them crashed, hung or ran out of memory.
public final class FuzzRun {
  private FuzzRun() {}

  /// @param arguments the folder of the seeds, the folder to work in, the seconds for each format
  public static void main(String[] arguments) throws IOException, InterruptedException {
    Path seeds = Path.of(arguments[0]).toAbsolutePath();
    Path work = Path.of(arguments[1]).toAbsolutePath();
    List<String> endings = FuzzSeeds.targets(seeds);
    List<String> broken = new ArrayList<>();
    for (String ending : endings) {
      if (fuzz(ending, seeds.resolve(ending), work.resolve(ending), arguments[2]) != 0) {
        broken.add(ending);
      }
    }
    System.out.println(
        broken.isEmpty()
            ? "Fuzzed " + endings.size() + " targets for " + arguments[2] + " s each: all held."
            : "These broke: " + broken + ". What broke them is in " + work + ".");
    System.exit(broken.isEmpty() ? 0 : 1);
  }

  private static int fuzz(String ending, Path seeds, Path work, String seconds)
      throws IOException, InterruptedException {
    Files.createDirectories(work.resolve("corpus"));
    Path log = work.resolve("fuzz.log");
    Process process =
        new ProcessBuilder(
                ProcessHandle.current().info().command().orElse("java"),
                "-Xmx768m",
                "-XX:+EnableDynamicAgentLoading",
                "--enable-native-access=ALL-UNNAMED",
                "-cp",
                System.getProperty("java.class.path"),
                "com.code_intelligence.jazzer.Jazzer",
                "--target_class="
                    + (FuzzSeeds.isReader(ending) ? FuzzReaders.class : FuzzParts.class).getName(),
                "--target_args=" + ending,
                "--instrumentation_includes=app.finish.**",
                "--reproducer_path=" + work,
                work.resolve("corpus").toString(),
                seeds.toString(),
                "-max_total_time=" + seconds,
                "-timeout=60",
                "-max_len=20000",
                "-artifact_prefix=" + work + "/")
            .directory(work.toFile())
            .redirectErrorStream(true)
            .redirectOutput(log.toFile())
            .start();
    int code = process.waitFor();
    String last =
        Files.readAllLines(log).stream()
            .filter(line -> line.contains("Done ") || line.startsWith("== Java Exception"))
            .reduce((before, now) -> now)
            .orElse("");
    System.out.println(ending + (code == 0 ? ": held. " : ": broke. ") + last);
    return code;
  }
}
