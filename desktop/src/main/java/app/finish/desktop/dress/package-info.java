/// The bench of the step *Dress*: styles, parts, properties, palettes, touches. In: what the view
/// model shows. Out: settings and touches said to the view model. Begin at `DressBench`. Only the
/// window looks in.
package app.finish.desktop.dress;
