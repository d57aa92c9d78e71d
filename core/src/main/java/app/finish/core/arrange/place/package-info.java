/// The words for where things are when a table is arranged: sides, levels, what is set aside, how
/// much is kept, and why something has no place. In: nothing; out: values. All rooms of arranging
/// look in.
package app.finish.core.arrange.place;
