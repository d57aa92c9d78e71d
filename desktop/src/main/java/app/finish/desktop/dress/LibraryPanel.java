package app.finish.desktop.dress;

import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.desktop.kit.Benches;
import app.finish.desktop.kit.Texts;
import app.finish.desktop.model.Desk;
import app.finish.desktop.model.Dressing;
import app.finish.desktop.model.StyleSharing;
import app.finish.formats.style.StyleLibrary;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;

/// The style library: its folder, and what differs between it and the document.
public final class LibraryPanel {
  private final Desk desk;
  private final Dressing dressing;
  private final StyleSharing sharing;
  private final TextField folder = new TextField();
  private final VBox differences = new VBox(6);

  LibraryPanel(Desk desk, StyleSharing sharing) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.sharing = sharing;
  }

  Node build() {
    folder.setId("library-folder");
    folder.setAccessibleText(Texts.of("library.folder"));
    folder.setText(dressing.habits().library().toString());
    folder.setOnAction(event -> move());
    FlowPane ways = new FlowPane(6, 6);
    ways.getChildren()
        .addAll(
            Benches.button("to-library", "library.add", sharing::toLibrary),
            Benches.button("export-style", "library.export", sharing::exportStyle),
            Benches.button("import-style", "library.import", sharing::importStyle));
    Benches.follow(desk.shownProperty(), this::show);
    Benches.follow(dressing.shelfProperty(), this::show);
    dressing.readLibrary();
    return Benches.section(
        Texts.of("library.name"),
        Benches.caption(Texts.of("library.folder")),
        folder,
        ways,
        differences);
  }

  private void move() {
    try {
      Path typed = Path.of(folder.getText().strip());
      if (!typed.isAbsolute()) {
        desk.tell(new Refusal(Texts.of("library.notWhole", folder.getText())));
        return;
      }
      dressing.habits().keepLibrary(typed);
      dressing.readLibrary();
    } catch (InvalidPathException e) {
      desk.tell(new Refusal(Texts.of("library.noFolder", folder.getText()), e));
    }
  }

  private void show() {
    List<Node> nodes = new ArrayList<>();
    for (HouseStyle own : desk.document().styles()) {
      for (HouseStyle kept : dressing.shelfProperty().get().styles()) {
        List<String> differs =
            own.name().equals(kept.name())
                ? StyleLibrary.differences(own, kept)
                : List.<String>of();
        if (!differs.isEmpty()) {
          nodes.add(difference(own, kept, differs));
        }
      }
    }
    Benches.replace(differences, nodes);
  }

  private Node difference(HouseStyle own, HouseStyle kept, List<String> differs) {
    VBox box = new VBox(4);
    box.getStyleClass().add("difference");
    String more = differs.size() > 4 ? "\n" + Texts.of("library.more", differs.size() - 4) : "";
    List<String> some = differs.subList(0, Math.min(4, differs.size()));
    Button take = new Button(Texts.of("library.take"));
    take.setId("take-from-library");
    take.getStyleClass().add("quiet-button");
    take.setOnAction(event -> dressing.take(kept));
    box.getChildren()
        .addAll(
            Benches.caption(Texts.of("library.differs", own.name(), differs.size())),
            Benches.caption(String.join("\n", some) + more),
            take);
    return box;
  }
}
