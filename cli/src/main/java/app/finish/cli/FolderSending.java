package app.finish.cli;

import app.finish.core.document.Document;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.layout.Paper;
import app.finish.core.problem.Mendable;
import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.PartName;
import app.finish.core.style.StyleBook;
import app.finish.expressions.MeasureFormulas;
import app.finish.formats.OutputFormat;
import app.finish.formats.Sending;
import app.finish.formats.SentFile;
import app.finish.formats.finish.DocumentFile;
import app.finish.formats.io.AtomicFile;
import app.finish.formats.io.Manuscript;
import app.finish.formats.io.PictureForm;
import app.finish.formats.manuscript.ManuscriptFile;
import app.finish.formats.scripts.SystemScripts;
import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/// Sends the tables of many files out, each file on its own and on all processors at once.
///
/// @param input reads the tables of a file
/// @param shipped the styles that Finish has
/// @param style what tables wear that say nothing else
/// @param asked whether the style was asked for, so that documents wear it too
/// @param formats in which each file is written
/// @param paper on which
/// @param form how pictures are drawn
/// @param out the folder to write in
/// @param over whether files that are there are written over
/// @param changed whether only what is newer than what was made of it is sent
/// @param plan what the folder says of its files
record FolderSending(
    Input input,
    StyleBook shipped,
    String style,
    boolean asked,
    List<OutputFormat> formats,
    Paper paper,
    PictureForm form,
    Path out,
    boolean over,
    boolean changed,
    FolderPlan plan) {
  /// What became of the files.
  ///
  /// @param written how many files were written
  /// @param unchanged how many of the given files were as they had been
  /// @param failed how many could not be sent
  /// @param said what is to be told of them
  record Done(int written, int unchanged, int failed, List<String> said) {
    static final Done NONE = new Done(0, 0, 0, List.of());

    Done and(Done other) {
      List<String> all = new ArrayList<>(said);
      all.addAll(other.said);
      return new Done(
          written + other.written, unchanged + other.unchanged, failed + other.failed, all);
    }
  }

  /// Sends them all.
  Done send(List<Path> files) throws Exception {
    Files.createDirectories(out);
    Done all = Done.NONE;
    try (ExecutorService workers =
        Executors.newFixedThreadPool(Runtime.getRuntime().availableProcessors())) {
      List<Future<Done>> sent = new ArrayList<>();
      for (Path file : files) {
        sent.add(workers.submit(() -> send(file)));
      }
      for (Future<Done> one : sent) {
        all = all.and(result(one));
      }
    }
    return all;
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

  static String stem(Path file) {
    return file.getFileName().toString().replaceFirst("(?<=.)\\.[^.]*$", "");
  }

  private Done send(Path file) throws IOException {
    List<String> said = new ArrayList<>();
    int written = 0;
    try {
      if (changed && isMade(file)) {
        return new Done(0, 1, 0, said);
      }
      Document document = document(file, said);
      Sending sending = new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas());
      List<Integer> all = IntStream.range(0, document.items().size()).boxed().toList();
      for (SentFile target : SentFile.all(document, out, stem(file), formats, all)) {
        write(sending, document, target);
        CaveatsSaid.of(sending.caveats(document, target.indexes(), List.of(target.format())))
            .forEach(sentence -> said.add(target.path() + ": " + sentence));
        written++;
      }
      return new Done(written, 0, 0, said);
    } catch (IOException e) {
      said.add(file + ": " + (e instanceof Mendable one ? one.sentence() : e.getMessage()));
    } catch (RuntimeException e) {
      if (!(e instanceof Mendable one)) {
        throw e;
      }
      said.add(file + ": " + one.sentence());
    }
    return new Done(written, 0, 1, said);
  }

  private void write(Sending sending, Document document, SentFile target) throws IOException {
    leaveOthers(List.of(target.path()));
    sending.write(
        document, target.indexes(), target.format(), paper, form, target.path(), this::leaveOthers);
  }

  /// Refuses to write over what is there, unless it is forced.
  private void leaveOthers(List<Path> files) throws Problem {
    for (Path file : files) {
      if (!over && Files.exists(file)) {
        throw new Problem(file + " is there already. Write over it with --force.");
      }
    }
  }

  /// Whether all that is made of a file is there and newer than the file and the plan. A format
  /// that holds one table may have made several files; then the first tells.
  private boolean isMade(Path file) throws IOException {
    FileTime newest = Files.getLastModifiedTime(file);
    Path said = file.toAbsolutePath().resolveSibling(FolderPlan.NAME);
    if (Files.exists(said) && Files.getLastModifiedTime(said).compareTo(newest) > 0) {
      newest = Files.getLastModifiedTime(said);
    }
    for (OutputFormat format : formats) {
      Path one = out.resolve(stem(file) + "." + format.extension());
      Path several = out.resolve(stem(file) + "-1." + format.extension());
      Path made = Files.exists(one) ? one : several;
      if (!Files.exists(made) || Files.getLastModifiedTime(made).compareTo(newest) < 0) {
        return false;
      }
    }
    return true;
  }

  /// The tables of a file, in their style and under the title that the plan gives.
  private Document document(Path file, List<String> said) throws IOException {
    String own = plan.entry(file).map(FolderPlan.Entry::style).orElse("");
    HouseStyle chosen = ChosenStyle.of(own.isEmpty() ? style : own, shipped);
    Document document;
    if (Begun.isDocument(List.of(file))) {
      Document read = DocumentFile.read(file);
      document = asked || !own.isEmpty() ? Begun.worn(read, chosen) : read;
    } else {
      StringWriter hidden = new StringWriter();
      document = new Begun(input, new PrintWriter(hidden)).with(List.of(file), chosen);
      hidden.toString().lines().forEach(line -> said.add(file + ": " + line));
    }
    String title = plan.entry(file).map(FolderPlan.Entry::title).orElse("");
    if (title.isEmpty() || document.items().isEmpty()) {
      return document;
    }
    Finish finish = document.table(0).finish();
    return document.withFinish(0, finish.withWord(PartName.TITLE, title));
  }

  /// Writes the tables of all files into one, in order, numbered through.
  ///
  /// @param target the file to write
  Done join(List<Path> files, Path target) throws IOException {
    OutputFormat format =
        OutputFormat.ofFile(target.getFileName().toString())
            .filter(OutputFormat::holdsSeveralTables)
            .orElseThrow(
                () ->
                    new Problem(
                        target
                            + " is no file that holds several tables. End it in .docx, .odt,"
                            + " .html, .pdf or .xlsx, for example."));
    List<String> said = new ArrayList<>();
    return write(joined(files, new HashMap<>(), said), format, target, said);
  }

  /// Writes a board of the tables of all files.
  Done board(List<Path> files) throws IOException {
    String name = plan.board().file();
    Path target = out.resolve(name.endsWith(".html") ? name : name + ".board.html");
    List<String> said = new ArrayList<>();
    Map<String, List<String>> ids = new HashMap<>();
    Document all = joined(files, ids, said);
    return write(all.withBoard(plan.board().over(ids)), OutputFormat.BOARD, target, said);
  }

  private Done write(Document all, OutputFormat format, Path target, List<String> said)
      throws IOException {
    Sending sending = new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas());
    List<Integer> indexes = IntStream.range(0, all.items().size()).boxed().toList();
    write(sending, all, new SentFile(target, format, indexes));
    CaveatsSaid.of(sending.caveats(all, indexes, List.of(format)))
        .forEach(sentence -> said.add(target + ": " + sentence));
    return new Done(1, 0, 0, said);
  }

  /// The tables of all files in order.
  ///
  /// @param ids takes those of each file, by its name
  private Document joined(List<Path> files, Map<String, List<String>> ids, List<String> said)
      throws IOException {
    Document all = Document.EMPTY;
    for (Path file : files) {
      Document one = document(file, said);
      for (HouseStyle own : one.styles()) {
        all = all.withStyle(own);
      }
      for (DocumentTable table : one.tables()) {
        all = all.withAdded(table.source(), table.finish());
        ids.computeIfAbsent(file.getFileName().toString(), key -> new ArrayList<>())
            .add(all.items().getLast().id());
      }
    }
    return all;
  }

  /// Writes a copy of a manuscript with the tables of all files in it.
  Done into(List<Path> files, Path manuscript) throws IOException {
    List<String> said = new ArrayList<>();
    Document all = joined(files, new HashMap<>(), said);
    Path target = out.resolve(manuscript.getFileName().toString());
    boolean same = Files.exists(target) && Files.isSameFile(target, manuscript);
    boolean forced = over && !changed;
    if (same && !forced) {
      throw new Problem(
          manuscript
              + " would be written over. Write the copy to another folder, with -o DIR, or renew"
              + " the tables in the manuscript itself with --force.");
    }
    leaveOthers(List.of(target));
    Manuscript tables = ManuscriptFile.open(manuscript);
    Sending sending = new Sending(SystemScripts.fonts(), shipped, new MeasureFormulas());
    List<Integer> indexes = IntStream.range(0, all.items().size()).boxed().toList();
    List<String> uncalled = new ArrayList<>();
    AtomicFile.write(
        target,
        out -> uncalled.addAll(tables.write(sending.sent(all, indexes, tables.paper()), out)));
    uncalled.forEach(
        number ->
            said.add(manuscript + " never calls Table " + number + " out; it stands at the end."));
    return new Done(1, 0, 0, said);
  }
}
