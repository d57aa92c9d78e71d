package app.finish.formats.io;

import app.finish.core.Finishing;
import app.finish.core.document.DocumentTable;
import app.finish.core.document.Finish;
import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.Dressed;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.Matches;
import app.finish.core.layout.Paper;
import app.finish.core.layout.Proof;
import app.finish.core.layout.font.Fonts;
import app.finish.core.layout.page.Compositor;
import app.finish.core.layout.sheet.Scroll;
import app.finish.core.note.Description;
import app.finish.core.style.Cascade;
import app.finish.core.style.PartName;
import app.finish.core.style.StyleBook;
import app.finish.core.style.colour.Palette;
import app.finish.core.table.Spot;
import app.finish.core.table.Table;
import app.finish.core.table.Value;
import java.util.List;
import java.util.Optional;

/// A table on its way out. What it looks like and how it lies on a page are worked out when they
/// are first asked for.
///
/// ```java
/// for (DressedRow row : table.dressed().rows()) {
///   for (DressedCell cell : row.cells()) {
///     table.value(cell).ifPresent(value -> write(value, cell.look()));
///   }
/// }
/// ```
public final class SentTable implements SentItem {
  private final DocumentTable item;
  private final Finishing.Numbered numbered;
  private final Fonts fonts;
  private Optional<Table> table = Optional.empty();
  private Optional<Dressed> dressed = Optional.empty();
  private Optional<LaidOut> laid = Optional.empty();
  private Optional<Cascade> cascade = Optional.empty();

  /// A proof, and the paper that was asked for: a wide table has a wider one.
  private record LaidOut(Paper asked, Proof proof) {}

  /// @param item the table as the document holds it
  /// @param numbered the same on its way, in its styles and with its number
  public SentTable(DocumentTable item, Finishing.Numbered numbered, Fonts fonts) {
    this.item = item;
    this.numbered = numbered;
    this.fonts = fonts;
  }

  @Override
  public DocumentTable item() {
    return item;
  }

  @Override
  public String number() {
    return numbered.number();
  }

  /// The table as it is arranged, with its words: what it says.
  public Table table() {
    if (table.isEmpty()) {
      table = Optional.of(numbered.finishing().table());
    }
    return table.get();
  }

  /// The table in its style: rows of cells with their looks.
  @Override
  public Dressed dressed() {
    if (dressed.isEmpty()) {
      dressed = Optional.of(numbered.dressed());
    }
    return dressed.get();
  }

  /// The highlights that lie on the table: its own, where its style has none besides.
  public List<Highlight> highlights() {
    boolean styled = cascade().chain().stream().anyMatch(style -> !style.highlights().isEmpty());
    return styled
        ? List.of()
        : numbered.finishing().finish().highlights().stream().filter(Highlight::on).toList();
  }

  /// The figures that a highlight looks at, in reading order.
  public List<Spot.Figure> looked(Highlight highlight) {
    return numbered.finishing().looked(highlight);
  }

  /// The table in its style without its highlights.
  public Dressed plain() {
    Finish bare = numbered.finishing().finish().withHighlights(List.of());
    return with(bare, numbered.styles()).dressed();
  }

  private Cascade cascade() {
    if (cascade.isEmpty()) {
      cascade = Optional.of(numbered.cascade());
    }
    return cascade.get();
  }

  private SentTable with(Finish finish, StyleBook styles) {
    Finishing.Numbered other =
        numbered.finishing().restyled(finish).in(styles).numbered(numbered.number());
    return new SentTable(item, other, fonts);
  }

  /// The table as its style has it on a board.
  public SentTable onBoard() {
    return cascade().chain().stream().anyMatch(style -> !style.board().isEmpty())
        ? with(numbered.finishing().finish(), numbered.styles().onBoard())
        : this;
  }

  /// The table in other inks.
  public SentTable inked(Palette inks) {
    return with(numbered.finishing().finish(), numbered.styles().inked(inks));
  }

  /// The inks of its style for a dark page.
  public Palette nightInks() {
    return cascade().nightInks();
  }

  /// Where the table holds a dimension at a member, the same at each of its members, in order; none
  /// where it holds none.
  public List<AtMember> members() {
    Finish finish = numbered.finishing().finish();
    return numbered.finishing().heldMembers().stream()
        .map(
            one ->
                new AtMember(
                    one.dimension(),
                    one.member(),
                    one.isHeld(),
                    one.isHeld()
                        ? this
                        : with(finish.withArrangement(one.arrangement()), numbered.styles())))
        .toList();
  }

  /// A table held at a member.
  ///
  /// @param dimension what it holds
  /// @param member where
  /// @param isHeld whether the document has it so
  /// @param table the table there
  public record AtMember(String dimension, String member, boolean isHeld, SentTable table) {}

  /// Where each highlight lies that lies on the table, those of its style among them.
  public List<Matches> matches() {
    return numbered.finishing().matches(cascade());
  }

  @Override
  public String name() {
    StringBuilder name = new StringBuilder();
    for (DressedRow row : dressed().band(DressedRow.Band.ABOVE)) {
      PartName part = row.part().name();
      if (part == PartName.NUMBER || part == PartName.TITLE) {
        name.append(name.isEmpty() ? "" : ". ").append(row.cells().getFirst().text());
      }
    }
    return name.isEmpty() ? "Table " + number() : name.toString();
  }

  /// What the table shows, for those who can't see it: as the person wrote it, or made from its
  /// words and its headings.
  @Override
  public String description() {
    String own = item.finish().description();
    return own.isEmpty() ? Description.of(table()) : own;
  }

  /// The value behind a cell, if it is a figure's.
  public Optional<Value> value(DressedCell cell) {
    return cell.place() instanceof CellMeaning.Body body
        ? Optional.of(table().body().at(body.row(), body.column()))
        : Optional.empty();
  }

  @Override
  public List<Proof.Page> pages(Paper paper) {
    return proof(paper).pages();
  }

  /// The table laid out on a paper. The last one is remembered.
  public Proof proof(Paper paper) {
    if (laid.filter(one -> one.asked.equals(paper)).isEmpty()) {
      laid = Optional.of(new LaidOut(paper, new Compositor(fonts).layOut(dressed(), paper)));
    }
    return laid.get().proof;
  }

  /// The columns of the table on a paper: those of the proof, without laying out its rows.
  public List<Proof.Column> columns(Paper paper) {
    return laid.filter(one -> one.asked.equals(paper))
        .map(one -> one.proof.columns())
        .orElseGet(
            () ->
                Scroll.columns(numbered.ready().seen(cascade(), numbered.number()), fonts, paper));
  }
}
