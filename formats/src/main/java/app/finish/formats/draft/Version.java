package app.finish.formats.draft;

import java.nio.file.Path;
import java.time.Instant;

/// What a document was before it was saved over.
///
/// @param copy where it is kept
/// @param saved when it had been saved
public record Version(Path copy, Instant saved) {}
