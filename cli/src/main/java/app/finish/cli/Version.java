package app.finish.cli;

import java.io.IOException;
import java.io.InputStream;
import java.util.Properties;
import picocli.CommandLine.IVersionProvider;

/// Which version of Finish this is: the build writes it into a file beside the classes.
///
/// ```java
/// new Version().getVersion()[0]; // "Finish 0.1.0"
/// ```
public final class Version implements IVersionProvider {
  @Override
  public String[] getVersion() throws IOException {
    Properties properties = new Properties();
    try (InputStream file = Version.class.getResourceAsStream("version.properties")) {
      properties.load(file);
    }
    return new String[] {
      "Finish " + properties.getProperty("version").replace("-SNAPSHOT", ", unreleased")
    };
  }
}
