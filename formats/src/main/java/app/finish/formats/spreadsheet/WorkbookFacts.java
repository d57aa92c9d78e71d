package app.finish.formats.spreadsheet;

import java.io.IOException;
import java.io.InputStream;
import java.util.HashSet;
import java.util.Set;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.poi.openxml4j.exceptions.InvalidFormatException;
import org.apache.poi.util.XMLHelper;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.xml.sax.Attributes;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.XMLReader;
import org.xml.sax.helpers.DefaultHandler;

/// What a workbook says of its sheets: the names of the hidden ones, and from when its dates count.
public final class WorkbookFacts {
  private final Set<String> names = new HashSet<>();
  private boolean from1904;

  private WorkbookFacts() {}

  static WorkbookFacts of(XSSFReader reader)
      throws IOException, SAXException, InvalidFormatException, ParserConfigurationException {
    WorkbookFacts hidden = new WorkbookFacts();
    XMLReader parser = XMLHelper.newXMLReader();
    parser.setContentHandler(
        new DefaultHandler() {
          @Override
          public void startElement(String uri, String local, String tag, Attributes attributes) {
            String state = attributes.getValue("state");
            String dates = attributes.getValue("date1904");
            if (local.equals("workbookPr") && dates != null) {
              hidden.from1904 = dates.equals("1") || dates.equals("true");
            }
            if (local.equals("sheet") && state != null && !state.equals("visible")) {
              hidden.names.add(attributes.getValue("name"));
            }
          }
        });
    try (InputStream workbook = reader.getWorkbookData()) {
      parser.parse(new InputSource(workbook));
    }
    return hidden;
  }

  boolean contains(String name) {
    return names.contains(name);
  }

  /// Whether dates are counted from 1904, not from 1900.
  boolean from1904() {
    return from1904;
  }
}
