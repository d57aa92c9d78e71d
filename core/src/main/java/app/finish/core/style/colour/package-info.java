/// Colours: as numbers, in light, as eyes see them, and in palettes with roles. Begin at `Colour`
/// and `Palette`. Styles look in, and whoever draws.
package app.finish.core.style.colour;
