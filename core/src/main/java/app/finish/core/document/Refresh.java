package app.finish.core.document;

import app.finish.core.grid.Grid;
import app.finish.core.recognise.Recogniser;
import app.finish.core.recognise.found.Recognition;
import app.finish.core.recognise.said.Anchor;
import app.finish.core.recognise.said.Corrections;
import app.finish.core.recognise.said.Extent;
import app.finish.core.table.Leaf;
import app.finish.core.table.Table;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/// Puts new numbers under the finishes of a document. Each table takes the new source that is most
/// like its old one: the same headings, title, sheet.
///
/// ```java
/// Refresh.Refreshed refreshed = Refresh.with(document, Sources.read(path));
/// refreshed.changes().getFirst().rowsCome();
/// ```
public final class Refresh {
  private static final double LIKE = 0.3;

  /// A document with new numbers, and what that changed.
  ///
  /// @param document the document
  /// @param changes what changed, a change for each table that was refreshed
  /// @param untouched the numbers of the tables for which nothing was found, from 1
  public record Refreshed(Document document, List<Change> changes, List<Integer> untouched) {}

  /// What new numbers changed about a table. What no longer has a place is kept in the finish and
  /// comes back when its row does.
  ///
  /// @param number the table's number, from 1
  /// @param rowsCome rows that are new
  /// @param rowsGone rows that are gone
  /// @param columnsCome columns that are new
  /// @param columnsGone columns that are gone
  /// @param unplaced rows of which something was said and which the new source does not have
  public record Change(
      int number,
      List<String> rowsCome,
      List<String> rowsGone,
      List<String> columnsCome,
      List<String> columnsGone,
      List<Anchor> unplaced) {

    /// What changed from one table to the other.
    public static Change between(int number, Table before, Table after, List<Anchor> unplaced) {
      Set<String> oldRows = labels(before.down().leaves());
      Set<String> newRows = labels(after.down().leaves());
      Set<String> oldColumns = labels(before.across().leaves());
      Set<String> newColumns = labels(after.across().leaves());
      return new Change(
          number,
          without(newRows, oldRows),
          without(oldRows, newRows),
          without(newColumns, oldColumns),
          without(oldColumns, newColumns),
          unplaced);
    }
  }

  /// @param found the table that was found, of which the source is a part or to which it is joined
  private record Candidate(Source source, Table table, Source found) {}

  private Refresh() {}

  /// The document with these sources in the place of those that they are most like.
  public static Refreshed with(Document document, List<Source> sources) {
    List<Candidate> candidates = new ArrayList<>();
    for (Source source : sources) {
      candidates.add(candidate(source, source));
    }
    List<Change> changes = new ArrayList<>();
    List<Integer> untouched = new ArrayList<>();
    Document refreshed = document;
    for (int index : document.tablePlaces()) {
      DocumentTable table = document.table(index);
      if (table.source().tally().isPresent()) {
        untouched.add(document.number(index));
        continue;
      }
      Recognition before =
          Recogniser.recognise(table.source().grid(), table.finish().corrections());
      Extent extent = table.finish().corrections().extent();
      List<Candidate> own =
          extent.isWhole() ? candidates : cutOrJoined(extent, candidates, sources);
      Optional<Candidate> best = best(before.table(), table.source(), own);
      if (best.isEmpty()) {
        untouched.add(document.number(index));
        continue;
      }
      candidates.remove(best.get());
      Source fresh = best.get().source;
      Recognition after = Recogniser.recognise(fresh.grid(), table.finish().corrections());
      changes.add(
          Change.between(document.number(index), before.table(), after.table(), after.unplaced()));
      refreshed = refreshed.withSource(index, fresh);
    }
    return new Refreshed(refreshed, changes, untouched);
  }

  private static Candidate candidate(Source source, Source found) {
    return new Candidate(
        source, Recogniser.recognise(source.grid(), Corrections.NONE).table(), found);
  }

  /// The candidates as a person would have cut or joined them.
  private static List<Candidate> cutOrJoined(
      Extent extent, List<Candidate> candidates, List<Source> sources) {
    List<Candidate> others = new ArrayList<>();
    for (Candidate candidate : candidates) {
      Source found = candidate.found;
      List<Grid> sheet =
          sources.stream()
              .filter(one -> one.name().equals(found.name()))
              .map(Source::grid)
              .filter(grid -> grid.name().equals(found.grid().name()))
              .toList();
      extent
          .on(found.grid(), sheet)
          .ifPresent(grid -> others.add(candidate(new Source(found.name(), grid), found)));
    }
    return others;
  }

  private static Optional<Candidate> best(Table old, Source source, List<Candidate> candidates) {
    Optional<Candidate> best = Optional.empty();
    double most = LIKE;
    for (Candidate candidate : candidates) {
      double likeness =
          0.4 * share(labels(old.down().leaves()), labels(candidate.table.down().leaves()))
              + 0.4
                  * share(labels(old.across().leaves()), labels(candidate.table.across().leaves()))
              + (old.words().title().equals(candidate.table.words().title()) ? 0.15 : 0)
              + (source.grid().name().equals(candidate.source.grid().name()) ? 0.05 : 0);
      if (likeness > most) {
        best = Optional.of(candidate);
        most = likeness;
      }
    }
    return best;
  }

  /// How much two sets of headings have in common, from 0 to 1.
  private static double share(Set<String> some, Set<String> others) {
    Set<String> both = new HashSet<>(some);
    both.retainAll(others);
    int less = Math.min(some.size(), others.size());
    return less == 0 ? 0 : (double) both.size() / less;
  }

  private static Set<String> labels(List<Leaf> leaves) {
    Set<String> labels = new LinkedHashSet<>();
    for (Leaf leaf : leaves) {
      labels.add(String.join(", ", leaf.labels().stream().filter(l -> !l.isEmpty()).toList()));
    }
    return labels;
  }

  private static List<String> without(Set<String> some, Set<String> others) {
    return some.stream().filter(one -> !others.contains(one)).toList();
  }
}
