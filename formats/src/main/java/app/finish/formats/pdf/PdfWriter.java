package app.finish.formats.pdf;

import app.finish.core.layout.Mark;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Face;
import app.finish.core.layout.font.Fonts;
import app.finish.core.style.colour.Colour;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import org.apache.pdfbox.pdmodel.common.PDRectangle;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.pdmodel.font.PDType0Font;

/// Writes PDF (ISO 32000): text as text, fonts embedded, every mark where the proof has it.
public final class PdfWriter implements TableWriter {
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
    return Kept.allBut(Kept.EXACT_FIGURES, Kept.DESCRIPTION);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<Proof> proofs =
        sent.tables().stream().map(table -> table.proof(paper(sent.paper()))).toList();
    try (PDDocument document = document(proofs)) {
      document.save(out);
    }
  }

  /// The document, still open.
  PDDocument document(List<Proof> proofs) throws IOException {
    PDDocument document = new PDDocument();
    document.getDocumentInformation().setProducer("Finish");
    Map<Face, PDFont> embedded = new HashMap<>();
    for (Proof proof : proofs) {
      for (Proof.Page page : proof.pages()) {
        PDPage sheet = new PDPage(new PDRectangle((float) page.width(), (float) page.height()));
        document.addPage(sheet);
        try (PDPageContentStream content = new PDPageContentStream(document, sheet)) {
          for (Mark mark : page.marks()) {
            paint(document, content, mark, page.height(), embedded);
          }
        }
      }
    }
    return document;
  }

  private void paint(
      PDDocument document,
      PDPageContentStream content,
      Mark mark,
      double height,
      Map<Face, PDFont> embedded)
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
        content.setFont(font(document, text.face(), embedded), (float) text.size());
        content.newLineAtOffset((float) text.x(), (float) (height - text.y()));
        content.showText(text.text());
        content.endText();
      }
    }
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
        known = PDType0Font.load(document, stream, true);
      }
      embedded.put(face, known);
    }
    return known;
  }
}
