/// Tables as drawings of lines and text. In: tables on their way out. Out: SVG. Begin with
/// [SvgWriter].
package app.finish.formats.svg;
