/// OpenDocument (ISO/IEC 26300, version 1.3), the format of office documents that belongs to no
/// one: what is sent comes in, a text or a spreadsheet goes out. [OdtWriter] and [OdsWriter] write
/// the parts of a document, [OdfStyles] keeps its looks. Begin at [OdtWriter]; only `formats` looks
/// in.
package app.finish.formats.opendocument;
