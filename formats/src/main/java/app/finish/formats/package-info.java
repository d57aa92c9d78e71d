/// Files in and out. In: files and pasted text. Out: [app.finish.core.grid.Grid]s, and files made
/// of [app.finish.core.layout.Proof]s. A format is one class behind [TableReader] or [TableWriter];
/// begin at [Sources], which finds the reader for a file, and at [OutputFormat], which names the
/// writers. [DocumentFile] keeps documents, [StyleFile] keeps house styles.
package app.finish.formats;
