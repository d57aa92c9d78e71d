/// Workbooks: XLSX and ODS. In: a workbook. Out: a grid a sheet, with spans, formats and what is
/// hidden counted. Begin at `XlsxReader` and `OdsReader`. Only the list of formats looks in, and
/// `style.found` for what a workbook looks like.
package app.finish.formats.spreadsheet;
