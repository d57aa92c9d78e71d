import com.google.googlejavaformat.java.Formatter;
import com.google.googlejavaformat.java.FormatterException;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.stream.Stream;

/// Gives all sources of all modules one shape, or says which lack it. The build runs it on the JDK that
/// it compiles with, since the formatter parses with the compiler of the JVM that it runs in.
///
/// ```sh
/// mvn -B -q -Pformat validate # puts all into shape
/// ```
public final class Format {
  private Format() {}

  /// @param args `check` or `write`, then the folder of all modules
  public static void main(String[] args) throws IOException {
    boolean write = args[0].equals("write");
    List<Path> files = new ArrayList<>();
    for (Path folder : sources(Path.of(args[1]))) {
      try (Stream<Path> walk = Files.walk(folder)) {
        walk.filter(file -> file.toString().endsWith(".java")).forEach(files::add);
      }
    }
    List<String> wrong = Collections.synchronizedList(new ArrayList<>());
    files.parallelStream().forEach(file -> shape(file, write, wrong));
    if (!wrong.isEmpty()) {
      wrong.stream().sorted().forEach(System.err::println);
      System.err.println("Put them into shape: mvn -B -q -Pformat validate");
      System.exit(1);
    }
  }

  private static List<Path> sources(Path all) throws IOException {
    try (Stream<Path> modules = Files.list(all)) {
      return modules
          .flatMap(module -> Stream.of("main", "test").map(kind -> module.resolve("src/" + kind + "/java")))
          .filter(Files::isDirectory)
          .toList();
    }
  }

  private static void shape(Path file, boolean write, List<String> wrong) {
    try {
      String source = Files.readString(file);
      String shaped = new Formatter().formatSourceAndFixImports(source);
      if (shaped.equals(source)) {
        return;
      }
      if (write) {
        Files.writeString(file, shaped);
      } else {
        wrong.add(file + " is not in the formatter's shape.");
      }
    } catch (FormatterException | IOException e) {
      wrong.add(file + ": " + e.getMessage());
    }
  }
}
