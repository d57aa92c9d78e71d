package app.finish.formats.draft;

import java.nio.file.Path;
import java.time.Instant;
import java.util.Optional;

/// A document that was open when Finish ended without closing it.
///
/// @param id what its files in the folder of drafts are called, without an ending
/// @param name the name of the document
/// @param file the file that it was saved in before, if it was
/// @param time when it was changed last
public record Draft(String id, String name, Optional<Path> file, Instant time) {}
