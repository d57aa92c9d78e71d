package app.finish.formats.data;

import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import app.finish.core.layout.Paper;
import app.finish.formats.io.FlatHeads;
import app.finish.formats.io.InertText;
import app.finish.formats.io.Kept;
import app.finish.formats.io.Sent;
import app.finish.formats.io.TableWriter;
import java.io.IOException;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Writes CSV (RFC 4180, UTF-8): the heads and the rows of one table as they are shown, without the
/// words around it. A head stands over each column that it reaches over.
public final class CsvWriter implements TableWriter {
  @Override
  public Paper paper(Paper chosen) {
    return chosen.unpaged();
  }

  @Override
  public Set<Kept> keeps() {
    return EnumSet.of(Kept.SHOWN_FIGURES);
  }

  @Override
  public void write(Sent sent, OutputStream out) throws IOException {
    Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
    de.siegmar.fastcsv.writer.CsvWriter csv =
        de.siegmar.fastcsv.writer.CsvWriter.builder().build(text);
    for (var table : sent.first().tables()) {
      Dressed dressed = table.dressed();
      for (List<String> heads : FlatHeads.heads(dressed)) {
        csv.writeRecord(heads.stream().map(InertText::of).toList());
      }
      for (DressedRow row : dressed.band(Band.BODY)) {
        List<String> cells = new ArrayList<>();
        for (Optional<DressedCell> cell : FlatHeads.cells(dressed, row)) {
          cells.add(cell.map(InertText::of).orElse(""));
        }
        csv.writeRecord(cells);
      }
    }
    csv.flush();
    text.flush();
  }
}
