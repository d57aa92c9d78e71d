/// HTML. In: a page, pasted HTML, or proofs. Out: grids, or a page. Begin at `HtmlReader` and
/// `HtmlWriter`. Only the list of formats looks in.
package app.finish.formats.html;
