package app.finish.desktop.sendout;

import app.finish.core.layout.Paper;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Files;
import app.finish.desktop.model.SendingOut;
import app.finish.desktop.model.Step;
import app.finish.formats.Caveats;
import app.finish.formats.OutputFormat;
import app.finish.formats.UnshownLetters;
import app.finish.formats.io.Kept;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// The last step: which tables, as what, on what paper.
public final class SendOutBench {
  private final Desk desk;
  private final Files files;
  private final SendingOut sending;
  private static final int[] RESOLUTIONS = {150, 200, 300, 600};

  private final VBox what = Benches.section("");

  public SendOutBench(Desk desk, Files files, SendingOut sending) {
    this.desk = desk;
    this.files = files;
    this.sending = sending;
  }

  public Node build() {
    Button send = button("send-out", "send.button", sending::send);
    send.getStyleClass().add("main-button");
    Button again = button("send-again", "send.again", sending::again);
    Benches.follow(
        sending.folderProperty(),
        () -> {
          again.setVisible(sending.folderProperty().get().isPresent());
          again.setManaged(again.isVisible());
        });
    Button copy = button("send-copy", "send.copy", files::copy);
    Node onPaper = Benches.section(Texts.of("send.paper"), papers(), pages());
    Benches.follow(
        sending.formatsProperty(),
        () -> {
          onPaper.setVisible(formats().stream().anyMatch(OutputFormat::isOnPaper));
          onPaper.setManaged(onPaper.isVisible());
        });
    Node asPicture = Benches.section(Texts.of("send.picture"), resolutions(), clear());
    Benches.follow(
        sending.formatsProperty(),
        () -> {
          asPicture.setVisible(formats().contains(OutputFormat.PNG));
          asPicture.setManaged(asPicture.isVisible());
        });
    Node board = new BoardPanel(desk, sending).node();
    Runnable showBoard =
        () -> {
          boolean boarded = formats().contains(OutputFormat.BOARD) && sending.allProperty().get();
          board.setVisible(boarded);
          board.setManaged(boarded);
        };
    Benches.follow(sending.formatsProperty(), showBoard);
    Benches.follow(sending.allProperty(), showBoard);
    Node node =
        Benches.deskWithFoot(
            Step.SEND_OUT.label(),
            new VBox(8, open(), caveats(), send, again, copy),
            what,
            choices(),
            board,
            onPaper,
            asPicture);
    node.setId("bench-send-out");
    Benches.follow(desk.historyProperty(), this::showWhat);
    Benches.follow(desk.indexProperty(), this::showWhat);
    return node;
  }

  private Set<OutputFormat> formats() {
    return sending.formatsProperty().get();
  }

  private static Button button(String id, String text, Runnable does) {
    Button button = new Button(Texts.of(text));
    button.setId(id);
    button.setMaxWidth(Double.MAX_VALUE);
    button.setOnAction(event -> does.run());
    return button;
  }

  /// How much does not hold yet. It is sent all the same.
  private Label open() {
    Label open = Benches.caption("");
    open.setId("send-open");
    open.setWrapText(true);
    Runnable count =
        () -> {
          int found =
              sending.allProperty().get()
                  ? desk.checking().openInAll()
                  : desk.checking().open().size();
          open.setText(Texts.of("send.open", found));
          open.setVisible(found > 0);
          open.setManaged(found > 0);
        };
    Benches.follow(desk.checking().findingsProperty(), count);
    Benches.follow(desk.shownProperty(), count);
    Benches.follow(sending.allProperty(), count);
    return open;
  }

  /// Letters that no font of this machine has, where a format that is chosen needs them, and
  /// highlights that a workbook holds fixed.
  private Label caveats() {
    Label caveats = Benches.caption("");
    caveats.setId("send-caveats");
    caveats.setWrapText(true);
    caveats.setMinHeight(Region.USE_PREF_SIZE);
    Runnable look = () -> sending.lookForCaveats(found -> say(caveats, found));
    Benches.follow(desk.historyProperty(), look);
    Benches.follow(desk.shownProperty(), look);
    Benches.follow(sending.allProperty(), look);
    Benches.follow(sending.formatsProperty(), look);
    return caveats;
  }

  private static void say(Label label, Caveats caveats) {
    List<String> said = new ArrayList<>();
    UnshownLetters letters = caveats.unshown();
    if (letters.count() > 0) {
      said.add(Texts.of("send.letters", letters.count(), letters.named()));
    }
    if (!caveats.fixed().isEmpty()) {
      String titles = String.join("”, “", caveats.fixed());
      said.add(Texts.of("send.fixed", caveats.fixed().size(), titles));
    }
    boolean any = !said.isEmpty();
    label.setText(String.join("\n", said));
    label.setVisible(any);
    label.setManaged(any);
  }

