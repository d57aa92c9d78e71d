/// The step that highlights. In: the view model of highlights. Out: its bench: what a picked figure
/// suggests, the list, the sentence of the chosen one with a control for each word, what it
/// matches. Begin at `HighlightBench`. Only the window looks in.
package app.finish.desktop.highlight;
