package app.finish.formats.sent;

import app.finish.core.arrange.move.Arrangement;
import app.finish.core.document.BoardPlan;
import app.finish.core.document.Document;
import app.finish.core.document.Finish;
import app.finish.core.document.Source;
import app.finish.core.grid.Grid;
import app.finish.core.layout.Paper;
import app.finish.formats.Given;
import app.finish.formats.io.Sent;
import app.finish.formats.samples.Samples;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;

/// Tables that are sent out: those of the demo in each style, and one whose labels are taken for
/// something else wherever they are not made inert.
final class ManyTables {
  /// What a spreadsheet, a page or a typesetter would do something at.
  static final List<String> HOSTILE =
      List.of(
          "=HYPERLINK(\"x\",\"y\")",
          "+1+1",
          "@SUM(A1)",
          "-2+3",
          "=1%2",
          "\\input{secret}",
          "$x$ & #1 %% ~ ^ _a_",
          "{\\bf bold}",
          "<script>alert(1)</script>",
          "*bold* _it_ `code` | bar",
          "[link](http://example.org) ![x](y)",
          "1. first",
          "# head",
          "quote \" and ' and ’",
          "control \u0007 and \u0000 sign",
          "lone \uD800 half",
          "very " + "long ".repeat(300));

  private ManyTables() {}

  static Document hostile(String style) {
    List<String> lines = new ArrayList<>();
    lines.add("Route | Winter | =SUM(B1)");
    for (int i = 0; i < HOSTILE.size(); i++) {
      lines.add(HOSTILE.get(i).replace("|", "¦") + " | " + (i + 1) + ".5 | -" + i);
    }
    return Document.EMPTY.withAdded(
        new Source("hostile", Grid.ofText(lines.toArray(String[]::new))), Finish.in(style));
  }

  /// The tables of the demo and its charts, each in one style; without moves where it is to stand
  /// as it came.
  static Document demo(String style, boolean arranged) throws IOException {
    Document demo = Samples.demo().withBoard(BoardPlan.EMPTY);
    for (int i = 0; i < demo.items().size(); i++) {
      Finish finish = demo.table(i).finish().withStyle(style);
      demo = demo.withFinish(i, arranged ? finish : finish.withArrangement(Arrangement.NONE));
    }
    return demo;
  }

  static Sent sent(Document document) {
    return Given.sending()
        .sent(document, IntStream.range(0, document.items().size()).boxed().toList(), Paper.A4);
  }
}
