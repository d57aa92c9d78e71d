/// Tests of significance and what they need. In: sizes, means, counts. Out: statistics with degrees
/// of freedom and *p*. Each says where its formula is from. Begin at `TTest`. Only `question` looks
/// in.
package app.finish.records.statistics;
