package app.finish.formats.pdf;

import app.finish.core.dress.CellMeaning;
import app.finish.core.dress.DressedCell;
import app.finish.core.dress.DressedRow;
import app.finish.core.dress.DressedRow.Band;
import java.util.ArrayList;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import org.apache.pdfbox.cos.COSArray;
import org.apache.pdfbox.cos.COSDictionary;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDDocumentCatalog;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.common.COSObjectable;
import org.apache.pdfbox.pdmodel.common.PDNumberTreeNode;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDMarkInfo;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDParentTreeValue;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureElement;
import org.apache.pdfbox.pdmodel.documentinterchange.logicalstructure.PDStructureTreeRoot;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.PDTableAttributeObject;
import org.apache.pdfbox.pdmodel.documentinterchange.taggedpdf.StandardStructureTypes;

/// The structure of a document for those who hear it (ISO 32000-1, 14.7 and 14.8; ISO 14289-1):
/// each table with its caption, its rows, heads with their scope and spans, and its notes. What is
/// only drawn, and heads that come again on a further page, is no part of it.
final class PdfTags {
  private final PDStructureTreeRoot root = new PDStructureTreeRoot();
  private final PDStructureElement all;
  private final Map<Integer, PDParentTreeValue> parents = new TreeMap<>();
  private final List<PDStructureElement> onPage = new ArrayList<>();
  private final Map<DressedCell, PDStructureElement> cells = new IdentityHashMap<>();
  private Optional<TableParts> table = Optional.empty();
  private Optional<PDStructureElement> figure = Optional.empty();
  private Optional<DressedRow> row = Optional.empty();
  private Optional<PDStructureElement> line = Optional.empty();
  private int page = -1;

  /// The elements of the table that is written now.
  private record TableParts(
      PDStructureElement section, PDStructureElement table, Map<Band, PDStructureElement> parts) {}

  PdfTags(PDDocument document, String language) {
    PDDocumentCatalog catalog = document.getDocumentCatalog();
    catalog.setStructureTreeRoot(root);
    catalog.setLanguage(language);
    PDMarkInfo marked = new PDMarkInfo();
    marked.setMarked(true);
    catalog.setMarkInfo(marked);
    all = new PDStructureElement(StandardStructureTypes.DOCUMENT, root);
    root.appendKid(all);
  }

  /// Begins a table.
  ///
  /// @param summary what it shows, for those who can't see it
  void beginTable(String summary) {
    PDStructureElement section = child(StandardStructureTypes.SECT, all);
    PDStructureElement element = new PDStructureElement(StandardStructureTypes.TABLE, section);
    PDTableAttributeObject attributes = new PDTableAttributeObject();
    attributes.setSummary(summary);
    element.addAttribute(attributes);
    table = Optional.of(new TableParts(section, element, new IdentityHashMap<>()));
    figure = Optional.empty();
    cells.clear();
    row = Optional.empty();
  }

  /// Begins a chart, all of which is one figure.
  ///
  /// @param description what it shows, for those who can't see it
  void beginFigure(String description) {
    PDStructureElement element = child(StandardStructureTypes.Figure, all);
    element.setAlternateDescription(description);
    figure = Optional.of(element);
    table = Optional.empty();
  }

  /// Marks all of a page as the chart that was begun; none if it is a table that was.
  Optional<Map.Entry<COSName, COSDictionary>> markFigure(PDPage sheet) {
    return figure.map(element -> marked(element, sheet));
  }

  private Map.Entry<COSName, COSDictionary> marked(PDStructureElement element, PDPage sheet) {
    COSDictionary stretch = new COSDictionary();
    stretch.setInt(COSName.MCID, onPage.size());
    element.setPage(sheet);
    element.appendKid(onPage.size());
    onPage.add(element);
    return Map.entry(COSName.getPDFName(element.getStructureType()), stretch);
  }

  private static PDStructureElement child(String type, PDStructureElement parent) {
    PDStructureElement element = new PDStructureElement(type, parent);
    parent.appendKid(element);
    return element;
  }

  /// Begins a page.
  void beginPage(PDPage sheet) {
    page++;
    onPage.clear();
    sheet.setStructParents(page);
    sheet.getCOSObject().setName(COSName.getPDFName("Tabs"), "S");
  }

  /// Ends a page: tells which element each marked stretch on it belongs to.
  void endPage() {
    COSArray elements = new COSArray();
    onPage.forEach(one -> elements.add(one.getCOSObject()));
    parents.put(page, new PDParentTreeValue(elements));
  }

  /// Marks a stretch as the text of a cell; none for a head that comes again.
  ///
  /// @return the tag and the number of the stretch on its page
  Optional<Map.Entry<COSName, COSDictionary>> mark(DressedRow of, DressedCell cell, PDPage sheet) {
    boolean again = cells.containsKey(cell) && of.band() == Band.HEAD;
    if (again) {
      return Optional.empty();
    }
    PDStructureElement element = cells.computeIfAbsent(cell, key -> element(of, key));
    return Optional.of(marked(element, sheet));
  }

  private PDStructureElement element(DressedRow of, DressedCell cell) {
    TableParts now = table.orElseThrow();
    if (!of.isTable()) {
      return of.band() == Band.ABOVE
          ? child(StandardStructureTypes.P, caption(now))
          : child(StandardStructureTypes.P, now.section);
    }
    if (row.isEmpty() || row.get() != of) {
      row = Optional.of(of);
      line = Optional.of(child(StandardStructureTypes.TR, part(now, of.band())));
    }
    boolean figure = cell.place() instanceof CellMeaning.Body;
    PDStructureElement element =
        child(figure ? StandardStructureTypes.TD : StandardStructureTypes.TH, line.orElseThrow());
    element.addAttribute(attributes(of, cell, figure));
    return element;
  }

  private static PDTableAttributeObject attributes(
      DressedRow of, DressedCell cell, boolean figure) {
    PDTableAttributeObject attributes = new PDTableAttributeObject();
    if (cell.columnSpan() > 1) {
      attributes.setColSpan(cell.columnSpan());
    }
    if (cell.rowSpan() > 1) {
      attributes.setRowSpan(cell.rowSpan());
    }
    if (!figure) {
      attributes.setScope(
          of.band() == Band.HEAD
              ? PDTableAttributeObject.SCOPE_COLUMN
              : PDTableAttributeObject.SCOPE_ROW);
    }
    return attributes;
  }

  private static PDStructureElement caption(TableParts now) {
    return now.parts.computeIfAbsent(
        Band.ABOVE, key -> child(StandardStructureTypes.CAPTION, shown(now)));
  }

  /// The table in its section, which it enters with its first part.
  private static PDStructureElement shown(TableParts now) {
    if (now.parts.isEmpty()) {
      now.section.appendKid(now.table);
    }
    return now.table;
  }

  private static PDStructureElement part(TableParts now, Band band) {
    String type = band == Band.HEAD ? StandardStructureTypes.T_HEAD : StandardStructureTypes.T_BODY;
    PDStructureElement known = now.parts.get(band);
    if (known == null) {
      known = child(type, shown(now));
      now.parts.put(band, known);
    }
    return known;
  }

  /// Ends the document.
  void end() {
    PDNumberTreeNode tree = new PDNumberTreeNode(PDParentTreeValue.class);
    Map<Integer, COSObjectable> numbers = new TreeMap<>(parents);
    tree.setNumbers(numbers);
    root.setParentTree(tree);
    root.setParentTreeNextKey(page + 1);
  }
}
