package app.finish.formats.spreadsheet;

import app.finish.formats.io.RaisedText;
import java.io.IOException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.xssf.eventusermodel.ReadOnlySharedStringsTable;
import org.xml.sax.Attributes;
import org.xml.sax.SAXException;

/// The shared strings of a workbook, with signs around what is raised, as [RaisedText] sets them.
public final class RaisedStrings extends ReadOnlySharedStringsTable {
  // Set while the superclass reads, which is before any initial value here would be: so none is.
  private boolean raised;

  RaisedStrings(OPCPackage opened) throws IOException, SAXException {
    super(opened, false);
  }

  @Override
  public void startElement(String uri, String local, String name, Attributes attributes)
      throws SAXException {
    switch (local) {
      case "r", "si" -> raised = false;
      case "vertAlign" -> raised = "superscript".equals(attributes.getValue("val"));
      default -> {}
    }
    super.startElement(uri, local, name, attributes);
  }

  @Override
  public void characters(char[] text, int start, int length) throws SAXException {
    if (raised) {
      String wrapped = RaisedText.wrapped(new String(text, start, length), true);
      super.characters(wrapped.toCharArray(), 0, wrapped.length());
    } else {
      super.characters(text, start, length);
    }
  }
}
