/// RTF, which every word processor and mail program takes: what is sent comes in, a text with real
/// tables goes out. Begin at [RtfWriter]; `formats` looks in, and the clipboard of the window.
package app.finish.formats.richtext;
