package app.finish.records.source;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Problem;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.Test;

public class JsonDepthTest {
  private static Path file(String json) throws IOException {
    Path file = Files.createTempFile("finish-json", ".json");
    file.toFile().deleteOnExit();
    return Files.writeString(file, json);
  }

  @Test
  public void deepNestingIsRefusedInASentence() throws IOException {
    Path deep = file("[".repeat(3000) + "1" + "]".repeat(3000));
    assertThatThrownBy(() -> JsonDepth.check(deep, "deep.json"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("deep.json nests more than 64");
  }

  @Test
  public void bracketsInTextsAreNoNesting() throws IOException {
    Path flat = file("[{\"a\":\"" + "[{\\\"".repeat(500) + "\"},{\"a\":\"x\"}]");
    assertThatCode(() -> JsonDepth.check(flat, "flat.json")).doesNotThrowAnyException();
  }
}
