package app.finish.desktop;

/// A sentence for the person.
///
/// @param sentence what to say
/// @param error whether something went wrong
record Notice(String sentence, boolean error) {}
