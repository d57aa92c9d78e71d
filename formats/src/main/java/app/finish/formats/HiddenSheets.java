package app.finish.formats;

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

/// The names of a workbook's hidden sheets.
final class HiddenSheets {
  private final Set<String> names = new HashSet<>();

  private HiddenSheets() {}

  static HiddenSheets of(XSSFReader reader)
      throws IOException, SAXException, InvalidFormatException, ParserConfigurationException {
    HiddenSheets hidden = new HiddenSheets();
    XMLReader parser = XMLHelper.newXMLReader();
    parser.setContentHandler(
        new DefaultHandler() {
          @Override
          public void startElement(String uri, String local, String tag, Attributes attributes) {
            String state = attributes.getValue("state");
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
}
