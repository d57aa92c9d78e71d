/// From cells to meaning. In: a `Grid` and what a person corrected. Out: a `Recognition`: the
/// table, and for every decision the evidence in words and how sure it is. Begin at `Recogniser`,
/// which goes through the rooms in one direction: `sheet` reads numbers and finds the frame, `line`
/// gives rows and columns their labels, `measure` says what figures measure, `total` finds totals
/// and checks them, `axis` builds the headings. `words` knows the words, `said` what a person can
/// correct, `found` what is given back.
package app.finish.core.recognise;
