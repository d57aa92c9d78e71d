package app.finish.core.document;

import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.Seeds;
import app.finish.core.document.BoardPlan.Tile;
import app.finish.core.document.BoardPlan.Way;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// However tiles are moved, none is lost, none comes twice, and no band is empty or too full.
public class BoardPlanTest {
  private static final List<String> ITEMS = List.of("t1", "t2", "t3", "t4", "t5", "t6");

  private static List<List<String>> ids(BoardPlan plan) {
    return plan.bands().stream().map(band -> band.stream().map(Tile::id).toList()).toList();
  }

  @DataProvider
  public Object[][] seeds() {
    return Seeds.upTo(200);
  }

  @Test(dataProvider = "seeds")
  public void nothingIsLostByMoving(long seed) {
    Random random = new Random(seed);
    BoardPlan plan = BoardPlan.EMPTY.over(ITEMS).withPassage("Hello");
    List<String> all = new ArrayList<>(ITEMS);
    all.add("p1");
    for (int i = 0; i < 40; i++) {
      String id = all.get(random.nextInt(all.size()));
      int band = random.nextInt(plan.bands().size());
      plan =
          switch (random.nextInt(3)) {
            case 0 -> plan.moved(id, Way.values()[random.nextInt(4)]);
            case 1 -> plan.movedTo(id, band, random.nextInt(5));
            default -> plan.alone(id, random.nextInt(plan.bands().size() + 1));
          };
      assertThat(ids(plan)).allMatch(one -> !one.isEmpty() && one.size() <= 4);
      assertThat(ids(plan).stream().flatMap(List::stream).toList())
          .containsExactlyInAnyOrderElementsOf(all);
    }
  }

  @Test
  public void upGoesBesideTheOneAboveAndOutOfABand() {
    BoardPlan plan = BoardPlan.EMPTY.over(List.of("t1", "t2", "t3"));
    BoardPlan beside = plan.moved("t2", Way.UP);
    assertThat(ids(beside)).containsExactly(List.of("t1", "t2"), List.of("t3"));
    assertThat(ids(beside.moved("t2", Way.LEFT)))
        .containsExactly(List.of("t2", "t1"), List.of("t3"));
    assertThat(ids(beside.moved("t2", Way.DOWN)))
        .containsExactly(List.of("t1"), List.of("t2"), List.of("t3"));
    assertThat(ids(beside.moved("t2", Way.UP)))
        .containsExactly(List.of("t2"), List.of("t1"), List.of("t3"));
    assertThat(plan.moved("t1", Way.UP)).isEqualTo(plan);
    assertThat(plan.moved("t9", Way.UP)).isEqualTo(plan);
  }

  @Test
  public void whatIsNotThereAnyMoreGoes() {
    BoardPlan plan = BoardPlan.EMPTY.over(List.of("t1", "t2", "t3")).moved("t2", Way.UP);
    assertThat(ids(plan.over(List.of("t2", "t3")))).containsExactly(List.of("t2"), List.of("t3"));
    assertThat(ids(plan.over(List.of("t8", "t9"))))
        .as("a board of none of what is planned holds all of it")
        .containsExactly(List.of("t8"), List.of("t9"));
    assertThat(ids(plan.without("t1").with("t4")))
        .containsExactly(List.of("t2"), List.of("t3"), List.of("t4"));
  }

  @Test
  public void aTextWithoutWordsGoes() {
    BoardPlan plan = BoardPlan.EMPTY.over(List.of("t1")).withPassage("Hello").withPassage("Again");
    assertThat(ids(plan)).containsExactly(List.of("p2"), List.of("p1"), List.of("t1"));
    assertThat(ids(plan.reworded("p1", " "))).containsExactly(List.of("p2"), List.of("t1"));
  }
}
