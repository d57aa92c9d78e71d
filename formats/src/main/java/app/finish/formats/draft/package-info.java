/// What is open while it is not saved, kept so that a crash takes nothing. In: a document after
/// each change. Out: after a crash, what was open. Begin with [Drafts]; [DraftKeeper] writes on a
/// thread of its own.
package app.finish.formats.draft;
