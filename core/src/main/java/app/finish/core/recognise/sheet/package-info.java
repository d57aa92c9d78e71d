/// From cells to a frame. In: a `Grid`, corrections. Out: the tables of a sheet (`Blocks`), numbers
/// read (`ReadGrid`), where words, heads, stub, body and notes lie (`FrameFinder`, weighed by
/// `HeadScore`), what brackets mean. Begin at `FrameFinder`. The rooms after it look in.
package app.finish.core.recognise.sheet;
