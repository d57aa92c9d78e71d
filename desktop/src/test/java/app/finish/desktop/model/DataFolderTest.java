package app.finish.desktop.model;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.file.Path;
import java.util.Map;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

public class DataFolderTest {
  private static final Path HOME = Path.of("/home/vera");

  @DataProvider
  public Object[][] systems() {
    return new Object[][] {
      {"Linux", Map.of(), HOME.resolve(".local/state/finish")},
      {"Linux", Map.of("XDG_STATE_HOME", "/var/vera"), Path.of("/var/vera/finish")},
      {"Linux", Map.of("XDG_STATE_HOME", " "), HOME.resolve(".local/state/finish")},
      {"Mac OS X", Map.of(), HOME.resolve("Library/Application Support/Finish")},
      {"Windows 11", Map.of("LOCALAPPDATA", "/local"), Path.of("/local/Finish")},
      {"Windows 11", Map.of(), HOME.resolve("AppData/Local/Finish")}
    };
  }

  @Test(dataProvider = "systems")
  public void eachSystemHasItsFolder(String system, Map<String, String> environment, Path folder) {
    assertThat(DataFolder.of(system, HOME, environment)).isEqualTo(folder);
  }
}
