package app.finish.desktop.tally;

import app.finish.core.problem.Refusal;
import app.finish.core.tally.RecordsName;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Tallies;
import app.finish.records.source.Address;
import java.util.prefs.Preferences;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.PasswordField;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

/// Asks where a database is and who asks. The address is remembered under its name; the password is
/// kept only while the window is open.
public final class ConnectBoard extends VBox {
  private final Tallies tallies;
  private final Desk desk;
  private final Preferences addresses;
  private final TextField name = field("connect-name");
  private final TextField url = field("connect-url");
  private final TextField user = field("connect-user");
  private final PasswordField secret = new PasswordField();
  private final TextField table = field("connect-table");

  /// @param addresses where addresses are remembered by name
  public ConnectBoard(Tallies tallies, Desk desk, Preferences addresses) {
    super(10);
    this.tallies = tallies;
    this.desk = desk;
    this.addresses = addresses;
    getStyleClass().add("empty-board");
    setId("connect-board");
    setMaxSize(Region.USE_PREF_SIZE, Region.USE_PREF_SIZE);
    Label title = new Label(Texts.of("connect.title"));
    title.getStyleClass().add("bench-name");
    secret.setId("connect-secret");
    Button connect = new Button(Texts.of("connect.connect"));
    connect.setId("connect-connect");
    connect.getStyleClass().add("main-button");
    connect.setOnAction(event -> connect());
    Button back = new Button(Texts.of("pick.back"));
    back.setId("connect-back");
    back.setOnAction(event -> tallies.connectingProperty().set(false));
    getChildren()
        .addAll(
            title,
            labelled("connect.name", name),
            labelled("connect.url", url),
            labelled("connect.user", user),
            labelled("connect.secret", secret),
            labelled("connect.table", table),
            Benches.caption(Texts.of("connect.how")),
            new HBox(8, connect, back));
    name.focusedProperty().addListener((p, before, now) -> recall(now));
    addEventFilter(KeyEvent.KEY_PRESSED, this::key);
  }

  private static TextField field(String id) {
    TextField field = new TextField();
    field.setId(id);
    field.setPrefColumnCount(34);
    return field;
  }

  private static Node labelled(String key, TextField field) {
    Label label = Benches.caption(Texts.of(key));
    label.setLabelFor(field);
    field.setAccessibleText(Texts.of(key));
    return new VBox(2, label, field);
  }

  /// Fills in what is remembered under the name.
  private void recall(boolean focused) {
    if (!focused && url.getText().isBlank()) {
      url.setText(addresses.get(name.getText().strip(), ""));
      user.setText(addresses.get(name.getText().strip() + ".user", ""));
    }
  }

  private void connect() {
    String called = name.getText().strip();
    if (called.isEmpty() || table.getText().isBlank()) {
      desk.tell(new Refusal(Texts.of("connect.incomplete")));
      return;
    }
    try {
      Address address = Address.of(called, url.getText().strip(), user.getText().strip());
      addresses.put(called, address.url());
      addresses.put(called + ".user", address.user());
      tallies.openRecords().remember(address, secret.getText().toCharArray());
      secret.clear();
      tallies.connectingProperty().set(false);
      tallies.bringIn(new RecordsName.Stored(called, table.getText().strip()));
    } catch (Refusal wrong) {
      desk.tell(wrong);
    }
  }

  private void key(KeyEvent event) {
    if (event.getCode() == KeyCode.ESCAPE) {
      tallies.connectingProperty().set(false);
      event.consume();
    } else if (event.getCode() == KeyCode.ENTER && event.getTarget() instanceof TextField) {
      connect();
      event.consume();
    }
  }

  /// Puts the focus on the first field.
  public void focusFirst() {
    name.requestFocus();
  }
}
