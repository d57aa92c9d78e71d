package app.finish.desktop.shell;

import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Notice;
import java.util.Optional;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.util.Duration;

/// What has just happened or is going on, in one line: a sentence that can be dismissed, or work
/// that can be stopped.
public final class NoticeBar extends HBox {
  private final Desk desk;
  private final Label sentence = new Label();
  private final ProgressBar progress = new ProgressBar();
  private final Button button = new Button();
  private final Timeline clock =
      new Timeline(new KeyFrame(Duration.seconds(1), event -> showTime()));
  private long began;

  public NoticeBar(Desk desk) {
    this.desk = desk;
    getStyleClass().add("notice");
    setId("notice");
    sentence.setId("notice-sentence");
    sentence.setWrapText(true);
    sentence.setMinHeight(Region.USE_PREF_SIZE);
    HBox.setHgrow(sentence, Priority.ALWAYS);
    sentence.setMaxWidth(Double.MAX_VALUE);
    button.setId("notice-button");
    button.getStyleClass().add("quiet-button");
    button.setMinWidth(Region.USE_PREF_SIZE);
    desk.noticeProperty().addListener((p, before, now) -> show());
    desk.worker().busyProperty().addListener((p, before, now) -> begin(now));
    clock.setCycleCount(Animation.INDEFINITE);
    progress.progressProperty().bind(desk.worker().progressProperty());
    progress.setId("progress");
    show();
  }

  /// Begins to show how long the work has been going on.
  private void begin(String busy) {
    began = System.nanoTime();
    if (busy.isEmpty()) {
      clock.stop();
    } else {
      clock.playFromStart();
    }
    show();
  }

  private void showTime() {
    long seconds = (System.nanoTime() - began) / 1_000_000_000;
    String busy = desk.worker().busyProperty().get();
    if (!busy.isEmpty() && seconds > 1) {
      sentence.setText(Texts.of("busy.time", busy, seconds));
    }
  }

  private void show() {
    String busy = desk.worker().busyProperty().get();
    Optional<Notice> notice = desk.noticeProperty().get();
    boolean shows = !busy.isEmpty() || notice.isPresent();
    setVisible(shows);
    setManaged(shows);
    getStyleClass().remove("error");
    if (!busy.isEmpty()) {
      sentence.setText(busy + "…");
      button.setText(Texts.of("notice.stop"));
      button.setOnAction(event -> stop());
      getChildren().setAll(progress, sentence, button);
    } else if (notice.isPresent()) {
      sentence.setText(notice.get().sentence());
      button.setText(Texts.of("notice.dismiss"));
      button.setOnAction(event -> desk.noticeProperty().set(Optional.empty()));
      if (notice.get().error()) {
        getStyleClass().add("error");
      }
      getChildren().setAll(sentence);
      notice.get().offer().ifPresent(offered -> getChildren().add(offerButton(offered)));
      getChildren().add(button);
    }
  }

  private Button offerButton(Notice.Offered offered) {
    Button offer = new Button(offered.label());
    offer.setId("notice-offer");
    offer.setMinWidth(Region.USE_PREF_SIZE);
    offer.setOnAction(
        event -> {
          desk.noticeProperty().set(Optional.empty());
          offered.work().run();
        });
    return offer;
  }

  private void stop() {
    desk.worker().stop();
    desk.say(Texts.of("notice.stopped"));
  }
}