  private void showWhat() {
    int tables = desk.document().tables().size();
    int charts = desk.document().items().size() - tables;
    boolean choice = tables + charts > 1;
    boolean all = sending.allProperty().get() && choice;
    ToggleButton one = chip(thisOne(), "send-this", !all);
    ToggleButton every = chip(Texts.of("send.all", tables, charts), "send-all", all);
    ToggleGroup group = Benches.oneOf();
    one.setToggleGroup(group);
    every.setToggleGroup(group);
    one.setOnAction(event -> choose(false, one));
    every.setOnAction(event -> choose(true, every));
    HBox chips = choice ? new HBox(one, every) : new HBox(new Label(thisOne()));
    chips.getStyleClass().add("chips");
    Benches.replace(what, List.of(Benches.heading(Texts.of("send.what")), chips));
  }

  private String thisOne() {
    return Texts.of(desk.charting().chart().isPresent() ? "send.thisChart" : "send.this");
  }

  private void choose(boolean every, ToggleButton chosen) {
    chosen.setSelected(true);
    sending.allProperty().set(every);
  }

  private static ToggleButton chip(String name, String id, boolean selected) {
    ToggleButton chip = new ToggleButton(name);
    chip.setId(id);
    chip.getStyleClass().add("chip");
    chip.setSelected(selected);
    return chip;
  }

  /// The formats by what they are for; of each that is chosen, what it leaves out.
  private Node choices() {
    VBox all = new VBox(6);
    for (OutputFormat.Use use : OutputFormat.Use.values()) {
      Label heading = Benches.caption(use.label());
      heading.getStyleClass().add("format-use");
      all.getChildren().add(heading);
      for (OutputFormat one : OutputFormat.values()) {
        if (one.use() == use) {
          all.getChildren().add(choice(one));
        }
      }
    }
    return Benches.section(Texts.of("send.how"), all);
  }

  private Node choice(OutputFormat format) {
    CheckBox choice = new CheckBox(format.label() + " (" + SendingOut.shortName(format) + ")");
    choice.setId("format-" + format.extension().replace(".", "-"));
    choice.setOnAction(
        event -> {
          sending.choose(format, choice.isSelected());
          choice.setSelected(formats().contains(format));
        });
    Label about = Benches.caption(about(format));
    about.setWrapText(true);
    about.getStyleClass().add("under-choice");
    Benches.follow(
        sending.formatsProperty(),
        () -> {
          choice.setSelected(formats().contains(format));
          about.setVisible(choice.isSelected());
          about.setManaged(choice.isSelected());
        });
    choice.setTooltip(new Tooltip(about(format)));
    choice.setAccessibleHelp(about(format));
    return new VBox(1, choice, about);
  }

  private static String about(OutputFormat format) {
    List<String> lost =
        Arrays.stream(Kept.values())
            .filter(one -> !format.keeps().contains(one))
            .map(Kept::label)
            .toList();
    return format.about()
        + "."
        + (lost.isEmpty() ? "" : " " + Texts.of("send.leaves", String.join(", ", lost)));
  }

  /// How many pages it takes, where it is printed.
  private Label pages() {
    Label pages = Benches.caption("");
    pages.setId("send-pages");
    Runnable count =
        () -> {
          boolean printed = formats().contains(OutputFormat.PDF);
          pages.setVisible(printed);
          pages.setManaged(printed);
          if (printed) {
            sending.countPages(all -> pages.setText(all > 0 ? Texts.of("send.pages", all) : ""));
          }
        };
    Benches.follow(desk.historyProperty(), count);
    Benches.follow(desk.shownProperty(), count);
    Benches.follow(sending.allProperty(), count);
    Benches.follow(sending.formatsProperty(), count);
    Benches.follow(sending.paperProperty(), count);
    return pages;
  }

  private Node resolutions() {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = Benches.oneOf();
    for (int dots : RESOLUTIONS) {
      ToggleButton choice =
          chip(
              Texts.of("send.picture.dots", dots),
              "dots-" + dots,
              dots == sending.formProperty().get().dots());
      choice.setAccessibleText(Texts.of("send.picture.dotsLong", dots));
      choice.setTooltip(new Tooltip(Texts.of("send.picture.dotsLong", dots)));
      choice.setToggleGroup(group);
      choice.setOnAction(
          event -> {
            choice.setSelected(true);
            sending.formProperty().set(sending.formProperty().get().withDots(dots));
          });
      chips.getChildren().add(choice);
    }
    return chips;
  }

  private Node clear() {
    CheckBox clear = new CheckBox(Texts.of("send.picture.clear"));
    clear.setId("picture-clear");
    clear.setSelected(sending.formProperty().get().clear());
    clear.setOnAction(
        event ->
            sending.formProperty().set(sending.formProperty().get().withClear(clear.isSelected())));
    return clear;
  }

  private Node papers() {
    HBox chips = new HBox();
    chips.getStyleClass().add("chips");
    ToggleGroup group = Benches.oneOf();
    for (Paper one : List.of(Paper.A4, Paper.LETTER)) {
      String key = one.equals(Paper.A4) ? "a4" : "letter";
      ToggleButton choice =
          chip(
              Texts.of("send.paper." + key),
              "paper-" + key,
              one.equals(sending.paperProperty().get()));
      choice.setToggleGroup(group);
      choice.setOnAction(
          event -> {
            choice.setSelected(true);
            sending.paperProperty().set(one);
          });
      chips.getChildren().add(choice);
    }
    return chips;
  }
}
