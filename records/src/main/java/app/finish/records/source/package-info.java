/// Opens records. In: a file or the address of a database, and how a person wants it read. Out:
/// `Records`, which can be asked until they are closed, and a sentence for each thing that had to
/// be decided. Begin at `RecordFile` and `Database`. The window, the command line and the packages
/// that ask look in; the loaders are its own.
package app.finish.records.source;
