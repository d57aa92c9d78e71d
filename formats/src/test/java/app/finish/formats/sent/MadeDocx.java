package app.finish.formats.sent;

import java.io.IOException;
import java.io.OutputStream;
import java.math.BigInteger;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.apache.poi.xwpf.usermodel.IBodyElement;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.poi.xwpf.usermodel.XWPFParagraph;
import org.apache.poi.xwpf.usermodel.XWPFSDT;
import org.docx4j.openpackaging.packages.WordprocessingMLPackage;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTPageMar;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTPageSz;
import org.openxmlformats.schemas.wordprocessingml.x2006.main.CTSectPr;

/// DOCX manuscripts, made by POI.
final class MadeDocx implements MadeManuscript {
  @Override
  public String ending() {
    return "docx";
  }

  @Override
  public Path of(Path folder, String... paragraphs) throws IOException {
    Path file = Files.createTempFile(folder, "paper", ".docx");
    try (XWPFDocument document = new XWPFDocument();
        OutputStream out = Files.newOutputStream(file)) {
      document.createStyles();
      for (String words : paragraphs) {
        XWPFParagraph paragraph = document.createParagraph();
        // A callout may be split over runs, as word processors like to do.
        int middle = words.length() / 2;
        paragraph.createRun().setText(words.substring(0, middle));
        paragraph.createRun().setText(words.substring(middle));
      }
      CTSectPr section = document.getDocument().getBody().addNewSectPr();
      CTPageSz size = section.addNewPgSz();
      size.setW(BigInteger.valueOf(12_240));
      size.setH(BigInteger.valueOf(15_840));
      CTPageMar margins = section.addNewPgMar();
      margins.setLeft(BigInteger.valueOf(1_440));
      margins.setRight(BigInteger.valueOf(1_440));
      document.write(out);
    }
    return file;
  }

  @Override
  public List<String> order(Path file) throws Exception {
    WordprocessingMLPackage.load(file.toFile());
    List<String> order = new ArrayList<>();
    try (XWPFDocument document = new XWPFDocument(Files.newInputStream(file))) {
      for (IBodyElement element : document.getBodyElements()) {
        switch (element) {
          case XWPFParagraph paragraph -> order.add(paragraph.getText());
          case XWPFSDT control ->
              order.add("<" + control.getTag() + ">" + control.getContent().getText());
          default -> order.add("?");
        }
      }
    }
    return order;
  }
}
