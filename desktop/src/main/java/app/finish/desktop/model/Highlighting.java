package app.finish.desktop.model;

import app.finish.core.document.Finish;
import app.finish.core.highlight.Highlight;
import app.finish.core.highlight.HighlightSentence;
import app.finish.core.problem.Refusal;
import app.finish.desktop.kit.Texts;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

/// What is highlighted in the table at hand: the view model of the step between dressing and
/// sending out. All that it changes can be undone.
public final class Highlighting {
  private final Desk desk;
  private final ObjectProperty<Integer> chosen = new SimpleObjectProperty<>(0);
  private final SuggestedHighlights suggestions;
  private final NamesToPick names;
  private final HighlightMatches matches;
  private Optional<Highlight> preview = Optional.empty();

  Highlighting(Desk desk) {
    this.desk = desk;
    this.suggestions = new SuggestedHighlights(desk);
    this.names = new NamesToPick(desk);
    this.matches = new HighlightMatches(desk, this);
  }

  /// What the picked figure suggests.
  public SuggestedHighlights suggestions() {
    return suggestions;
  }

  /// The names that sentences may use.
  public NamesToPick names() {
    return names;
  }

  /// What the chosen highlight matches.
  public HighlightMatches matches() {
    return matches;
  }

  /// Looks again what is matched whenever the table is shown anew or another highlight is chosen.
  void follow() {
    desk.shownProperty().addListener((p, before, now) -> matches.look());
    chosen.addListener((p, before, now) -> matches.look());
    desk.stepProperty().addListener((p, before, now) -> matches.look());
    desk.indexProperty().addListener((p, before, now) -> chosen.set(0));
  }

  /// The place in the list of the highlight that is edited.
  public ObjectProperty<Integer> chosenProperty() {
    return chosen;
  }

  /// Chooses the highlight of this title.
  public void choose(String title) {
    for (int i = 0; i < all().size(); i++) {
      if (all().get(i).title().equals(title)) {
        chosen.set(i);
        return;
      }
    }
  }

  /// The highlights of the table at hand, the strongest first.
  public List<Highlight> all() {
    return desk.table().map(table -> table.finish().highlights()).orElse(List.of());
  }

  /// The table at hand as it would be with the highlight that is tried.
  Finish previewed(Finish finish) {
    if (preview.isEmpty() || chosen.get() >= finish.highlights().size()) {
      return finish;
    }
    List<Highlight> others = new ArrayList<>(finish.highlights());
    others.set(chosen.get(), preview.get());
    return finish.withHighlights(others);
  }

  /// Shows the chosen highlight otherwise, without keeping it yet.
  public void preview(Highlight other) {
    preview = Optional.of(other);
    desk.showAnew();
  }

  /// Keeps what is tried, as one step.
  public void keep() {
    Optional<Highlight> tried = preview;
    preview = Optional.empty();
    tried.ifPresent(this::replace);
  }

  /// The highlights of the style that the table at hand wears, as sentences.
  public List<String> ofStyle() {
    return desk.table().isPresent() ? desk.dressing().worn().highlights() : List.of();
  }

  /// Puts the chosen highlight into the style, so that every table that wears it has it.
  public void keepInStyle() {
    if (one().isEmpty()) {
      return;
    }
    Highlight moved = one().get();
    List<Highlight> left = new ArrayList<>(all());
    left.remove((int) chosen.get());
    List<String> sentences = new ArrayList<>(ofStyle());
    sentences.addFirst(HighlightSentence.of(moved));
    chosen.set(0);
    desk.dressing()
        .changeStyle(
            Texts.of("change.highlight.keep"),
            style -> style.withHighlights(sentences),
            finish -> finish.withHighlights(left));
  }

  /// Takes a highlight out of the style and gives it to the table at hand.
  public void takeOutOfStyle(int index) {
    List<String> sentences = new ArrayList<>(ofStyle());
    List<Highlight> own = new ArrayList<>(all());
    if (index >= sentences.size()) {
      return;
    }
    own.addAll(HighlightSentence.readAll(List.of(sentences.remove(index))));
    desk.dressing()
        .changeStyle(
            Texts.of("change.highlight.takeOut"),
            style -> style.withHighlights(sentences),
            finish -> finish.withHighlights(own));
  }

  /// The highlight that is edited.
  public Optional<Highlight> one() {
    return preview.isPresent() ? preview : kept();
  }

  private Optional<Highlight> kept() {
    return chosen.get() < all().size() ? Optional.of(all().get(chosen.get())) : Optional.empty();
  }

  private void change(String label, List<Highlight> others) {
    desk.table()
        .ifPresent(table -> desk.changeFinish(label, table.finish().withHighlights(others)));
  }

  /// Puts another highlight in the place of the chosen one.
  public void replace(Highlight other) {
    if (kept().filter(before -> !before.equals(other)).isPresent()) {
      List<Highlight> others = new ArrayList<>(all());
      others.set(chosen.get(), other);
      change(Texts.of("change.highlight"), others);
    }
  }

  /// Takes a sentence for the chosen highlight, or adds it if there is none.
  ///
  /// @return what is wrong with it, if it can't be read
  public Optional<String> say(String sentence) {
    try {
      Highlight read = HighlightSentence.read(sentence);
      if (one().isPresent()) {
        Highlight before = one().get();
        replace(
            read.switched(before.on())
                .beingLast(before.last())
                .saying(before.legend())
                .keeping(before.kept()));
      } else {
        add(read);
      }
      return Optional.empty();
    } catch (Refusal e) {
      return Optional.of(e.sentence());
    }
  }

  /// Adds a highlight over the others and chooses it.
  public void add(Highlight highlight) {
    List<Highlight> others = new ArrayList<>(all());
    others.addFirst(highlight);
    chosen.set(0);
    change(Texts.of("change.highlight.add"), others);
  }

  /// Removes a highlight.
  public void remove(int index) {
    List<Highlight> others = new ArrayList<>(all());
    if (index >= others.size()) {
      return;
    }
    others.remove(index);
    change(Texts.of("change.highlight.remove"), others);
    chosen.set(Math.max(0, Math.min(chosen.get(), others.size() - 1)));
  }

  /// Moves a highlight up or down in the list.
  public void move(int index, int by) {
    int to = index + by;
    if (to >= 0 && Math.max(index, to) < all().size()) {
      List<Highlight> others = new ArrayList<>(all());
      others.add(to, others.remove(index));
      chosen.set(to);
      change(Texts.of("change.highlight.order"), others);
    }
  }

  /// Switches a highlight on or off.
  public void toggle(int index) {
    List<Highlight> others = new ArrayList<>(all());
    if (index >= others.size()) {
      return;
    }
    Highlight one = others.get(index);
    others.set(index, one.switched(!one.on()));
    change(Texts.of(one.on() ? "change.highlight.off" : "change.highlight.on"), others);
  }

  /// Puts the highlights of this table on the others that are picked too, over theirs; on all of
  /// the document if no others are picked.
  public void copy() {
    var document = desk.document();
    List<Integer> picked = desk.pickedTables().indexes();
    for (int i : document.tablePlaces()) {
      boolean meant = picked.size() == 1 || picked.contains(i);
      if (meant && i != desk.indexProperty().get()) {
        Set<Highlight> both = new LinkedHashSet<>(all());
        both.addAll(document.table(i).finish().highlights());
        document =
            document.withFinish(i, document.table(i).finish().withHighlights(List.copyOf(both)));
      }
    }
    desk.change(
        picked.size() == 1
            ? Texts.of("change.highlight.copy")
            : Texts.of("change.highlight.copyPicked", picked.size() - 1),
        document);
  }
}
