/// What frames every step: steps, top bar, actions and their finder, galley, notices, the line that
/// says what is pointed at. In: what the view model shows. Out: actions. Begin at `Actions`. Only
/// the window looks in.
package app.finish.desktop.shell;
