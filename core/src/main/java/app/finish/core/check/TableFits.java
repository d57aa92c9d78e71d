package app.finish.core.check;

import java.util.List;

/// A table is no wider than its page.
public final class TableFits implements Check {
  @Override
  public String id() {
    return "page.holds-table";
  }

  @Override
  public String asks() {
    return "The table is no wider than its page";
  }

  @Override
  public String why() {
    return "A table that runs over the margin is cut off in print.";
  }

  @Override
  public boolean looksAtPage() {
    return true;
  }

  @Override
  public List<Finding> findings(Checked table) {
    return table.fit().stream()
        .filter(fit -> !fit.proof().paper().equals(fit.asked()))
        .map(
            fit ->
                new Finding(
                    id(),
                    new Where.Page(),
                    "",
                    "",
                    "The table is wider than the page.",
                    true,
                    fit.mends()))
        .toList();
  }
}
