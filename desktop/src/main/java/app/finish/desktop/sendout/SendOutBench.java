package app.finish.desktop.sendout;

import app.finish.core.layout.Paper;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.Step;
import app.finish.formats.OutputFormat;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.RadioButton;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/// The last step: which tables, as what, on what paper.
public final class SendOutBench {
  private final Desk desk;
  private final Files files;
  private final ObjectProperty<OutputFormat> format = new SimpleObjectProperty<>(OutputFormat.DOCX);
  private final ObjectProperty<Paper> paper = new SimpleObjectProperty<>(Paper.A4);
  private final ObjectProperty<Boolean> all = new SimpleObjectProperty<>(false);
  private final VBox what = Benches.section("");

  public SendOutBench(Desk desk, Files files) {
    this.desk = desk;
    this.files = files;
  }

  public Node build() {
    Button send = new Button(Texts.of("send.button"));
    send.setId("send-out");
    send.getStyleClass().add("main-button");
    send.setMaxWidth(Double.MAX_VALUE);
    send.setOnAction(event -> send());
    Button copy = new Button(Texts.of("send.copy"));
    copy.setId("send-copy");
    copy.setMaxWidth(Double.MAX_VALUE);
    copy.setOnAction(event -> files.copy());
    Node onPaper = Benches.section(Texts.of("send.paper"), papers());
    Benches.follow(
        format,
        () -> {
          onPaper.setVisible(format.get().isOnPaper());
          onPaper.setManaged(format.get().isOnPaper());
        });
    Node node =
        Benches.desk(
            Step.SEND_OUT.label(),
            what,
            Benches.section(Texts.of("send.how"), formats()),
            onPaper,
            Benches.section("", open(), send, copy));
    node.setId("bench-send-out");
    Benches.follow(desk.historyProperty(), this::showWhat);
    Benches.follow(format, this::showWhat);
    return node;
  }

  /// How much does not hold yet. It is sent all the same.
  private Label open() {
    Label open = Benches.caption("");
    open.setId("send-open");
    open.setWrapText(true);
    Runnable count =
        () -> {
          boolean every = all.get() && format.get().holdsSeveralTables();
          int found = every ? desk.checking().openInAll() : desk.checking().open().size();
          open.setText(Texts.of("send.open", found));
          open.setVisible(found > 0);
          open.setManaged(found > 0);
        };
    Benches.follow(desk.checking().findingsProperty(), count);
    Benches.follow(desk.shownProperty(), count);
    Benches.follow(all, count);
    Benches.follow(format, count);
    return open;
  }

  private void showWhat() {
    int tables = desk.document().items().size();
    boolean choice = tables > 1 && format.get().holdsSeveralTables();
    ToggleButton one = chip(Texts.of("send.this"), "send-this", !all.get() || !choice);
    ToggleButton every = chip(Texts.of("send.all", tables), "send-all", all.get() && choice);
    ToggleGroup group = Benches.oneOf();
    one.setToggleGroup(group);
    every.setToggleGroup(group);
    one.setOnAction(event -> choose(false, one));
    every.setOnAction(event -> choose(true, every));
    HBox chips = choice ? new HBox(one, every) : new HBox(new Label(Texts.of("send.this")));
    chips.getStyleClass().add("chips");
    Benches.replace(what, List.of(Benches.heading(Texts.of("send.what")), chips));
  }

  private void choose(boolean every, ToggleButton chosen) {
    chosen.setSelected(true);
    all.set(every);
  }

  private static ToggleButton chip(String name, String id, boolean selected) {
    ToggleButton chip = new ToggleButton(name);
    chip.setId(id);
    chip.getStyleClass().add("chip");
    chip.setSelected(selected);
    return chip;
  }

  private Node formats() {
    VBox choices = new VBox(10);
    ToggleGroup group = Benches.oneOf();
    for (OutputFormat one : OutputFormat.values()) {
      String word = one.extension();
      RadioButton choice =
          new RadioButton(one.label() + " (" + word.toUpperCase(Locale.ROOT) + ")");
      choice.setId("format-" + word.replace(".", "-"));
      choice.setToggleGroup(group);
      choice.setSelected(one == format.get());
      choice.setOnAction(event -> format.set(one));
      Label about = Benches.caption(one.about());
      about.getStyleClass().add("under-choice");
      choices.getChildren().add(new VBox(1, choice, about));
    }
    return choices;
  }

  private Node papers() {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = Benches.oneOf();
    for (Paper one : List.of(Paper.A4, Paper.LETTER)) {
      String key = one.equals(Paper.A4) ? "a4" : "letter";
      ToggleButton choice =
          chip(Texts.of("send.paper." + key), "paper-" + key, one.equals(paper.get()));
      choice.setToggleGroup(group);
      choice.setOnAction(
          event -> {
            choice.setSelected(true);
            paper.set(one);
          });
      chips.getChildren().add(choice);
    }
    return chips;
  }

  /// Sends out as chosen.
  public void send() {
    int tables = desk.document().items().size();
    boolean every = all.get() && format.get().holdsSeveralTables();
    List<Integer> indexes =
        every ? IntStream.range(0, tables).boxed().toList() : List.of(desk.indexProperty().get());
    files.sendOut(format.get(), paper.get(), indexes);
  }
}
