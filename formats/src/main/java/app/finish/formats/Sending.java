package app.finish.formats;

import app.finish.core.Finishing;
import app.finish.core.arrange.formula.Formulas;
import app.finish.core.document.Document;
import app.finish.core.document.DocumentChart;
import app.finish.core.document.DocumentTable;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.StyleBook;
import app.finish.formats.io.AtomicFile;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Kept;
import app.finish.formats.io.PictureForm;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.pdf.PngWriter;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/// Sends tables of a document out as a file. The window and the command line both go through here.
///
/// ```java
/// Sending sending = new Sending(new Fonts(), StyleFile.shipped(), formulas);
/// sending.write(document, List.of(0), OutputFormat.DOCX, Paper.A4, path);
/// ```
public final class Sending {
  private final Fonts fonts;
  private final StyleBook shipped;
  private final Formulas formulas;

  /// Sends with these fonts and shipped styles.
  ///
  /// @param formulas what reads the expressions of calculated measures
  public Sending(Fonts fonts, StyleBook shipped, Formulas formulas) {
    this.fonts = fonts;
    this.shipped = shipped;
    this.formulas = formulas;
  }

  /// The shipped fonts.
  public Fonts fonts() {
    return fonts;
  }

  /// What reads the expressions of calculated measures.
  public Formulas formulas() {
    return formulas;
  }

  /// The styles that a document can wear: the shipped ones and its own.
  public StyleBook styles(Document document) {
    StyleBook book = shipped.inked(document.palette());
    for (HouseStyle style : document.styles()) {
      book = book.with(style);
    }
    return book;
  }

  /// Writes the tables, whole or not at all.
  ///
  /// @param places which items, by their places in the document
  /// @throws Problem if the format holds one table only and several are asked for, or if the file
  ///   can't be written there
  public void write(
      Document document, List<Integer> indexes, OutputFormat format, Paper chosen, Path file)
      throws IOException {
    write(document, indexes, format, chosen, PictureForm.USUAL, file, Replacing.ALL);
  }

  /// Writes the tables, whole or not at all. A table that is too long for one picture is written in
  /// several: the first under the name that is asked for, the others beside it
  /// (`fares-page-2.png`), all of them or none.
  ///
  /// @param form how pictures are drawn
  /// @param replacing is asked before the files take their places
  /// @return what was written
  public List<Path> write(
      Document document,
      List<Integer> indexes,
      OutputFormat format,
      Paper chosen,
      PictureForm form,
      Path file,
      Replacing replacing)
      throws IOException {
    if (indexes.size() > 1 && !format.holdsSeveralTables()) {
      throw new Problem(
          "A file that ends with ."
              + format.extension()
              + " holds one table. Send the tables one by one.");
    }
    Sent sent = sent(document, indexes, chosen).drawn(form);
    if (sent.tables().isEmpty() && !indexes.isEmpty() && !format.keeps().contains(Kept.CHARTS)) {
      throw new Problem(
          "A file that ends with ." + format.extension() + " holds no charts. Send the table.");
    }
    if (format.writer(fonts) instanceof PngWriter png) {
      return pictures(png, sent, file, replacing);
    }
    AtomicFile.write(file, out -> format.writer(fonts).write(sent, out));
    return List.of(file);
  }

  private static List<Path> pictures(PngWriter png, Sent sent, Path file, Replacing replacing)
      throws IOException {
    Map<Path, AtomicFile.Staged> staged = new LinkedHashMap<>();
    try {
      png.writeEach(
          sent,
          (page, picture) -> {
            Path one = page == 0 ? file : further(file, page + 1);
            staged.put(one, AtomicFile.stage(one, picture));
          });
      List<Path> written = List.copyOf(staged.keySet());
      replacing.allow(written);
      for (AtomicFile.Staged one : staged.values()) {
        one.put();
      }
      return written;
    } finally {
      for (AtomicFile.Staged one : staged.values()) {
        one.close();
      }
    }
  }

  private static Path further(Path file, int page) {
    String name = FileName.of(file);
    int end = name.lastIndexOf('.');
    String stem = end < 0 ? name : name.substring(0, end);
    return file.resolveSibling(stem + "-page-" + page + name.substring(stem.length()));
  }

  /// What should be known before items are sent.
  ///
  /// @param indexes which items, by their places in the document
  public Caveats caveats(
      Document document, List<Integer> indexes, Collection<OutputFormat> formats) {
    Sent sent = sent(document, indexes, Paper.A4);
    List<String> fixed =
        formats.stream()
            .flatMap(format -> format.writer(fonts).fixed(sent).stream())
            .distinct()
            .toList();
    boolean drawn = formats.stream().anyMatch(OutputFormat::drawsLetters);
    return new Caveats(drawn ? unshown(sent) : UnshownLetters.NONE, fixed);
  }

  /// The letters that no font at hand has, each once, in the order of reading: they are boxes in
  /// print and pictures.
  private UnshownLetters unshown(Sent sent) {
    BitSet seen = new BitSet();
    StringBuilder unshown = new StringBuilder();
    Face face = fonts.face("", false, false);
    for (SentItem item : sent.items()) {
      for (DressedRow row : item.dressed().rows()) {
        for (DressedCell cell : row.cells()) {
          cell.text()
              .codePoints()
              .filter(one -> !seen.get(one))
              .forEach(
                  one -> {
                    seen.set(one);
                    if (!Character.isISOControl(one) && !fonts.covers(one, face)) {
                      unshown.appendCodePoint(one);
                    }
                  });
        }
      }
    }
    return new UnshownLetters(unshown.toString());
  }

  /// The items in these places, as a writer takes them.
  public Sent sent(Document document, List<Integer> indexes, Paper chosen) {
    List<SentItem> items = new ArrayList<>();
    for (int index : indexes) {
      items.add(
          switch (document.items().get(index)) {
            case DocumentTable table -> table(document, table, document.numeral(index));
            case DocumentChart chart -> chart(document, index, chart);
          });
    }
    return new Sent(document, items, chosen);
  }

  private SentChart chart(Document document, int index, DocumentChart chart) {
    int place = document.tablePlace(index);
    SentTable table = table(document, document.table(place), document.numeral(place));
    return new SentChart(chart, table, document.numeral(index), fonts, this::picture);
  }

  private byte[] picture(SentChart chart, int dots) throws IOException {
    ByteArrayOutputStream picture = new ByteArrayOutputStream();
    new PngWriter(fonts)
        .write(
            new Sent(Document.EMPTY, List.of(chart), Paper.A4)
                .drawn(PictureForm.USUAL.withDots(dots)),
            picture);
    return picture.toByteArray();
  }

  private SentTable table(Document document, DocumentTable table, String number) {
    return new SentTable(
        table,
        Finishing.of(table)
            .calculating(formulas)
            .saying(document.wording())
            .in(styles(document))
            .numbered(number),
        fonts);
  }

  /// A chart of a document as it is drawn.
  ///
  /// @param index its place among the items
  public SentChart chart(Document document, int index) {
    return chart(document, index, (DocumentChart) document.items().get(index));
  }

  /// The proof of one table, or of that of a chart.
  public Proof proof(Document document, int index, Paper paper) {
    int place = document.tablePlace(index);
    return sent(document, List.of(place), paper).tables().getFirst().proof(paper);
  }
}
