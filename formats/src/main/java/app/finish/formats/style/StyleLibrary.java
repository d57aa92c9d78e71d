package app.finish.formats.style;

import app.finish.core.problem.Problem;
import app.finish.core.style.HouseStyle;
import app.finish.core.style.Property;
import app.finish.core.style.Selector;
import app.finish.formats.io.FileName;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

/// A folder of style files that can be shared.
///
/// ```java
/// StyleLibrary library = new StyleLibrary(Path.of("/shares/house"));
/// library.read().styles();
/// library.add(mine);
/// ```
public final class StyleLibrary {
  private final Path folder;

  /// The library in a folder, which need not be there yet.
  public StyleLibrary(Path folder) {
    this.folder = folder;
  }

  /// The folder.
  public Path folder() {
    return folder;
  }

  /// The styles of a library, and what was wrong with some of its files.
  ///
  /// @param styles the styles in order of their file names
  /// @param findings sentences for the person
  public record Shelf(List<HouseStyle> styles, List<String> findings) {
    /// Copies the lists.
    public Shelf {
      styles = List.copyOf(styles);
      findings = List.copyOf(findings);
    }
  }

  /// Reads all styles. A file that is no style, or one that bears the name of another, is left out
  /// and told.
  public Shelf read() {
    List<HouseStyle> styles = new ArrayList<>();
    List<String> findings = new ArrayList<>();
    for (Path file : files(findings)) {
      try {
        HouseStyle style = StyleFile.read(file);
        if (styles.stream().anyMatch(one -> one.name().equals(style.name()))) {
          findings.add(
              FileName.of(file) + " bears the name of another style, “" + style.name() + "”.");
        } else {
          styles.add(style);
        }
      } catch (IOException e) {
        findings.add(e.getMessage());
      }
    }
    return new Shelf(styles, findings);
  }

  private List<Path> files(List<String> findings) {
    if (!Files.isDirectory(folder)) {
      return List.of();
    }
    try (Stream<Path> all = Files.list(folder)) {
      return all.filter(file -> file.toString().endsWith(".json")).sorted().toList();
    } catch (IOException e) {
      findings.add("The folder " + folder + " can't be read. Pick another for the style library.");
      return List.of();
    }
  }

  /// Puts a style into the folder; one of that name is replaced.
  ///
  /// @throws Problem if the folder can't be written to, in words for the person
  public Path add(HouseStyle style) throws IOException {
    try {
      Files.createDirectories(folder);
    } catch (IOException e) {
      throw new Problem(
          "The folder " + folder + " can't be made. Pick another for the style library.", e);
    }
    if (!Files.isWritable(folder)) {
      throw new Problem(
          "The style library "
              + folder
              + " can only be read. Ask for leave to write there, or pick another folder.");
    }
    Path file = fileOf(style.name()).orElse(folder.resolve(fileName(style.name())));
    StyleFile.write(style, file);
    return file;
  }

  private Optional<Path> fileOf(String name) {
    for (Path file : files(new ArrayList<>())) {
      try {
        if (StyleFile.read(file).name().equals(name)) {
          return Optional.of(file);
        }
      } catch (IOException e) {
        continue;
      }
    }
    return Optional.empty();
  }

  private static String fileName(String name) {
    String plain = name.toLowerCase(Locale.ROOT).replaceAll("[^\\p{L}\\p{N}]+", "-");
    return (plain.replaceAll("^-|-$", "").isEmpty() ? "style" : plain) + ".json";
  }

  /// What differs between two styles of one name, in words: "title › weight: bold, not regular".
  public static List<String> differences(HouseStyle one, HouseStyle other) {
    List<String> told = new ArrayList<>();
    if (!one.basedOn().equals(other.basedOn())) {
      told.add("based on: " + named(one.basedOn()) + ", not " + named(other.basedOn()));
    }
    Set<String> roles = new LinkedHashSet<>(one.palette().roles().keySet());
    roles.addAll(other.palette().roles().keySet());
    for (String role : roles) {
      String here = String.valueOf(one.palette().roles().get(role)).replace("null", "unset");
      String there = String.valueOf(other.palette().roles().get(role)).replace("null", "unset");
      if (!here.equals(there)) {
        told.add("palette › " + role + ": " + here + ", not " + there);
      }
    }
    compare("", one.settings(), other.settings(), told);
    compare("board › ", one.board(), other.board(), told);
    return told;
  }

  private static void compare(
      String chapter,
      Map<Selector, Map<Property, String>> one,
      Map<Selector, Map<Property, String>> other,
      List<String> told) {
    Set<Selector> selectors = new LinkedHashSet<>(one.keySet());
    selectors.addAll(other.keySet());
    for (Selector selector : selectors) {
      Map<Property, String> here = one.getOrDefault(selector, Map.of());
      Map<Property, String> there = other.getOrDefault(selector, Map.of());
      for (Property property : Property.values()) {
        String mine = here.getOrDefault(property, "unset");
        String yours = there.getOrDefault(property, "unset");
        if (!mine.equals(yours)) {
          told.add(chapter + selector + " › " + property.word() + ": " + mine + ", not " + yours);
        }
      }
    }
  }

  private static String named(String base) {
    return base.isEmpty() ? "none" : base;
  }
}
