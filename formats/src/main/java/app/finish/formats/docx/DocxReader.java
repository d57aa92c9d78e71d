package app.finish.formats.docx;

import app.finish.core.grid.Grid;
import app.finish.core.grid.GridCell;
import app.finish.core.grid.SourceFormat;
import app.finish.core.problem.Problem;
import app.finish.core.recognise.words.Vocabulary;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.Limits;
import app.finish.formats.io.RaisedText;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.SheetBuilder;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.TextFile;
import app.finish.formats.io.Unreadable;
import app.finish.formats.io.WholeZip;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Pattern;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFRun;
import org.apache.poi.xwpf.usermodel.XWPFTable;
import org.apache.poi.xwpf.usermodel.XWPFTableCell;
import org.apache.poi.xwpf.usermodel.XWPFTableRow;
import org.openxmlformats.schemas.officeDocument.x2006.sharedTypes.STVerticalAlignRun;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTTcPr;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.STMerge;

/// Reads the tables of a DOCX (ECMA-376, wordprocessing): spans across and down, bold, indents, and
/// the short paragraphs just above and below as the words around.
public final class DocxReader implements TableReader {
  private static final int LONGEST_TITLE = 200;
  private static final Pattern PROSE =
      Pattern.compile(
          "(?!table\\b|figure\\b|tab\\.)(\\S+\\s+){8,}.*[.!?]",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

  private static final Pattern NUMBER =
      Pattern.compile("(table|tabelle|tableau)\\s+[A-Z]?[0-9].*", Pattern.CASE_INSENSITIVE);
  private static final Pattern NOTE =
      Pattern.compile(
          "(?i:"
              + Vocabulary.NOTE_WORDS
              + "|"
              + Vocabulary.SOURCE_WORDS
              + ")\\b.*|[a-h0-9]{1,2}[.)]?\\s+\\S.*|[*†‡§¹²³].*",
          Pattern.DOTALL);
  private static final Pattern SHORT_NOTE =
      Pattern.compile(
          "(m|mean|median|n|values?|figures?|standard|numbers?|per"
              + " ?cent(ages)?|sd|ci)\\b.*|.*\\b(source|quelle)\\s*:.*|.*\\b(parenthes[ei]s|brackets)\\b.*",
          Pattern.CASE_INSENSITIVE | Pattern.DOTALL);

  private static boolean isProse(String text) {
    return PROSE.matcher(text).matches();
  }

  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    String name = FileName.of(file);
    WholeZip.check(file, name, Limits.PART);
    try (InputStream stream = TextFile.open(file, request);
        XWPFDocument opened = new XWPFDocument(stream);
        XWPFDocument document = DocxContent.withoutControls(opened)) {
      List<Grid> grids = new ArrayList<>();
      int hidden = request.hidden() ? 0 : DocxContent.removeHidden(document);
      List<IBodyElement> elements = document.getBodyElements();
      for (int i = 0; i < elements.size(); i++) {
        if (elements.get(i) instanceof XWPFTable table) {
          grids.add(table(table, wordsAbove(elements, i), wordsBelow(elements, i), name));
        }
      }
      if (grids.isEmpty()) {
        throw new Problem(
            name
                + " has no table in it. Pick a document with one, or copy its cells and paste"
                + " them.");
      }
      return new Sheets(grids, new Hidden(0, 0, 0, hidden));
    } catch (Problem | InterruptedIOException e) {
      throw e;
    } catch (IOException | RuntimeException e) {
      throw Unreadable.of(name, "a DOCX document", e);
    }
  }

  /// Up to four short paragraphs just above a table.
  public static List<String> wordsAbove(List<IBodyElement> elements, int table) {
    List<String> words = new ArrayList<>();
    for (int i = table - 1; i >= 0 && words.size() < 4; i--) {
      if (!(elements.get(i) instanceof XWPFParagraph paragraph)) {
        break;
      }
      String text = wrapped(paragraph).strip();
      if (text.isEmpty() || text.length() > LONGEST_TITLE) {
        if (!words.isEmpty() || !text.isEmpty()) {
          break;
        }
        continue;
      }
      if (isProse(text)) {
        break;
      }
      words.addFirst(text);
      if (NUMBER.matcher(text).matches()) {
        break;
      }
    }
    return words;
  }

