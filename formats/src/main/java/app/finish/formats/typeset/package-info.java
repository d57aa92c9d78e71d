/// Tables for what sets text from plain files. In: tables on their way out. Out: LaTeX
/// ([LatexWriter]) and Markdown ([MarkdownWriter]).
package app.finish.formats.typeset;
