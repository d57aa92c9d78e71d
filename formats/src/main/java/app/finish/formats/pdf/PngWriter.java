package app.finish.formats.pdf;

import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.problem.Problem;
import app.finish.formats.io.AtomicFile;
import app.finish.formats.io.Kept;
import app.finish.formats.io.PicturePaper;
import app.finish.formats.io.Sent;
import app.finish.formats.io.TableWriter;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.io.OutputStream;
import java.util.Set;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/// Writes PNG: the first table or chart, on a paper just large enough. It draws the PDF, so that
/// the two can't differ. A table that is too long for one picture is drawn in pages.
public final class PngWriter implements TableWriter {
  /// As many dots as a picture may have on a side.
  private static final double LARGEST = 12_000;

  private final Fonts fonts;

  /// A writer that draws with these fonts.
  public PngWriter(Fonts fonts) {
    this.fonts = fonts;
  }

  @Override
  public Paper paper(Paper chosen) {
    return PicturePaper.of(chosen);
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  /// Writes one picture; with fewer dots an inch where the table is too long for so many.
  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    Sent drawn = drawn(sent);
    Proof.Page page = whole(drawn);
    double longest = Math.max(page.width(), page.height()) / 72;
    float dots = (float) Math.min(drawn.form().dots(), LARGEST / longest);
    try (PDDocument document = printed(drawn)) {
      draw(document, drawn, 0, dots, out);
    }
  }

  /// Draws a table in as many pictures as it takes so that each has the dots that are asked for.
  public void writeEach(Sent sent, Pictures pictures) throws IOException {
    Sent drawn = drawn(sent);
    if (whole(drawn).height() / 72 * sent.form().dots() <= LARGEST) {
      pictures.take(0, out -> write(sent, out));
      return;
    }
    Sent paged = drawn.on(PicturePaper.pages(sent.paper()));
    try (PDDocument document = printed(paged)) {
      for (int page = 0; page < document.getNumberOfPages(); page++) {
        if (Thread.currentThread().isInterrupted()) {
          throw new InterruptedIOException();
        }
        int at = page;
        pictures.take(page, out -> draw(document, paged, at, sent.form().dots(), out));
      }
    }
  }

  /// Takes pictures one after another, from 0.
  public interface Pictures {
    /// Takes one.
    void take(int page, AtomicFile.Content picture) throws IOException;
  }

  private Sent drawn(Sent sent) throws Problem {
    if (sent.items().isEmpty()) {
      throw new Problem("There is no table to draw. Bring one in first.");
    }
    return sent.first().on(paper(sent.paper()));
  }

  private static Proof.Page whole(Sent drawn) {
    return drawn.items().getFirst().pages(drawn.paper()).getFirst();
  }

  private PDDocument printed(Sent drawn) throws IOException {
    ByteArrayOutputStream pdf = new ByteArrayOutputStream();
    new PdfWriter(fonts).write(drawn, pdf);
    return Loader.loadPDF(pdf.toByteArray());
  }

  private static void draw(PDDocument document, Sent drawn, int page, float dots, OutputStream out)
      throws IOException {
    ImageType kind = drawn.form().clear() ? ImageType.ARGB : ImageType.RGB;
    BufferedImage image = new PDFRenderer(document).renderImageWithDPI(page, dots, kind);
    PngPicture.write(image, dots, drawn.items().getFirst().description(), out);
  }
}
