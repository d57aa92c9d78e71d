package app.finish.formats.spreadsheet;

import app.finish.core.grid.Grid;
import app.finish.core.problem.Problem;
import app.finish.formats.io.FileName;
import app.finish.formats.io.Hidden;
import app.finish.formats.io.ReadRequest;
import app.finish.formats.io.Sheets;
import app.finish.formats.io.TableReader;
import app.finish.formats.io.Unreadable;
import app.finish.formats.io.Watched;
import app.finish.formats.io.WholeZip;
import java.io.IOException;
import java.io.InputStream;
import java.io.InterruptedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.xml.parsers.ParserConfigurationException;
import org.apache.poi.openxml4j.exceptions.OpenXML4JException;
import org.apache.poi.openxml4j.opc.OPCPackage;
import org.apache.poi.openxml4j.opc.PackageAccess;
import org.apache.poi.poifs.filesystem.POIFSFileSystem;
import org.apache.poi.util.XMLHelper;
import org.apache.poi.xssf.eventusermodel.XSSFReader;
import org.apache.poi.xssf.model.StylesTable;
import org.xml.sax.InputSource;
import org.xml.sax.SAXException;
import org.xml.sax.XMLReader;

/// Reads XLSX workbooks (ECMA-376, spreadsheets) as a stream: spans, bold, italic, indents and
/// number formats. Hidden sheets and hidden rows are left out unless asked for.
public final class XlsxReader implements TableReader {
  @Override
  public Sheets read(Path file, ReadRequest request) throws IOException {
    String name = FileName.of(file);
    checkKind(file, name);
    WholeZip.check(file, name);
    List<Grid> sheets = new ArrayList<>();
    int hiddenSheets = 0;
    int hiddenRows = 0;
    int hiddenColumns = 0;
    try (OPCPackage opened = OPCPackage.open(file.toFile(), PackageAccess.READ)) {
      XSSFReader reader = new XSSFReader(opened);
      RaisedStrings strings = new RaisedStrings(opened);
      StylesTable styles = reader.getStylesTable();
      WorkbookFacts hidden = WorkbookFacts.of(reader);
      XSSFReader.SheetIterator parts = (XSSFReader.SheetIterator) reader.getSheetsData();
      while (parts.hasNext()) {
        try (InputStream part = parts.next()) {
          String sheetName = parts.getSheetName();
          boolean isHidden = hidden.contains(sheetName);
          hiddenSheets += isHidden ? 1 : 0;
          if (!isHidden || request.hidden()) {
            SheetHandler handler =
                new SheetHandler(
                    name,
                    strings,
                    Optional.ofNullable(styles),
                    request.hidden(),
                    hidden.from1904());
            long size = Math.max(0, parts.getSheetPart().getSize());
            read(new Watched(part, size, request.progress()), handler);
            sheets.add(handler.grid(sheetName));
            hiddenRows += isHidden ? 0 : handler.hiddenRows();
            hiddenColumns += isHidden ? 0 : handler.hiddenColumns();
          }
        }
      }
    } catch (OpenXML4JException | SAXException | ParserConfigurationException e) {
      throw problem(name, e);
    } catch (RuntimeException e) {
      // POI answers damaged files with all sorts of these.
      throw problem(name, e);
    } catch (Problem | InterruptedIOException e) {
      throw e;
    } catch (IOException e) {
      throw problem(name, e);
    }
    return new Sheets(sheets, new Hidden(hiddenSheets, hiddenRows, hiddenColumns, 0));
  }

  private static void read(InputStream part, SheetHandler handler)
      throws IOException, SAXException, ParserConfigurationException {
    XMLReader parser = XMLHelper.newXMLReader();
    parser.setContentHandler(handler);
    try {
      parser.parse(new InputSource(part));
    } catch (SAXException e) {
      if (e.getCause() instanceof Problem problem) {
        throw problem;
      }
      throw e;
    }
  }

  private static void checkKind(Path file, String name) throws IOException {
    byte[] start;
    try (InputStream stream = Files.newInputStream(file)) {
      start = stream.readNBytes(8);
    }
    if (FileName.startsWith(start, 0xD0, 0xCF, 0x11, 0xE0)) {
      throw new Problem(
          isEncrypted(file)
              ? name + " is protected with a password. Save it without one and bring it in again."
              : name + " is a workbook of the old kind. Save it as XLSX and bring that in.");
    }
    if (!FileName.startsWith(start, 'P', 'K')) {
      throw new Problem(
          name
              + " is not an XLSX workbook, whatever its name says. Save the table as XLSX or CSV.");
    }
  }

  private static boolean isEncrypted(Path file) {
    try (POIFSFileSystem system = new POIFSFileSystem(file.toFile(), true)) {
      return system.getRoot().hasEntry("EncryptedPackage");
    } catch (IOException | RuntimeException e) {
      return false;
    }
  }

  private static Problem problem(String name, Exception cause) {
    return Unreadable.of(name, "an XLSX workbook", cause);
  }
}
