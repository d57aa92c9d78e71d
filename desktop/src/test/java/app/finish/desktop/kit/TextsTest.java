package app.finish.desktop.kit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.ResourceBundle;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.testng.annotations.Test;

/// Each text that the window asks for is in its bundle.
public class TextsTest {
  private static final Pattern ASKED = Pattern.compile("Texts\\.of\\(\\s*\"([a-zA-Z.]*[a-zA-Z])\"");

  @Test
  public void eachTextThatIsAskedForIsThere() throws IOException {
    ResourceBundle texts = ResourceBundle.getBundle("app.finish.desktop.texts");
    List<String> missing = new ArrayList<>();
    int asked = 0;
    try (Stream<Path> files = Files.walk(Path.of("src/main/java"))) {
      for (Path file : files.filter(one -> one.toString().endsWith(".java")).toList()) {
        Matcher match = ASKED.matcher(Files.readString(file));
        while (match.find()) {
          asked++;
          if (!texts.containsKey(match.group(1))) {
            missing.add(file.getFileName() + ": " + match.group(1));
          }
        }
      }
    }
    assertThat(asked).isGreaterThan(200);
    assertThat(missing).isEmpty();
  }
}
