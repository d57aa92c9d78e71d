/// What figures measure. In: lines and their cells. Out: which level names measures on which side,
/// and of which kind each is; measures that differ from row to row without a name. Begin at
/// `MeasureReader`. The recogniser and the axis look in.
package app.finish.core.recognise.measure;
