package app.finish.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.testng.annotations.Test;

/// Classes know each other in a circle only where they are one thought.
public class ClassCyclesTest {
  /// What may go in a circle, and which thought it is.
  private static final Map<String, Set<String>> THOUGHTS =
      Map.ofEntries(
          Map.entry("an arrangement and how it begins", Set.of("Arranger", "Beginning")),
          Map.entry(
              "what a move says of itself", names("Move MoveKind Setting MoveReading MoveWriting")),
          Map.entry("totals, added", names("AddTotals Totalling")),
          Map.entry("totals, named and placed", names("NameTotals PlaceTotals TotalPlaces")),
          Map.entry("a calculated measure", names("Calculate Calculating")),
          Map.entry("gathered members", names("Gather Gathering")),
          Map.entry("a held member", names("Hold Holding")),
          Map.entry("the top ones", names("KeepTop Keeping")),
          Map.entry("a level's place", names("PlaceLevel Placing")),
          Map.entry("orders", names("Ordering ByLabel ByFigure Reverse Shift")),
          Map.entry("what is taken off", names("Pruning Fold FoldLevel HideLevel DropTotals")),
          Map.entry(
              "a tree of headings",
              names("Branch Branches Shape OnDemand Members AllMembers SourceLeaves")),
          Map.entry("a check and what it finds", Set.of("Check", "Finding")),
          Map.entry(
              "a highlight and its sentence", names("Highlight HighlightSentence SentenceReader")),
          Map.entry(
              "items and the kinds of them", Set.of("Item", "DocumentTable", "DocumentChart")),
          Map.entry("items as they are sent", Set.of("SentItem", "SentTable", "SentChart")),
          Map.entry("a row and its cells", Set.of("DressedRow", "DressedCell")),
          Map.entry("a page and the rules on it", Set.of("PagePainter", "RulePainter")),
          Map.entry("a part and what speaks of it", Set.of("Part", "Selector")),
          Map.entry("a demand and its forms", Set.of("HouseDemand", "DemandForm", "Breaches")),
          Map.entry("the program and its pictures", Set.of("FinishApplication", "Shots")),
          Map.entry("the wells of a tally", Set.of("TallyPanel", "TallyWells")),
          Map.entry(
              "the desk and what is done at it",
              names(
                  "Desk Dressing Highlighting HighlightMatches NamesToPick SuggestedHighlights"
                      + " Intake Arranging HeadingMoves WaitingRedraws Renaming PickedHeading"
                      + " PickedRegion PickedTables Pick LookEdits StartOver Checking"
                      + " PickedAgain Noting Manuscript Charting"
                      + " Boarding")),
          Map.entry(
              "the proof, its hands and its drawing",
              names(
                  "ProofView ProofDrawing ProofEdits ProofHands TagLayer InPlaceEdit"
                      + " HeadingDrag EdgeDrag WordTags ProofCells")));

  private static Set<String> names(String names) {
    return Set.of(names.split(" "));
  }

  @Test
  public void circlesAreOneThought() {
    Map<String, Set<String>> known = new TreeMap<>();
    for (JavaClass one :
        new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("app.finish")) {
      Set<String> others = known.computeIfAbsent(outer(one), key -> new TreeSet<>());
      one.getDirectDependenciesFromSelf().stream()
          .map(dependency -> dependency.getTargetClass())
          .filter(other -> other.getPackageName().equals(one.getPackageName()))
          .map(ClassCyclesTest::outer)
          .filter(other -> !other.equals(outer(one)))
          .forEach(others::add);
    }
    List<Set<String>> circles = new Circles(known).find();
    assertThat(known).hasSizeGreaterThan(300);
    assertThat(circles).hasSizeGreaterThan(5);
    assertThat(circles)
        .allMatch(
            circle -> THOUGHTS.values().stream().anyMatch(thought -> thought.containsAll(circle)));
  }

  private static String outer(JavaClass type) {
    String name = type.getBaseComponentType().getFullName();
    return name.replaceFirst("\\$.*", "");
  }

  /// The classes that reach themselves through others, gathered: Tarjan's strongly connected
  /// components (SIAM Journal on Computing 1, 1972).
  private static final class Circles {
    private final Map<String, Set<String>> known;
    private final Map<String, Integer> order = new HashMap<>();
    private final Map<String, Integer> low = new HashMap<>();
    private final Deque<String> open = new ArrayDeque<>();
    private final Set<String> onPath = new HashSet<>();
    private final List<Set<String>> found = new ArrayList<>();

    Circles(Map<String, Set<String>> known) {
      this.known = known;
    }

    List<Set<String>> find() {
      known.keySet().stream().filter(one -> !order.containsKey(one)).forEach(this::visit);
      return found;
    }

    private void visit(String one) {
      order.put(one, order.size());
      low.put(one, order.get(one));
      open.push(one);
      onPath.add(one);
      for (String other : known.getOrDefault(one, Set.of())) {
        if (!order.containsKey(other)) {
          visit(other);
          low.merge(one, low.get(other), Math::min);
        } else if (onPath.contains(other)) {
          low.merge(one, order.get(other), Math::min);
        }
      }
      if (low.get(one).equals(order.get(one))) {
        Set<String> circle = new TreeSet<>();
        String last;
        do {
          last = open.pop();
          onPath.remove(last);
          circle.add(last);
        } while (!last.equals(one));
        if (circle.size() > 1) {
          found.add(
              circle.stream()
                  .map(name -> name.substring(name.lastIndexOf('.') + 1))
                  .collect(Collectors.toSet()));
        }
      }
    }
  }
}
