package app.finish.formats.text;

import app.finish.core.grid.Grid;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.Limits;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import app.finish.formats.io.Watched;
import app.finish.formats.text.ConsoleBlocks.Block;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/// Reads text set in columns, as consoles print it: whole sessions with prose, calls and prompts,
/// several tables, panels of names and figures, frames that go on below, tables in drawn boxes.
public final class FixedWidthReader implements TableReader {
  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    return read(TextFile.read(file, request), FileName.of(file));
  }

  /// Whether a text holds a table set in columns.
  static boolean fits(List<String> lines) {
    List<String> plain = NamedCells.rewritten(TextLine.plain(String.join("\n", lines)));
    return BoxedText.isBoxed(plain) || plain.stream().anyMatch(ConsoleLine::isData) || most(plain);
  }

  /// Whether most lines that are no rules hold several pieces parted by two blanks or more.
  private static boolean most(List<String> lines) {
    long full = lines.stream().filter(line -> !TextLine.isRule(line)).count();
    long parted =
        lines.stream()
            .filter(line -> !TextLine.isRule(line))
            .filter(line -> TextLine.pieces(line).size() > 1)
            .count();
    return full > 1 && parted * 2 > full;
  }

  /// The sheets that a text makes.
  public static Sheets read(String text, String name) throws IOException {
    List<String> lines = Series.parted(NamedCells.rewritten(TextLine.plain(text)));
    int width = lines.stream().mapToInt(String::length).max().orElse(0);
    if (width > Limits.COLUMNS) {
      throw Limits.tooWide("The text", 1);
    }
    if (BoxedText.isBoxed(lines)) {
      if (!BoxedText.partsGroupsOnly(lines)) {
        return BoxedText.read(lines, name);
      }
      lines = BoxedText.withoutBars(lines);
    }
    if (BoxedText.partsByBars(lines)) {
      lines = BoxedText.withoutBars(lines);
    }
    ConsoleBlocks read = ConsoleBlocks.of(lines);
    List<Grid> grids = new ArrayList<>();
    List<String> before = List.of();
    for (Block block : read.blocks()) {
      Watched.check();
      Grid grid = ConsoleTable.grid(block, name);
      if (!grids.isEmpty() && WrappedFrame.goesOn(before, grids.getLast(), grid)) {
        grids.set(grids.size() - 1, WrappedFrame.joined(grids.getLast(), grid));
      } else if (grid.rows() > 0) {
        grids.add(grid);
      }
      before = block.lines();
    }
    return new Sheets(grids, Hidden.NONE, read.outside());
  }
}
