package app.finish.desktop.model;

import app.finish.core.problem.Refusal;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.colour.Palette;
import app.finish.desktop.kit.Texts;
import app.finish.formats.style.PaletteFile;
import app.finish.formats.style.StyleFile;
import app.finish.formats.style.found.FoundStyle;
import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;

/// Takes styles and palettes in from files, and puts them out.
public final class StyleSharing {
  private final Desk desk;
  private final Dressing dressing;
  private final Files files;

  public StyleSharing(Desk desk, Files files) {
    this.desk = desk;
    this.dressing = desk.dressing();
    this.files = files;
  }

  /// Writes the style that is worn to a file.
  public void exportStyle() {
    HouseStyle style = dressing.worn();
    Optional<Path> file =
        files.picker().toWrite(style.name() + ".json", Texts.of("share.kind"), "*.json");
    file.ifPresent(
        to ->
            desk.worker()
                .run(
                    Texts.of("busy.export", style.name()),
                    () -> {
                      StyleFile.write(style, to);
                      return to;
                    },
                    done -> desk.say(Texts.of("notice.exported", style.name(), done)),
                    desk::tell));
  }

  /// Takes a style in from a file, under a name of its own if the document has another of that
  /// name.
  public void importStyle() {
    files
        .picker()
        .toRead(Texts.of("share.kind"), "*.json")
        .ifPresent(
            file ->
                desk.worker()
                    .run(
                        Texts.of("busy.import"),
                        () -> StyleFile.check(file),
                        reading -> {
                          boolean wrong =
                              reading.findings().stream().anyMatch(one -> one.isWrong());
                          if (wrong || reading.style().isEmpty()) {
                            desk.tell(
                                new Refusal(
                                    file.getFileName() + ", " + reading.findings().getFirst()));
                            return;
                          }
                          take(reading.style().get());
                          reading.findings().stream()
                              .findFirst()
                              .ifPresent(one -> desk.add(List.of("" + one)));
                        },
                        desk::tell));
  }

  private void take(HouseStyle style) {
    Optional<HouseStyle> known = dressing.styles().named(style.name());
    if (known.isPresent()
        && known.get().settings().equals(style.settings())
        && known.get().palette().equals(style.palette())) {
      desk.wear(known.get());
      return;
    }
    HouseStyle own = known.isPresent() ? style.named(dressing.freeName(style.name())) : style;
    try {
      dressing.styles().with(own).cascade(own.name());
    } catch (Refusal e) {
      desk.tell(e);
      return;
    }
    dressing.make(Texts.of("change.importStyle", own.name()), own);
    desk.say(
        Texts.of(
            known.isPresent() ? "notice.importedAs" : "notice.imported", style.name(), own.name()));
  }

  /// Makes a style of the look of a workbook's table.
  public void fromWorkbook() {
    files
        .picker()
        .toRead(Texts.of("share.workbook"), "*.xlsx", "*.docx")
        .ifPresent(
            file -> {
              String name = file.getFileName().toString().replaceFirst("\\.[^.]*$", "");
              String free = dressing.freeName(name);
              desk.worker()
                  .run(
                      Texts.of("busy.workbook", name),
                      () -> FoundStyle.read(file, free),
                      style -> {
                        dressing.make(Texts.of("change.makeStyle", free), style);
                        desk.say(Texts.of("notice.madeOf", free, file.getFileName()));
                      },
                      desk::tell);
            });
  }

  /// Puts the document into the inks of a file: a style sheet, design tokens or a picture.
  public void importPalette() {
    files
        .picker()
        .toRead(
            Texts.of("palette.kind"),
            "*.css",
            "*.json",
            "*.tokens",
            "*.png",
            "*.jpg",
            "*.jpeg",
            "*.gif")
        .ifPresent(
            file ->
                desk.worker()
                    .run(
                        Texts.of("busy.palette"),
                        () -> PaletteFile.read(file),
                        palette -> ink(palette, file),
                        desk::tell));
  }

  private void ink(Palette palette, Path file) {
    dressing.ink(Texts.of("change.palette", file.getFileName()), palette);
    desk.say(Texts.of("notice.palette", palette.roles().size(), file.getFileName()));
  }

  /// Puts the style that is worn into the style library.
  public void toLibrary() {
    HouseStyle style = dressing.worn();
    desk.worker()
        .run(
            Texts.of("busy.export", style.name()),
            () -> write(style),
            file -> {
              dressing.readLibrary();
              desk.say(
                  Texts.of("notice.inLibrary", style.name(), String.valueOf(file.getParent())));
            },
            desk::tell);
  }

  private Path write(HouseStyle style) throws IOException {
    return dressing.library().add(style);
  }
}
