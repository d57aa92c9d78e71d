package app.finish.core.check;

import java.util.List;

/// Each figure of the source went somewhere.
public final class FiguresHavePlaces implements Check {
  @Override
  public String id() {
    return "figures.have-places";
  }

  @Override
  public String asks() {
    return "Each figure of the source stands in the table, its heads or its words";
  }

  @Override
  public String why() {
    return "A figure that is lost without a word can't be missed by anyone who reads the table.";
  }

  @Override
  public List<Finding> findings(Checked table) {
    return table.recognition().stream()
        .flatMap(recognition -> recognition.figures().placeless().stream())
        .map(
            place ->
                new Finding(
                    this,
                    new Where.Cell(place),
                    "",
                    "",
                    "The figure in "
                        + place
                        + " has no place in the table. Say how many rows of heads and columns of"
                        + " stub there are, or leave its row out."))
        .toList();
  }
}
