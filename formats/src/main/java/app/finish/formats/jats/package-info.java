/// JATS XML, in which journals keep articles: what is sent comes in, an article of its tables goes
/// out. Begin at [JatsWriter]; only `formats` looks in.
package app.finish.formats.jats;
