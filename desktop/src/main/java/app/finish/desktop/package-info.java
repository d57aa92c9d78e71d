/// The application. In: what a person does. Out: a window on a document. State lives in `Desk` of
/// `model`; views build nodes, bind to it and keep none. From the top floor down: this package puts
/// the window together, `shell` frames every step, each step has a package (`bringin`, `arrange`,
/// `dress`, `sendout`), `tally` asks records, `proof` is the paper and every hand on it, `model` is
/// what the window shows and what can be done, `kit` the pieces that panels are made of. None knows
/// a floor above it. Begin at `FinishApplication`.
package app.finish.desktop;
