package app.finish.formats.draft;

import app.finish.formats.io.AtomicFile;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.BasicFileAttributes;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.HexFormat;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/// The folder in which documents are kept as they were before they were saved over: the last twenty
/// saves of each, of those before the last of each day, and no more than so many bytes of all.
///
/// ```java
/// Versions versions = Versions.in(folder);
/// versions.keep(file); // before it is written over
/// versions.of(file); // the newest first
/// ```
///
/// The versions of a file lie in a folder whose name is made of its path, each under the time at
/// which it was saved.
public final class Versions {
  private static final int MOST = 20;
  private static final long MOST_BYTES = 200L << 20;
  private static final String ENDING = ".finish";

  private final Path folder;
  private final long mostBytes;

  private Versions(Path folder, long mostBytes) {
    this.folder = folder;
    this.mostBytes = mostBytes;
  }

  /// The versions in a folder, which is made when the first is kept.
  public static Versions in(Path folder) {
    return new Versions(folder, MOST_BYTES);
  }

  /// The same folder, of which each document may fill another number of bytes.
  Versions bounded(long bytes) {
    return new Versions(folder, bytes);
  }

  private Path of(Path file, Instant saved) {
    return home(file).resolve("%013d".formatted(saved.toEpochMilli()) + ENDING);
  }

  private Path home(Path file) {
    try {
      byte[] name = file.toAbsolutePath().normalize().toString().getBytes(StandardCharsets.UTF_8);
      byte[] digest = MessageDigest.getInstance("SHA-256").digest(name);
      return folder.resolve(HexFormat.of().formatHex(digest, 0, 12));
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /// Keeps a file as it is now, if there is one, and lets go what is too old or too much.
  ///
  /// @throws IOException if it can't be kept
  public void keep(Path file) throws IOException {
    if (!Files.isRegularFile(file)) {
      return;
    }
    Instant saved =
        Files.readAttributes(file, BasicFileAttributes.class).lastModifiedTime().toInstant();
    Path copy = of(file, saved);
    if (!Files.exists(copy)) {
      Files.createDirectories(home(file));
      AtomicFile.write(copy, out -> Files.copy(file, out));
      Files.writeString(home(file).resolve("path.txt"), file.toAbsolutePath() + "\n");
    }
    prune(file);
  }

  /// The versions of a file, the newest first.
  public List<Version> of(Path file) throws IOException {
    Path home = home(file);
    if (!Files.isDirectory(home)) {
      return List.of();
    }
    List<Version> versions = new ArrayList<>();
    try (Stream<Path> copies = Files.list(home)) {
      for (Path copy : copies.toList()) {
        String name = copy.getFileName().toString();
        if (name.matches("[0-9]{13}" + "\\" + ENDING)) {
          long time = Long.parseLong(name.substring(0, name.length() - ENDING.length()));
          versions.add(new Version(copy, Instant.ofEpochMilli(time)));
        }
      }
    }
    versions.sort(Comparator.comparing(Version::saved).reversed());
    return versions;
  }

  private void prune(Path file) throws IOException {
    Set<LocalDate> days = new HashSet<>();
    long bytes = 0;
    List<Version> all = of(file);
    for (int i = 0; i < all.size(); i++) {
      boolean lastOfDay = days.add(LocalDate.ofInstant(all.get(i).saved(), ZoneId.systemDefault()));
      bytes += Files.size(all.get(i).copy());
      boolean kept = (i < MOST || lastOfDay) && (i == 0 || bytes <= mostBytes);
      if (!kept) {
        bytes -= Files.size(all.get(i).copy());
        Files.deleteIfExists(all.get(i).copy());
      }
    }
  }
}
