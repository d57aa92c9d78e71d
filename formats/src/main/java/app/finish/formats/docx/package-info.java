/// DOCX (ECMA-376). In: a document, or proofs. Out: grids with the words around, or a document.
/// Begin at `DocxReader` and `DocxWriter`. Only the list of formats looks in, and `style.found` for
/// what a document looks like.
package app.finish.formats.docx;
