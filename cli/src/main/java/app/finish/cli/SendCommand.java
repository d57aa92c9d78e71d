package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Mendable;
import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.InputFormat;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.SentFile;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/// `finish send`: sends the tables of many files out at once, each file on its own, in several
/// formats. A file that can't be read is told of and does not stop the others.
@Command(
    name = "send",
    mixinStandardHelpOptions = true,
    description = "Send the tables of many files out at once, in several formats.")
final class SendCommand implements Callable<Integer> {
  /// What tables wear that have no style of their own, if none is named.
  private static final String USUAL = "APA 7";

  /// What became of a file.
  private record Done(int written, List<String> said, boolean failed) {}

  @Parameters(
      arity = "1..*",
      paramLabel = "IN",
      description =
          "files that hold tables, .finish documents, or folders of them: ${bundle:input.formats}")
  private List<Path> ins;

  @Spec private CommandSpec spec;

  @Mixin private Input input;

  @Option(
      names = "--style",
      defaultValue = "",
      paramLabel = "NAME|FILE",
      description =
          "a shipped style or a style file; .finish documents wear their own if none is given,"
              + " other tables APA 7")
  private String style;

  @Option(
      names = {"-o", "--out"},
      required = true,
      paramLabel = "DIR",
      description = "the folder to write in; it is made if it is not there")
  private Path out;

  @Option(
      names = "--as",
      required = true,
      split = ",",
      paramLabel = "FORMAT",
      description =
          "the formats, by their endings: docx, xlsx and so on (${bundle:output.endings})")
  private List<String> as;

  @Mixin private PaperChoice paper;

  @Option(names = "--force", description = "write over files that are there")
  private boolean force;

  @Override
  public Integer call() throws Exception {
    List<OutputFormat> formats = new ArrayList<>();
    for (String ending : as) {
      formats.add(format(ending));
    }
    StyleBook shipped = StyleFile.shipped();
    HouseStyle chosen = ChosenStyle.of(style.isEmpty() ? USUAL : style, shipped);
    List<Path> files = files();
    prove(files);
    paper.paper();
    Files.createDirectories(out);
    PrintWriter err = spec.commandLine().getErr();
    int written = 0;
    int failed = 0;
    try (ExecutorService workers =
        Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
      List<Future<Done>> all = new ArrayList<>();
      for (Path file : files) {
        all.add(workers.submit(() -> send(file, formats, shipped, chosen)));
      }
      for (int i = 0; i < files.size(); i++) {
        Done done = result(all.get(i));
        done.said.forEach(err::println);
        written += done.written;
        failed += done.failed ? 1 : 0;
      }
    }
    spec.commandLine()
        .getOut()
        .println(
            Input.counted(written, "file")
                + " written from "
                + Input.counted(files.size() - failed, "file")
                + (failed == 0 ? "." : "; " + failed + " could not be sent."));
    return failed == 0 ? 0 : Main.MENDABLE;
  }

  private static Done result(Future<Done> sent) throws Exception {
    try {
      return sent.get();
    } catch (ExecutionException e) {
      if (e.getCause() instanceof Error fault) {
        throw fault;
      }
      throw e.getCause() instanceof Exception failure ? failure : e;
    }
  }

  private static OutputFormat format(String ending) throws Problem {
    String bare = ending.strip().replaceFirst("^\\.", "");
    return OutputFormat.ofFile("." + bare)
        .filter(format -> format.extension().equalsIgnoreCase(bare))
        .orElseThrow(
            () ->
                new Problem(
                    "There is no format “"
                        + ending
                        + "”. Name some of "
                        + OutputFormat.endingsInWords()
                        + "."));
  }

  /// The files that are meant, those of folders in order of their names.
  private List<Path> files() throws IOException {
    Set<Path> files = new LinkedHashSet<>();
    for (Path in : ins) {
      if (Files.isDirectory(in)) {
        try (Stream<Path> all = Files.list(in)) {
          all.filter(SendCommand::isTables).sorted().forEach(files::add);
        }
      } else {
        files.add(in);
      }
    }
    if (files.isEmpty()) {
      throw new Problem("There are no files with tables in " + ins.getFirst() + ".");
    }
    return List.copyOf(files);
  }

  private static boolean isTables(Path file) {
    String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
    String ending = name.substring(name.lastIndexOf('.') + 1);
    return Files.isRegularFile(file)
        && !name.startsWith(".")
        && (ending.equals("finish") || InputFormat.allEndings().contains(ending));
  }

  /// Makes sure that no two files would be written under one name.
  private static void prove(List<Path> files) throws Problem {
    Map<String, Path> names = new HashMap<>();
    for (Path file : files) {
      Path other = names.putIfAbsent(stem(file).toLowerCase(Locale.ROOT), file);
      if (other != null) {
        throw new Problem(
            other
                + " and "
                + file
                + " would be written under one name. Send them one after the other, into two"
                + " folders.");
      }
    }
  }

  private static String stem(Path file) {
    return file.getFileName().toString().replaceFirst("(?<=.)\\.[^.]*$", "");
  }

  private Done send(Path file, List<OutputFormat> formats, StyleBook shipped, HouseStyle chosen)
      throws IOException {
    List<String> said = new ArrayList<>();
    int written = 0;
    try {
      Document document = document(file, chosen, said);
      Sending sending = new Sending(new Fonts(), shipped, new MeasureFormulas());
      for (OutputFormat format : formats) {
        written += write(document, sending, format, stem(file));
      }
      return new Done(written, said, false);
    } catch (IOException e) {
      said.add(file + ": " + (e instanceof Mendable one ? one.sentence() : e.getMessage()));
    } catch (RuntimeException e) {
      if (!(e instanceof Mendable one)) {
        throw e;
      }
      said.add(file + ": " + one.sentence());
    }
    return new Done(written, said, true);
  }

  private Document document(Path file, HouseStyle chosen, List<String> said) throws IOException {
    if (Begun.isDocument(List.of(file))) {
      Document document = DocumentFile.read(file);
      return style.isEmpty() ? document : Begun.worn(document, chosen);
    }
    StringWriter hidden = new StringWriter();
    Document document = new Begun(input, new PrintWriter(hidden)).with(List.of(file), chosen);
    hidden.toString().lines().forEach(line -> said.add(file + ": " + line));
    return document;
  }

  /// Writes one file, or one for each table where a file holds one.
  private int write(Document document, Sending sending, OutputFormat format, String stem)
      throws IOException {
    List<Integer> all = IntStream.range(0, document.items().size()).boxed().toList();
    List<SentFile> targets = SentFile.all(out, stem, List.of(format), all);
    for (SentFile target : targets) {
      if (!force && Files.exists(target.path())) {
        throw new Problem(target.path() + " is there already. Write over it with --force.");
      }
      sending.write(document, target.indexes(), format, paper.paper(), target.path());
    }
    return targets.size();
  }
}
