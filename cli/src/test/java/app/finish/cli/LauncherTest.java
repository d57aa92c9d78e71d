package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import org.testng.annotations.Test;
import picocli.CommandLine;

/// What starts Finish knows each command, and doesn't open a window for one.
public class LauncherTest {
  @Test
  public void eachCommandIsRunByTheLauncher() throws IOException {
    List<String> lines = Files.readAllLines(Path.of("../finish"));
    String commands =
        lines.stream().filter(line -> line.strip().startsWith("read |")).findFirst().orElseThrow();
    List<String> known = Arrays.asList(commands.replace(")", "").strip().split(" \\| "));
    assertThat(known).containsAll(new CommandLine(new Main()).getSubcommands().keySet());
  }
}
