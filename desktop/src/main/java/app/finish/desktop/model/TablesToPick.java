package app.finish.desktop.model;

import app.finish.formats.FileTables;
import java.nio.file.Path;
import java.util.Optional;

/// Tables that a file holds, to pick from before they are brought in.
///
/// @param name the file's name, or what was pasted
/// @param file the file, if it is one
/// @param tables what it holds
/// @param hidden whether what it hides is among them
public record TablesToPick(String name, Optional<Path> file, FileTables tables, boolean hidden) {}
