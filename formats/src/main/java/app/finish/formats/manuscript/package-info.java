/// Manuscripts: what they say of their tables, and copies with tables in them. In: a file (DOCX,
/// ODT; for its words Markdown and text too); out: its running text without its tables and their
/// captions, or a manuscript that tables can be put into. Begin at [ManuscriptText] and
/// [ManuscriptFile]. The command line and the window look in.
package app.finish.formats.manuscript;
