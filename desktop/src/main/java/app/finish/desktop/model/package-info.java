/// What the window shows and what can be done with it. In: documents, files, records, what a person
/// says. Out: properties that views bind to. It knows no node and no view. Begin at `Desk`. All
/// views look in.
package app.finish.desktop.model;
