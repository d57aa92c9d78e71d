package app.finish.core.check.apa;

import app.finish.core.check.Check;
import app.finish.core.check.Checked;
import app.finish.core.check.Finding;
import app.finish.core.check.Fit;
import app.finish.core.check.Mend;
import app.finish.core.check.Where;
import java.util.List;

/// A table lies on one page if it can. One that is too long for a page whatever is done has its
/// heads repeated, and is no finding.
///
/// ```java
/// new LiesOnOnePage().findings(Checked.NOTHING.laidOut(fit));
/// ```
public final class LiesOnOnePage implements Check {
  @Override
  public String id() {
    return "apa.one-page";
  }

  @Override
  public String asks() {
    return "The table lies on one page, if it can";
  }

  @Override
  public String why() {
    return "Publication Manual of the American Psychological Association, 7th edition, 7.18";
  }

  @Override
  public boolean looksAtPage() {
    return true;
  }

  @Override
  public List<Finding> findings(Checked table) {
    return table.fit().filter(fit -> !fit.shorter().isEmpty()).stream().map(this::finding).toList();
  }

  private Finding finding(Fit fit) {
    int pages = fit.proof().pages().size();
    return new Finding(
            this,
            new Where.Page(),
            pages + " pages",
            "1 page",
            "The table takes " + pages + " pages, and could lie on one.")
        .mendedBy(fit.shorter().toArray(Mend[]::new));
  }
}
