package app.finish.formats.pdf;

import app.finish.core.layout.CellBox;
import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.colour.Colour;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.apache.fontbox.ttf.TTFParser;
import org.apache.fontbox.ttf.TrueTypeFont;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.io.RandomAccessReadBuffer;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.documentinterchange.markedcontent.PDPropertyList;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// Writes PDF (ISO 32000): text as text, fonts embedded, every mark where the proof has it; tagged
/// for those who hear it, and to be kept (PDF/UA-1 and PDF/A-2a).
public final class PdfWriter implements TableWriter {
  /// A point of a text that lies in its cell.
  private static final double NEAR = 0.1;

  /// The fonts that a document has so far.
  private record Embedded(Map<Face, PDFont> shipped, DrawnTexts drawn) {}

  private final Fonts fonts;

  /// A writer that embeds these fonts.
  public PdfWriter(Fonts fonts) {
    this.fonts = fonts;
  }

  @Override
  public Paper paper(Paper chosen) {
    return chosen;
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentItem> items = sent.items();
    String language = items.isEmpty() ? "en" : items.getFirst().dressed().language().tag();
    try (PDDocument document = new PDDocument()) {
      PdfTags tags = new PdfTags(document, language);
      PdfAbout.add(document, items.isEmpty() ? "Tables" : title(items.getFirst()));
      Embedded embedded = new Embedded(new HashMap<>(), new DrawnTexts(document, fonts));
      for (SentItem item : items) {
        switch (item) {
          case SentTable table -> tags.beginTable(table.description());
          case SentChart chart -> tags.beginFigure(chart.description());
        }
        for (Proof.Page page : item.pages(paper(sent.paper()))) {
          page(document, page, tags, embedded);
        }
      }
      tags.end();
      embedded.drawn.end();
      document.save(out);
    }
  }

  private static String title(SentItem item) {
    String title =
        switch (item) {
          case SentTable table -> table.table().words().title();
          case SentChart chart -> chart.title();
        };
    return title.isBlank() ? item.description() : title;
  }

