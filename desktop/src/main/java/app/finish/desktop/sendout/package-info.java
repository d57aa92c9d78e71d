/// The bench of the step *Send out*. In: the document. Out: files. Begin at `SendOutBench`. Only
/// the window looks in.
package app.finish.desktop.sendout;
