/// Tables as data. In: tables on their way out. Out: CSV as the table is shown ([CsvWriter]), or a
/// line for each figure with its members ([TidyWriter]).
package app.finish.formats.data;
