/// The same work from a shell. In: arguments. Out: text, JSON, files and an exit code. It shares
/// all its work with the window and starts no toolkit. Begin at [Main].
package app.finish.cli;