  /// The paragraphs just below a table that begin as notes do.
  private static List<String> wordsBelow(List<IBodyElement> elements, int table) {
    List<String> words = new ArrayList<>();
    for (int i = table + 1; i < elements.size() && words.size() < 6; i++) {
      if (!(elements.get(i) instanceof XWPFParagraph paragraph)) {
        break;
      }
      String text = RaisedText.cell(wrapped(paragraph).strip()).text();
      if (!NOTE.matcher(text).matches() && (!SHORT_NOTE.matcher(text).matches() || isProse(text))) {
        break;
      }
      words.add(text);
    }
    return words;
  }

  private static Grid table(XWPFTable table, List<String> above, List<String> below, String name)
      throws IOException {
    SheetBuilder sheet = new SheetBuilder(name);
    sheet.addLines(above);
    List<XWPFTableRow> rows = table.getRows();
    for (int row = 0; row < rows.size(); row++) {
      sheet.beginRow();
      int column = 0;
      for (XWPFTableCell cell : rows.get(row).getTableCells()) {
        int wide = span(cell);
        if (!goesOn(cell)) {
          sheet.add(cell(cell).spanning(tall(rows, row, column), wide));
        }
        column += wide;
      }
    }
    sheet.addLines(below);
    return sheet.grid("");
  }

  public static int span(XWPFTableCell cell) {
    CTTcPr properties = cell.getCTTc().getTcPr();
    boolean spans = properties != null && properties.getGridSpan() != null;
    return spans ? Math.max(1, properties.getGridSpan().getVal().intValue()) : 1;
  }

  /// Whether a cell only goes on one from above.
  private static boolean goesOn(XWPFTableCell cell) {
    CTTcPr properties = cell.getCTTc().getTcPr();
    return properties != null
        && properties.getVMerge() != null
        && properties.getVMerge().getVal() != STMerge.RESTART;
  }

  private static int tall(List<XWPFTableRow> rows, int row, int column) {
    int tall = 1;
    while (row + tall < rows.size() && goesOnAt(rows.get(row + tall), column)) {
      tall++;
    }
    return tall;
  }

  private static boolean goesOnAt(XWPFTableRow row, int column) {
    int at = 0;
    for (XWPFTableCell cell : row.getTableCells()) {
      if (at == column) {
        return goesOn(cell);
      }
      at += span(cell);
    }
    return false;
  }

  /// The text of a cell, with signs around what is raised.
  private static String wrapped(XWPFTableCell cell) {
    StringBuilder text = new StringBuilder();
    for (XWPFParagraph paragraph : cell.getParagraphs()) {
      text.append(text.isEmpty() ? "" : "\n").append(wrapped(paragraph));
    }
    return text.toString();
  }

  private static String wrapped(XWPFParagraph paragraph) {
    boolean raises = paragraph.getRuns().stream().anyMatch(DocxReader::isRaised);
    if (!raises) {
      return paragraph.getText();
    }
    StringBuilder text = new StringBuilder();
    for (XWPFRun run : paragraph.getRuns()) {
      text.append(RaisedText.wrapped(run.text(), isRaised(run)));
    }
    return text.toString();
  }

  private static boolean isRaised(XWPFRun run) {
    return run.getVerticalAlignment() == STVerticalAlignRun.SUPERSCRIPT;
  }

  private static GridCell cell(XWPFTableCell cell) {
    String text = wrapped(cell).replace('\n', ' ').replace('\t', ' ').strip();
    boolean bold = false;
    boolean italic = false;
    int indent = 0;
    for (XWPFParagraph paragraph : cell.getParagraphs()) {
      indent = Math.max(indent, paragraph.getIndentationLeft() / 120);
      for (XWPFRun run : paragraph.getRuns()) {
        bold |= run.isBold();
        italic |= run.isItalic();
      }
    }
    return RaisedText.cell(text).with(new SourceFormat(bold, italic, text.isEmpty() ? 0 : indent));
  }
}
