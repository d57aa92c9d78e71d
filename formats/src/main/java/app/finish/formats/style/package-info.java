/// House styles and palettes as files. In: style files, palettes, pictures. Out: styles, and files.
/// Begin at `StyleFile` and `StyleLibrary`. The window and the command line look in; docs/style-
/// format.md describes the file.
package app.finish.formats.style;
