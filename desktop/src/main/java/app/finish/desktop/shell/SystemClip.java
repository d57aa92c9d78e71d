package app.finish.desktop.shell;

import app.finish.desktop.model.Clip;
import java.io.File;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;

/// The clipboard of the system.
public final class SystemClip implements Clip {
  @Override
  public Optional<Path> file() {
    Clipboard clipboard = Clipboard.getSystemClipboard();
    return clipboard.hasFiles()
        ? clipboard.getFiles().stream().findFirst().map(File::toPath)
        : Optional.empty();
  }

  @Override
  public String html() {
    Clipboard clipboard = Clipboard.getSystemClipboard();
    return clipboard.hasHtml() ? clipboard.getHtml() : "";
  }

  @Override
  public String text() {
    return Objects.requireNonNullElse(Clipboard.getSystemClipboard().getString(), "");
  }

  @Override
  public void put(String html, String text) {
    ClipboardContent content = new ClipboardContent();
    content.putHtml(html);
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
  }
}
