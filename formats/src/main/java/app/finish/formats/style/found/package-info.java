/// What a document or a workbook looks like. In: a file that somebody dressed. Out: a house style
/// that comes near it (`FoundStyle`). Begin there. Only making a style looks in.
package app.finish.formats.style.found;
