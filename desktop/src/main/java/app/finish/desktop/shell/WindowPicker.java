package app.finish.desktop.shell;

import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.FilePicker;
import java.io.File;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.prefs.Preferences;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar.ButtonData;
import javafx.scene.control.ButtonType;
import javafx.stage.FileChooser;
import javafx.stage.Window;

/// Asks with the system's own file windows.
public final class WindowPicker implements FilePicker {
  private static final String LAST = "folder";

  private final Window owner;
  private final Preferences lasting;

  /// @param lasting where the last folder is kept between runs
  public WindowPicker(Window owner, Preferences lasting) {
    this.owner = owner;
    this.lasting = lasting;
  }

  @Override
  public Optional<Path> toRead(String kind, String... endings) {
    FileChooser chooser = chooser(kind, endings);
    return chosen(chooser.showOpenDialog(owner));
  }

  @Override
  public Optional<Path> toWrite(String name, String kind, String ending) {
    FileChooser chooser = chooser(kind, ending);
    chooser.setInitialFileName(name);
    return chosen(chooser.showSaveDialog(owner));
  }

  @Override
  public void browse(Path page) throws IOException {
    String system = System.getProperty("os.name").toLowerCase(Locale.ROOT);
    List<String> command =
        system.contains("win")
            ? List.of("rundll32", "url.dll,FileProtocolHandler", page.toUri().toString())
            : List.of(system.contains("mac") ? "open" : "xdg-open", page.toString());
    new ProcessBuilder(command).start();
  }

  private FileChooser chooser(String kind, String... endings) {
    FileChooser chooser = new FileChooser();
    chooser.getExtensionFilters().add(new FileChooser.ExtensionFilter(kind, endings));
    String last = lasting.get(LAST, "");
    Optional.of(new File(last))
        .filter(one -> !last.isEmpty() && one.isDirectory())
        .ifPresent(chooser::setInitialDirectory);
    return chooser;
  }

  private Optional<Path> chosen(File file) {
    Optional<File> chosen = Optional.ofNullable(file);
    chosen.map(File::getParent).ifPresent(parent -> lasting.put(LAST, parent));
    return chosen.map(File::toPath);
  }

  @Override
  public Answer aboutUnsaved(String documentName) {
    ButtonType save = new ButtonType(Texts.of("unsaved.save"), ButtonData.YES);
    ButtonType drop = new ButtonType(Texts.of("unsaved.drop"), ButtonData.NO);
    ButtonType back = new ButtonType(Texts.of("unsaved.cancel"), ButtonData.CANCEL_CLOSE);
    Alert question =
        new Alert(Alert.AlertType.NONE, Texts.of("unsaved.text", documentName), save, drop, back);
    question.initOwner(owner);
    question.setTitle(Texts.of("unsaved.title"));
    question.setHeaderText(Texts.of("unsaved.title"));
    question
        .getDialogPane()
        .getStylesheets()
        .add(WindowPicker.class.getResource("/app/finish/desktop/finish.css").toExternalForm());
    Optional<ButtonType> answer = question.showAndWait();
    return answer.equals(Optional.of(save))
        ? Answer.SAVE
        : answer.equals(Optional.of(drop)) ? Answer.DROP : Answer.GO_BACK;
  }
}
