/// Proofs as they are painted. In: proofs. Out: PDF and PNG. Begin at `PdfWriter` and `PngWriter`.
/// Only the list of formats looks in.
package app.finish.formats.pdf;
