package app.finish.formats;

import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.Recogniser;
import app.finish.formats.html.HtmlReader;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Limits;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.Watched;
import app.finish.formats.text.TextReader;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/// Finds the reader for a file and splits what it reads into tables.
///
/// ```java
/// List<Source> tables = Sources.read(Path.of("fares.xlsx"));
/// ```
public final class Sources {
  /// Endings of what people try and Finish does not read.
  private static final Set<String> OTHERS =
      Set.of("xls", "pdf", "doc", "png", "jpg", "jpeg", "zip", "sav", "finish");

  private Sources() {}

  /// The tables in a file, each as a source of its own, in order.
  ///
  /// @throws Problem if the file can't be read or holds no table, in words for the person
  /// @throws IOException if the disk fails
  public static List<Source> read(Path file) throws IOException {
    List<Source> sources = tables(file, ReadRequest.PLAIN).tables();
    if (sources.isEmpty()) {
      throw new Problem(
          FileName.of(file)
              + " has only hidden sheets and rows. Show them in the file and bring it in again.");
    }
    return sources;
  }

  /// The tables in a file, each as a source of its own, in order, and what of the file is hidden.
  ///
  /// @throws Problem if the file can't be read or holds no table, in words for the person
  /// @throws java.io.InterruptedIOException if the reading thread is interrupted
  /// @throws IOException if the disk fails
  public static FileTables tables(Path file, ReadRequest request) throws IOException {
    String name = FileName.of(file);
    check(file, name);
    Sheets sheets = reader(file, name).read(file, request);
    List<Source> sources = new ArrayList<>();
    for (Grid sheet : sheets.grids()) {
      Watched.check();
      for (Grid grid : Recogniser.split(sheet)) {
        sources.add(new Source(name, grid));
      }
    }
    boolean allHidden = sources.isEmpty() && sheets.hidden().count() > 0;
    if (sources.isEmpty() && !allHidden) {
      throw new Problem(
          name
              + " holds no table that Finish can see. Pick a file with figures in rows and"
              + " columns.");
    }
    return new FileTables(sources, sheets.hidden(), sheets.outside());
  }

  /// The tables in a text that was pasted: cells parted by tabs, else by what a CSV file would use.
  ///
  /// @throws Problem if there is nothing in it
  public static List<Source> readText(String text) throws IOException {
    List<Source> sources = new ArrayList<>();
    for (Grid sheet : TextReader.read(text, "What was pasted").grids()) {
      for (Grid grid : Recogniser.split(sheet)) {
        sources.add(new Source("pasted", grid));
      }
    }
    if (sources.isEmpty()) {
      throw new Problem(
          "There is no table in what was pasted. Copy the cells of a table and paste again.");
    }
    return sources;
  }

  /// The tables in HTML that was pasted; none if it holds no table.
  public static List<Source> readHtml(String html) throws IOException {
    List<Source> sources = new ArrayList<>();
    for (Grid sheet : HtmlReader.readPasted(html, "What was pasted")) {
      for (Grid grid : Recogniser.split(sheet)) {
        sources.add(new Source("pasted", grid));
      }
    }
    return sources;
  }

  private static void check(Path file, String name) throws IOException {
    if (Files.isDirectory(file)) {
      throw new Problem(name + " is a folder. Pick a file that holds a table.");
    }
    if (!Files.exists(file)) {
      throw new Problem("There is no file " + file + ". Check the name and the folder.");
    }
    if (!Files.isReadable(file)) {
      throw new Problem(name + " may not be read by you. Change its permissions, or copy it.");
    }
    long size = size(file);
    if (size == 0) {
      throw new Problem(name + " is empty. Pick a file that holds a table.");
    }
    if (size > Limits.BYTES) {
      throw Limits.tooLarge(name, size);
    }
  }

  private static long size(Path file) throws IOException {
    try {
      return Files.size(file);
    } catch (NoSuchFileException e) {
      throw new Problem("There is no file " + file + ". Check the name and the folder.", e);
    }
  }

  private static TableReader reader(Path file, String name) throws IOException {
    String lower = name.toLowerCase(Locale.ROOT);
    String ending = lower.substring(lower.lastIndexOf('.') + 1);
    if (OTHERS.contains(ending)) {
      throw new Problem(
          name
              + " is of a kind that Finish does not bring in. Save the table as XLSX, ODS, DOCX,"
              + " HTML or CSV and bring that in.");
    }
    Optional<InputFormat> format = InputFormat.ofFile(name).filter(one -> one != InputFormat.TEXT);
    boolean zipped = format.isEmpty() && FileName.startsWith(start(file), 'P', 'K');
    return zipped ? InputFormat.XLSX.reader() : format.orElse(InputFormat.TEXT).reader();
  }

  private static byte[] start(Path file) throws IOException {
    try (InputStream stream = Files.newInputStream(file)) {
      return stream.readNBytes(8);
    }
  }
}
