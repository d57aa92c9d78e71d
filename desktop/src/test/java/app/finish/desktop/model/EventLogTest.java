package app.finish.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/// Faults are written down by kind and place, without a word of the document, and in bounded files.
public class EventLogTest {
  private static RuntimeException fault() {
    return new IllegalStateException(
        "Salary of Ms Hale: 48,200", new IllegalArgumentException("fares.xlsx, password=gannet"));
  }

  @Test
  public void aFaultIsToldByKindAndPlaceAlone() throws IOException {
    EventLog log = new EventLog(Files.createTempDirectory("finish-log").resolve("log"), "1.2");
    String told = log.fault(fault());
    assertThat(told)
        .contains("Finish 1.2", "java.lang.IllegalStateException", "because of java.lang.Illegal")
        .contains("EventLogTest.fault(EventLogTest.java:")
        .doesNotContain("Salary", "48,200", "fares", "gannet");
    assertThat(Files.readString(log.file())).isEqualTo(told);
    log.fault(fault());
    assertThat(Files.readString(log.file())).hasSizeGreaterThan(told.length());
  }

  @Test
  public void filesAreBoundedInSizeAndNumber() throws IOException {
    Path folder = Files.createTempDirectory("finish-log");
    EventLog log = new EventLog(folder, "1.2");
    for (int i = 0; i < 1_500; i++) {
      log.fault(fault());
    }
    long bytes = 0;
    try (Stream<Path> files = Files.list(folder)) {
      for (Path file : files.toList()) {
        bytes += Files.size(file);
      }
    }
    try (Stream<Path> files = Files.list(folder)) {
      assertThat(files.count()).isEqualTo(5);
    }
    assertThat(bytes).isLessThan(1_100_000);
  }

  @Test
  public void aDiskThatTakesNothingIsNoFurtherFault() throws IOException {
    Path file = Files.createTempFile("finish-log", "");
    assertThat(new EventLog(file, "1.2").fault(fault())).contains("IllegalStateException");
  }
}
