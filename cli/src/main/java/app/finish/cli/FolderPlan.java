package app.finish.cli;

import app.finish.core.document.BoardPlan;
import app.finish.core.problem.Problem;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.DeserializationFeature;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.exc.UnrecognizedPropertyException;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import com.fasterxml.jackson.dataformat.yaml.YAMLMapper;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

/// How the tables of a folder are sent out, as a file `finish.yaml` among them says, so that one
/// command makes them anew whenever their numbers change.
///
/// ```yaml
/// style: APA 7
/// as: [docx, html]
/// out: tables
/// join: report
/// into: paper.docx
/// tables:
///   - file: fares.csv
///     title: Fares by route
///   - file: waits.csv
///     style: Ledger
/// board:
///   file: year-two
///   title: Marram Sound, year two
///   bands:
///     - Fares cover the cost from *spring* to autumn.
///     - [fares.csv, waits.csv]
/// ```
///
/// @param style the style of tables that say none, or the empty string
/// @param as the formats by their endings
/// @param out the folder to write in, from that of the plan, or the empty string
/// @param join the name of a file of all tables in order, or the empty string
/// @param into a DOCX manuscript of which a copy with the tables in it is written, or the empty
///   string
/// @param tables files in the order in which their tables are numbered; others follow by name
/// @param board a board of the tables; one without a name for none
record FolderPlan(
    String style,
    List<String> as,
    String out,
    String join,
    String into,
    List<Entry> tables,
    Board board) {
  /// The name of the file.
  static final String NAME = "finish.yaml";

  /// No plan.
  static final FolderPlan NONE = new FolderPlan("", List.of(), "", "", "", List.of(), Board.NONE);

  /// What is said of one file.
  ///
  /// @param file its name
  /// @param title the title of its first table, or the empty string for its own
  /// @param style the style of its tables, or the empty string
  record Entry(String file, String title, String style) {
    Entry {
      file = Objects.requireNonNullElse(file, "");
      title = Objects.requireNonNullElse(title, "");
      style = Objects.requireNonNullElse(style, "");
    }
  }

  /// How the tables of a folder lie on a board.
  ///
  /// @param file the name of the page, or the empty string for no board
  /// @param title what stands over it, or the empty string
  /// @param bands from the top down the files whose tables lie beside each other, or a text; all
  ///   files below each other if there are none
  record Board(String file, String title, List<List<String>> bands) {
    static final Board NONE = new Board("", "", List.of());

    Board {
      file = Objects.requireNonNullElse(file, "");
      title = Objects.requireNonNullElse(title, "");
      bands = List.copyOf(Objects.requireNonNullElse(bands, List.of()));
    }

    /// The plan of the board over tables.
    ///
    /// @param ids the tables of each file, by its name
    BoardPlan over(Map<String, List<String>> ids) {
      BoardPlan plan = BoardPlan.EMPTY.withTitle(title);
      List<List<BoardPlan.Tile>> all = new ArrayList<>();
      int texts = 0;
      for (List<String> band : bands) {
        List<BoardPlan.Tile> tiles = new ArrayList<>();
        for (String name : band) {
          if (ids.containsKey(name)) {
            ids.get(name).forEach(id -> tiles.add(new BoardPlan.Tile.Placed(id)));
          } else {
            texts++;
            tiles.add(new BoardPlan.Tile.Passage("p" + texts, name));
          }
        }
        all.add(tiles);
      }
      return new BoardPlan(plan.title(), all);
    }
  }

  FolderPlan {
    board = Objects.requireNonNullElse(board, Board.NONE);
    style = Objects.requireNonNullElse(style, "");
    as = List.copyOf(Objects.requireNonNullElse(as, List.of()));
    out = Objects.requireNonNullElse(out, "");
    join = Objects.requireNonNullElse(join, "");
    into = Objects.requireNonNullElse(into, "");
    tables = List.copyOf(Objects.requireNonNullElse(tables, List.of()));
  }

  /// The plan of a folder, if it has one.
  ///
  /// @throws Problem if it can't be read, with its line
  static Optional<FolderPlan> of(Path folder) throws IOException {
    Path file = folder.resolve(NAME);
    if (!Files.isRegularFile(file)) {
      return Optional.empty();
    }
    YAMLMapper mapper =
        YAMLMapper.builder(new YAMLFactory())
            .enable(DeserializationFeature.FAIL_ON_UNKNOWN_PROPERTIES)
            .enable(DeserializationFeature.ACCEPT_SINGLE_VALUE_AS_ARRAY)
            .build();
    try {
      String text = Files.readString(file);
      return Optional.of(text.isBlank() ? NONE : mapper.readValue(text, FolderPlan.class));
    } catch (UnrecognizedPropertyException e) {
      throw new Problem(
          file
              + ", line "
              + lineOf(e.getPropertyName(), Files.readAllLines(file))
              + ": “"
              + e.getPropertyName()
              + "” means nothing here. Say style, as, out, join, into, tables or board, of a"
              + " table file, title or style, and of a board file, title or bands.",
          e);
    } catch (JsonMappingException e) {
      throw new Problem(at(file, e) + "this is not what stands there in a plan.", e);
    } catch (JsonProcessingException e) {
      throw new Problem(at(file, e) + "this is no YAML. Look at its blanks and colons.", e);
    }
  }

  private static int lineOf(String key, List<String> lines) {
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).contains(key + ":")) {
        return i + 1;
      }
    }
    return 1;
  }

  private static String at(Path file, JsonProcessingException fault) {
    int line = fault.getLocation() == null ? 1 : fault.getLocation().getLineNr();
    return file + ", line " + line + ": ";
  }

  /// What is said of a file.
  Optional<Entry> entry(Path file) {
    String name = file.getFileName().toString();
    return tables.stream().filter(one -> one.file.equals(name)).findFirst();
  }
}
