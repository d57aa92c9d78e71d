package app.finish.formats.docx;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import javax.xml.namespace.QName;
import org.apache.poi.xwpf.usermodel.XWPFDocument;
import org.apache.xmlbeans.XmlCursor;

/// Makes a document's content plain: what stands in content controls as if there were none, and
/// hidden text taken out.
public final class DocxContent {
  private static final String WORD = "http://schemas.openxmlformats.org/wordprocessingml/2006/main";
  private static final String EACH = "declare namespace w='" + WORD + "' .//w:";

  private DocxContent() {}

  /// The document with what stands in content controls in the place of these.
  static XWPFDocument withoutControls(XWPFDocument document) throws IOException {
    boolean any = false;
    while (unwrapFirst(document)) {
      any = true;
    }
    if (!any) {
      return document;
    }
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    document.write(bytes);
    return new XWPFDocument(new ByteArrayInputStream(bytes.toByteArray()));
  }

  private static boolean unwrapFirst(XWPFDocument document) {
    try (XmlCursor control = document.getDocument().newCursor()) {
      control.selectPath(EACH + "sdt");
      if (!control.toNextSelection()) {
        return false;
      }
      boolean more = true;
      while (more) {
        try (XmlCursor content = control.newCursor()) {
          more = content.toChild(WORD, "sdtContent") && content.toFirstChild();
          if (more) {
            content.moveXml(control);
          }
        }
      }
      control.removeXml();
      return true;
    }
  }

  /// Takes hidden text out; gives how many stretches of it there were.
  static int removeHidden(XWPFDocument document) {
    int count = 0;
    try (XmlCursor vanish = document.getDocument().newCursor()) {
      vanish.selectPath(EACH + "vanish");
      while (vanish.toNextSelection()) {
        String value = vanish.getAttributeText(new QName(WORD, "val"));
        boolean off = "0".equals(value) || "false".equals(value);
        try (XmlCursor run = vanish.newCursor()) {
          boolean inRun =
              run.toParent() && run.toParent() && run.getName().getLocalPart().equals("r");
          count += inRun && !off ? emptied(run) : 0;
        }
      }
    }
    return count;
  }

  private static int emptied(XmlCursor run) {
    int count = 0;
    boolean child = run.toFirstChild();
    while (child) {
      if (run.getName().getLocalPart().equals("t")) {
        count += run.getTextValue().isBlank() ? 0 : 1;
        run.setTextValue("");
      }
      child = run.toNextSibling();
    }
    return count;
  }
}
