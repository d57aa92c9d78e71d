/// The application. In: what a person does. Out: a window on a [app.finish.core.document.Document].
/// State lives in [Workbench], the view model; views build nodes, bind to it and keep none.
/// [MainWindow] puts the views together: steps, bench, proof, slug, galley. Begin at
/// [FinishApplication].
package app.finish.desktop;
