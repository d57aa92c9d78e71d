/// House styles and what they make of a part. In: a `HouseStyle` (a palette, and settings for
/// parts), perhaps based on another. Out: a `Look`, in which every property is resolved and knows
/// its `Origin`. The cascade goes from general to specific: table, family of parts, part, level,
/// alternate, kind of measure, measure. What isn't set is inherited. Begin at `Cascade`. The
/// dresser, style files and the window look in.
package app.finish.core.style;
