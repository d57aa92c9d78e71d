/// A table while it is rearranged: both sides as branches that know of which leaves of the source
/// they are made. In: a table. Out: `Trees`, grown, ordered on demand, cut. Begin at `Branch` and
/// `Trees`. The arranger and the makers of moves look in.
package app.finish.core.arrange.tree;
