/// Which checks there are, and which of them a style demands. In: a table as it is known; out: what
/// does not hold. Begin at [Checks].
package app.finish.core.check.demand;
