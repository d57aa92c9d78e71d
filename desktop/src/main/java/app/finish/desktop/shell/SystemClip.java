package app.finish.desktop.shell;

import app.finish.desktop.model.Clip;
import java.io.ByteArrayInputStream;
import java.io.File;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import javafx.scene.image.Image;
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
  public void put(Copied copied) {
    ClipboardContent content = new ClipboardContent();
    content.putHtml(copied.html());
    content.putString(copied.text());
    if (!copied.rtf().isEmpty()) {
      content.putRtf(copied.rtf());
    }
    if (copied.png().length > 0) {
      content.putImage(new Image(new ByteArrayInputStream(copied.png())));
    }
    Clipboard.getSystemClipboard().setContent(content);
  }
}
