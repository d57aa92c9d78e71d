/// Files in and out. In: files and pasted text. Out: the tables of a file (`FileTables`), and files
/// made of documents (`Sending`). Begin at `Sources`, which finds the reader for a file, and at
/// `OutputFormat`, which names the writers. A format is one class behind `TableReader` or
/// `TableWriter` of `io`, in a package of its kind; these do not know each other, and only this
/// package knows them all. `finish` keeps documents, `style` keeps house styles.
package app.finish.formats;
