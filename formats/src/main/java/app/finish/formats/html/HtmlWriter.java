package app.finish.formats.html;

import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.SentChart;
import app.finish.formats.io.SentItem;
import app.finish.formats.io.SentTable;
import app.finish.formats.io.TableWriter;
import app.finish.formats.io.XmlText;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/// Writes HTML: a `table` with a caption, `scope` on every head, `headers` on every figure. In a
/// page each look stands once in its style sheet; in a fragment for the clipboard it is inline, so
/// that it can be pasted into mail and editors.
public final class HtmlWriter implements TableWriter {
  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return Kept.allBut(Kept.EXACT_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    List<SentItem> items = sent.items();
    List<String> titles = items.stream().map(HtmlWriter::title).toList();
    String language = items.isEmpty() ? "en" : items.getFirst().dressed().language().tag();
    HtmlPage page = new HtmlPage(language, titles);
    for (int i = 0; i < items.size(); i++) {
      String id = "t" + (i + 1);
      switch (items.get(i)) {
        case SentTable one -> page.add(one, one.proof(paper(sent.paper())), id, titles.get(i));
        case SentChart chart -> page.add(HtmlChart.figure(chart, id));
      }
    }
    out.write(page.html().getBytes(StandardCharsets.UTF_8));
  }

  /// One table as a fragment, for the clipboard.
  ///
  /// @param id what the ids of its heads begin with
  public String fragment(Proof proof, String id) {
    XmlText out = new XmlText();
    HtmlLooks looks = new HtmlLooks(proof, proof.dressed().palette());
    new HtmlTable(proof, id, looks, new HtmlSheet.Inline(), out).write();
    return out.toString();
  }

  private static String title(SentItem item) {
    if (item instanceof SentChart) {
      return item.name();
    }
    List<String> texts = new ArrayList<>();
    for (DressedRow row : item.dressed().band(Band.ABOVE)) {
      texts.add(row.cells().getFirst().text());
    }
    return String.join(". ", texts);
  }
}
