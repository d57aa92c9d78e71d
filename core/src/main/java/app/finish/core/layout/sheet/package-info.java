/// A long table without pages, of which only what is in sight is laid out. In: a dressed table.
/// Out: the proof of a stretch (`Scroll`), the first of it quickly (`FirstScreen`). Begin at
/// `Scroll`. The window and the checks look in.
package app.finish.core.layout.sheet;
