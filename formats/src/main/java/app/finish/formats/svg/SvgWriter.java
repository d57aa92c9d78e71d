package app.finish.formats.svg;

import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.problem.Problem;
import app.finish.formats.io.Kept;
import app.finish.formats.io.PicturePaper;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SvgMarks;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.Set;

/// Writes SVG 1.1: the first table or chart, on a paper just large enough, at its own size in
/// points. Text stays text; each stretch is as wide as its own font makes it, also where another
/// one stands in.
public final class SvgWriter implements TableWriter {

  @Override
  public Paper paper(Paper chosen) {
    return PicturePaper.of(chosen);
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    if (sent.items().isEmpty()) {
      throw new Problem("There is no table to draw. Bring one in first.");
    }
    SentItem item = sent.items().getFirst();
    Proof.Page page = item.pages(paper(sent.paper())).getFirst();
    String text =
        "<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n" + SvgMarks.drawing(item, page) + "\n";
    out.write(text.getBytes(StandardCharsets.UTF_8));
  }
}
