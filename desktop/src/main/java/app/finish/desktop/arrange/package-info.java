/// The bench of the step *Arrange*: panels for dimensions, headings, what is set aside, moves. In:
/// what the view model shows. Out: moves said to the view model. Begin at `ArrangeBench`. Only the
/// window looks in.
package app.finish.desktop.arrange;
