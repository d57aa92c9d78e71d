package app.finish.cli;

import app.finish.core.problem.Problem;
import app.finish.core.style.StyleBook;
import app.finish.formats.InputFormat;
import app.finish.formats.OutputFormat;
import app.finish.formats.style.StyleFile;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Callable;
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

  /// Milliseconds between two looks at a folder.
  private static final long LOOK = 300;

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
      paramLabel = "DIR",
      description =
          "the folder to write in; it is made if it is not there; a folder's finish.yaml may say"
              + " it")
  private Optional<Path> out = Optional.empty();

  @Option(
      names = "--as",
      split = ",",
      paramLabel = "FORMAT",
      description =
          "the formats, by their endings: docx, xlsx and so on (${bundle:output.endings})")
  private List<String> as = List.of();

  @Mixin private PaperChoice paper;

  @Mixin private PictureChoice picture;

  @Option(names = "--force", description = "write over files that are there")
  private boolean force;

  @Option(
      names = "--join",
      paramLabel = "NAME",
      description = "also write one file of all tables, numbered through: report.docx, for example")
  private Optional<String> join = Optional.empty();

  @Option(
      names = "--into",
      paramLabel = "MANUSCRIPT",
      description =
          "also write a copy of a DOCX or ODT manuscript in which each table stands after its first"
              + " callout, or where [[table 3]] stands; the next run renews them")
  private Optional<Path> into = Optional.empty();

  @Option(
      names = "--watch",
      description = "go on, and send what arrives or changes, until it is stopped (Ctrl+C)")
  private boolean watch;

  /// How often a folder is looked at, and how long it is watched at most; for tests.
  @Option(names = "--watch-for", hidden = true, paramLabel = "SECONDS")
  private double seconds = Double.MAX_VALUE;

  @Override
  public Integer call() throws Exception {
    FolderPlan plan = plan();
    FolderSending sending = sending(plan);
    paper.paper();
    picture.form();
    long end = System.nanoTime() + (long) Math.min(seconds * 1e9, Long.MAX_VALUE / 4.0);
    // What arrives while files are sent is seen by the next look.
    List<FileTime> seen = times();
    int code = round(sending, plan);
    while (watch && System.nanoTime() < end) {
      Thread.sleep(LOOK);
      List<FileTime> now = times();
      if (!now.equals(seen)) {
        // What is being written is left until it is whole.
        Thread.sleep(LOOK);
        seen = times();
        code = round(sending, plan);
      }
    }
    return code;
  }

  /// What the folder says of itself, if one folder is given.
  private FolderPlan plan() throws IOException {
    return ins.size() == 1 && Files.isDirectory(ins.getFirst())
        ? FolderPlan.of(ins.getFirst()).orElse(FolderPlan.NONE)
        : FolderPlan.NONE;
  }

  private FolderSending sending(FolderPlan plan) throws IOException {
    List<OutputFormat> formats = new ArrayList<>();
    for (String ending : as.isEmpty() ? plan.as() : as) {
      formats.add(format(ending));
    }
    boolean nothing = name(plan).isEmpty() && plan.board().file().isEmpty();
    if (formats.isEmpty() && nothing && manuscript(plan).isEmpty()) {
      throw new Problem("Say in which formats, with --as docx,html, or “as” in finish.yaml.");
    }
    Path target =
        out.or(
                () ->
                    plan.out().isEmpty()
                        ? Optional.empty()
                        : Optional.of(ins.getFirst().resolve(plan.out())))
            .orElseThrow(
                () -> new Problem("Say where to write, with -o DIR, or “out” in finish.yaml."));
    String chosen = style.isEmpty() ? plan.style() : style;
    StyleBook shipped = StyleFile.shipped();
    ChosenStyle.of(chosen.isEmpty() ? USUAL : chosen, shipped);
    boolean again = watch || plan != FolderPlan.NONE;
    return new FolderSending(
        input,
        shipped,
        chosen.isEmpty() ? USUAL : chosen,
        !chosen.isEmpty(),
        formats,
        paper.paper(),
        picture.form(),
        target,
        force || again,
        again && !force,
        plan);
  }

  private Optional<Path> manuscript(FolderPlan plan) {
    return into.or(
        () ->
            plan.into().isEmpty()
                ? Optional.empty()
                : Optional.of(ins.getFirst().resolve(plan.into())));
  }

  private String name(FolderPlan plan) {
    return join.orElse(plan.join());
  }

  /// Sends once, and says what was done.
  private int round(FolderSending sending, FolderPlan plan) throws Exception {
    List<Path> files = files(plan);
    prove(files);
    FolderSending.Done done = sending.send(files);
    boolean fresh = done.unchanged() < files.size() || sending.formats().isEmpty();
    String joined = name(plan);
    if (!joined.isEmpty() && done.failed() == 0 && fresh) {
      String ended = joined.contains(".") ? joined : joined + ".docx";
      done = done.and(sending.join(files, sending.out().resolve(ended)));
    }
    if (!plan.board().file().isEmpty() && done.failed() == 0 && fresh) {
      done = done.and(sending.board(files));
    }
    Optional<Path> manuscript = manuscript(plan);
    if (manuscript.isPresent() && done.failed() == 0 && fresh) {
      done = done.and(sending.into(files, manuscript.get()));
    }
    PrintWriter err = spec.commandLine().getErr();
    done.said().forEach(err::println);
    if (!watch || done.written() > 0 || done.failed() > 0) {
      spec.commandLine().getOut().println(summary(done, files.size()));
      spec.commandLine().getOut().flush();
    }
    return done.failed() == 0 ? 0 : Main.MENDABLE;
  }

  private static String summary(FolderSending.Done done, int files) {
    int sent = files - done.failed() - done.unchanged();
    return Input.counted(done.written(), "file")
        + " written from "
        + Input.counted(sent, "file")
        + (done.unchanged() == 0 ? "" : "; " + done.unchanged() + " had not changed")
        + (done.failed() == 0 ? "." : "; " + done.failed() + " could not be sent.");
  }

  /// When each of the files was written last.
  private List<FileTime> times() throws IOException {
    List<FileTime> times = new ArrayList<>();
    for (Path in : ins) {
      if (Files.isDirectory(in)) {
        try (Stream<Path> all = Files.list(in)) {
          for (Path file : all.filter(SendCommand::isWatched).sorted().toList()) {
            times.add(Files.getLastModifiedTime(file));
          }
        } catch (java.io.UncheckedIOException | java.nio.file.NoSuchFileException e) {
          // A file went while it was looked at: the next look sees the others.
          times.clear();
        }
      } else if (Files.exists(in)) {
        times.add(Files.getLastModifiedTime(in));
      }
    }
    return times;
  }

  private static boolean isWatched(Path file) {
    return isTables(file) || file.getFileName().toString().equals(FolderPlan.NAME);
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

  /// The files that are meant, those of folders in the order of their plan, then of their names.
  private List<Path> files(FolderPlan plan) throws IOException {
    Set<Path> files = new LinkedHashSet<>();
    for (Path in : ins) {
      if (Files.isDirectory(in)) {
        for (FolderPlan.Entry entry : plan.tables()) {
          Path file = in.resolve(entry.file());
          if (!Files.isRegularFile(file)) {
            throw new Problem(
                in.resolve(FolderPlan.NAME)
                    + " names “"
                    + entry.file()
                    + "”, which is not there. Put it there, or take it out of the plan.");
          }
          files.add(file);
        }
        try (Stream<Path> all = Files.list(in)) {
          all.filter(SendCommand::isTables)
              .filter(file -> !Optional.of(file).equals(manuscript(plan)))
              .sorted()
              .forEach(files::add);
        }
      } else {
        files.add(in);
      }
    }
    if (files.isEmpty() && !watch) {
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
      Path other = names.putIfAbsent(FolderSending.stem(file).toLowerCase(Locale.ROOT), file);
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
}
