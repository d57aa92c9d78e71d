/// What ships to try: files of the made-up world of Marram Sound, the demo's document, worked
/// examples. Begin at `Samples`. The window, the command line and tests look in.
package app.finish.formats.samples;
