/// Sets other scripts than the shipped fonts have: a text of any script comes in, its width and its
/// outlines go out. Begin at [app.finish.formats.scripts.SystemScripts]; the command line and the
/// window give it to the fonts that they measure and draw with.
package app.finish.formats.scripts;
