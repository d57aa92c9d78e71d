/// The words that tell what a heading or a text is: totals, measures, statistics, signs for
/// nothing, two figures in a cell. Begin at `Vocabulary`; `Company` says which names of statistics
/// are such beside others. The rooms of recognition look in.
package app.finish.core.recognise.words;
