package app.finish.formats.sent;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.formats.Given;
import app.finish.formats.OutputFormat;
import java.io.IOException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;
import org.jsoup.nodes.Element;
import org.testng.annotations.Test;

/// The looks of an ODT manuscript stay, and those of the tables in it are where they belong.
public class OdtManuscriptTest {
  private final Path folder = Given.folder();

  /// No look of an earlier run is left by the next.
  @Test
  public void looksOfEarlierRunsGo() throws IOException {
    Path paper = new MadeOdt().of(folder, "See Table 1 and Table 2.", "End.");
    Path at = ManuscriptTablesTest.put(paper, ManuscriptTablesTest.two("12"), new ArrayList<>());
    int looks = MadeOdt.part(at, "content.xml").getElementsByTag("style:style").size();
    int named = MadeOdt.part(at, "styles.xml").getElementsByTag("style:style").size();
    for (String figure : List.of("345", "346", "347")) {
      at = ManuscriptTablesTest.put(at, ManuscriptTablesTest.two(figure), new ArrayList<>());
    }
    assertThat(MadeOdt.part(at, "content.xml").getElementsByTag("style:style")).hasSize(looks);
    assertThat(MadeOdt.part(at, "styles.xml").getElementsByTag("style:style")).hasSize(named);
  }

  /// All looks that are worn are there, each once, and those of the manuscript are as they were.
  @Test
  public void looksOfTheManuscriptStay() throws IOException {
    Path paper = new MadeOdt().of(folder, "See Table 1 and Table 2.", "End.");
    Path once = ManuscriptTablesTest.put(paper, ManuscriptTablesTest.two("12"), new ArrayList<>());
    Element content = MadeOdt.part(once, "content.xml");
    Element styles = MadeOdt.part(once, "styles.xml");
    List<String> names = new ArrayList<>(List.of("Standard"));
    styles.getElementsByTag("style:style").forEach(one -> names.add(one.attr("style:name")));
    content.getElementsByTag("style:style").forEach(one -> names.add(one.attr("style:name")));
    assertThat(names).doesNotHaveDuplicates();
    Set<String> worn = new HashSet<>();
    for (String key : List.of("text:style-name", "table:style-name", "t:style-name")) {
      content.getElementsByAttribute(key).forEach(one -> worn.add(one.attr(key)));
    }
    assertThat(names).containsAll(worn);
    assertThat(worn).contains("Finish_20_title", "pa1");
    assertThat(styles.getElementsByAttributeValue("style:name", "Finish_20_title").first().html())
        .contains("#123456");
  }

  /// A manuscript that we wrote ourselves takes tables too; its media type stands in the open.
  @Test
  public void aReportTakesTables() throws IOException {
    Path report = Given.sent(ManuscriptTablesTest.two("5"), OutputFormat.ODT);
    Path out = ManuscriptTablesTest.put(report, ManuscriptTablesTest.two("6"), new ArrayList<>());
    try (ZipFile zip = new ZipFile(out.toFile())) {
      assertThat(zip.entries().nextElement().getMethod()).isEqualTo(ZipEntry.STORED);
    }
    assertThat(MadeOdt.part(out, "content.xml").getElementsByTag("table:table")).hasSize(4);
    assertThat(
            MadeOdt.part(out, "content.xml").getElementsByTag("table:table").eachAttr("table:name"))
        .doesNotHaveDuplicates();
  }

  /// A callout in a list calls out; the table stands behind the list, or within a section.
  @Test
  public void listsAndSectionsCallOut() throws IOException {
    String content =
        "<t:table-index><t:p>Table 1 and Table 2</t:p></t:table-index>"
            + "<t:list><t:list-item><t:p>See Table 1.</t:p></t:list-item></t:list>"
            + "<t:section><t:p>See Table 2.</t:p><t:p>More.</t:p></t:section>";
    Path paper = MadeOdt.holding(folder, content);
    Path out = ManuscriptTablesTest.put(paper, ManuscriptTablesTest.two("5"), new ArrayList<>());
    Element text = MadeOdt.part(out, "content.xml");
    assertThat(text.selectFirst("o|text > t|list").nextElementSibling().attr("text:name"))
        .isEqualTo("finish-table-1");
    Element second = text.getElementsByAttributeValue("text:name", "finish-table-2").first();
    assertThat(second.parent().tagName()).isEqualTo("t:section");
    assertThat(second.nextElementSibling().text()).isEqualTo("More.");
  }
}
