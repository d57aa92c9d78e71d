package app.finish.cli;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.testng.annotations.Test;

/// Work that takes long says so and takes its line back; quick work says nothing.
public class StillAtTest {
  private final ByteArrayOutputStream said = new ByteArrayOutputStream();

  private PrintStream stream() {
    return new PrintStream(said, true, StandardCharsets.UTF_8);
  }

  private String said() {
    return said.toString(StandardCharsets.UTF_8);
  }

  @Test
  public void longWorkIsToldAndItsLineGoes() throws InterruptedException {
    said.reset();
    StillAt still = StillAt.on("Reading \u001B[2Jfares.csv", stream(), Duration.ofMillis(20));
    for (int i = 0; i < 200 && said().isEmpty(); i++) {
      Thread.sleep(20);
    }
    still.close();
    String all = said();
    assertThat(all).contains("fares.csv for 0 s; Ctrl+C stops it.").doesNotContain("\u001B");
    assertThat(all).endsWith("\r");
    assertThat(all.strip()).isNotEmpty();
  }

  @Test
  public void quickWorkSaysNothing() {
    said.reset();
    StillAt.on("Reading fares.csv", stream(), Duration.ofHours(1)).close();
    assertThat(said()).isEmpty();
  }
}