  /// A page: first what is only drawn, then the texts of each cell, in the order of reading.
  private void page(PDDocument document, Proof.Page page, PdfTags tags, Embedded embedded)
      throws IOException {
    PDPage sheet = new PDPage(new PDRectangle((float) page.width(), (float) page.height()));
    document.addPage(sheet);
    tags.beginPage(sheet);
    Map<CellBox, List<Mark>> texts = new IdentityHashMap<>();
    List<Mark> drawn = new ArrayList<>();
    for (Mark mark : page.marks()) {
      boxOf(mark, page)
          .ifPresentOrElse(
              box -> texts.computeIfAbsent(box, key -> new ArrayList<>()).add(mark),
              () -> drawn.add(mark));
    }
    try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
      Optional<Map.Entry<COSName, COSDictionary>> figure = tags.markFigure(sheet);
      if (figure.isPresent()) {
        Map.Entry<COSName, COSDictionary> tag = figure.get();
        content.beginMarkedContent(tag.getKey(), PDPropertyList.create(tag.getValue()));
        for (Mark mark : drawn) {
          paint(document, content, mark, page.height(), embedded);
        }
        content.endMarkedContent();
      } else {
        artifacts(document, content, drawn, page, embedded);
      }
      for (CellBox box : page.boxes()) {
        List<Mark> own = texts.getOrDefault(box, List.of());
        Optional<Map.Entry<COSName, COSDictionary>> tag = tags.mark(box.row(), box.cell(), sheet);
        if (tag.isEmpty()) {
          artifacts(document, content, own, page, embedded);
          continue;
        }
        content.beginMarkedContent(tag.get().getKey(), PDPropertyList.create(tag.get().getValue()));
        for (Mark mark : own) {
          paint(document, content, mark, page.height(), embedded);
        }
        content.endMarkedContent();
      }
    }
    tags.endPage();
  }

  private void artifacts(
      PDDocument document,
      PDPageContentStream content,
      List<Mark> marks,
      Proof.Page page,
      Embedded embedded)
      throws IOException {
    if (!marks.isEmpty()) {
      content.beginMarkedContent(COSName.ARTIFACT);
      for (Mark mark : marks) {
        paint(document, content, mark, page.height(), embedded);
      }
      content.endMarkedContent();
    }
  }

  /// The cell whose text a mark is.
  private static Optional<CellBox> boxOf(Mark mark, Proof.Page page) {
    return mark instanceof Mark.Text text
        ? page.boxes().stream()
            .filter(box -> box.contains(text.x() + NEAR, text.y() - NEAR))
            .findFirst()
        : Optional.empty();
  }

  private void paint(
      PDDocument document, PDPageContentStream content, Mark mark, double height, Embedded embedded)
      throws IOException {
    switch (mark) {
      case Mark.Fill fill -> {
        content.setNonStrokingColor(colour(fill.colour()));
        content.addRect(
            (float) fill.x(),
            (float) (height - fill.y() - fill.height()),
            (float) fill.width(),
            (float) fill.height());
        content.fill();
      }
      case Mark.Rule rule -> {
        content.setStrokingColor(colour(rule.colour()));
        content.setLineWidth((float) rule.weight());
        float step = (float) rule.weight();
        content.setLineDashPattern(rule.dotted() ? new float[] {step, 2 * step} : new float[0], 0);
        content.moveTo((float) rule.x1(), (float) (height - rule.y1()));
        content.lineTo((float) rule.x2(), (float) (height - rule.y2()));
        content.stroke();
      }
      case Mark.Frame frame -> {
        content.setStrokingColor(colour(frame.colour()));
        content.setLineWidth((float) frame.weight());
        content.setLineDashPattern(new float[0], 0);
        outline(content, frame, height);
        content.stroke();
      }
      case Mark.Shape shape -> {
        content.moveTo(
            shape.points().get(0).floatValue(), (float) (height - shape.points().get(1)));
        for (int i = 2; i < shape.points().size(); i += 2) {
          content.lineTo(
              shape.points().get(i).floatValue(), (float) (height - shape.points().get(i + 1)));
        }
        if (shape.weight() == 0) {
          content.setNonStrokingColor(colour(shape.colour()));
          content.fill();
        } else {
          content.setStrokingColor(colour(shape.colour()));
          content.setLineWidth((float) shape.weight());
          content.setLineDashPattern(new float[0], 0);
          content.stroke();
        }
      }
      case Mark.Text text -> {
        content.beginText();
        content.setNonStrokingColor(colour(text.colour()));
        if (text.face().isOther()) {
          content.newLineAtOffset((float) text.x(), (float) (height - text.y()));
          drawn(document, content, text, embedded.drawn);
        } else {
          content.setFont(font(document, text.face(), embedded.shipped), (float) text.size());
          content.newLineAtOffset((float) text.x(), (float) (height - text.y()));
          content.showText(text.text());
        }
        content.endText();
      }
    }
  }

  private static void drawn(
      PDDocument document, PDPageContentStream content, Mark.Text text, DrawnTexts drawn)
      throws IOException {
    PDPage page = document.getPage(document.getNumberOfPages() - 1);
    raw(content, drawn.show(text.text(), text.face(), text.size(), page.getResources()));
  }

  /// The one way that the library has to write an operator for which it has no method.
  @SuppressWarnings("deprecation")
  private static void raw(PDPageContentStream content, String operators) throws IOException {
    content.appendRawCommands(operators);
  }

  /// A rectangle whose corners are quarters of a circle, as near as four curves come to one.
  private static void outline(PDPageContentStream content, Mark.Frame frame, double height)
      throws IOException {
    float r = (float) Math.min(frame.radius(), Math.min(frame.width(), frame.height()) / 2);
    float k = r * 0.4477f;
    float left = (float) frame.x();
    float right = (float) (frame.x() + frame.width());
    float top = (float) (height - frame.y());
    float foot = (float) (height - frame.y() - frame.height());
    content.moveTo(left + r, top);
    content.lineTo(right - r, top);
    content.curveTo(right - k, top, right, top - k, right, top - r);
    content.lineTo(right, foot + r);
    content.curveTo(right, foot + k, right - k, foot, right - r, foot);
    content.lineTo(left + r, foot);
    content.curveTo(left + k, foot, left, foot + k, left, foot + r);
    content.lineTo(left, top - r);
    content.curveTo(left, top - k, left + k, top, left + r, top);
    content.closePath();
  }

  private static java.awt.Color colour(Colour colour) {
    return new java.awt.Color(colour.rgb());
  }

  private PDFont font(PDDocument document, Face face, Map<Face, PDFont> embedded)
      throws IOException {
    PDFont known = embedded.get(face);
    if (known == null) {
      try (InputStream stream = fonts.open(face)) {
        // Letters that are joined into one sign are not found again by a search.
        TrueTypeFont letters = new TTFParser().parse(new RandomAccessReadBuffer(stream));
        letters.setEnableGsub(false);
        known = PDType0Font.load(document, letters, true);
      }
      embedded.put(face, known);
    }
    return known;
  }
}
