/// The pieces that panels are made of: texts, sections and choices of benches, fonts and painting
/// of proofs. It knows the core and the toolkit, and no other part of the window. Begin at
/// `Benches`. All views look in.
package app.finish.desktop.kit;
