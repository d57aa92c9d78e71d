/// What a house style asks of the tables that wear it. In: sentences of its file, such as "at most
/// 8 columns"; out: checks with what they found and what mends it. Begin at [HouseDemand].
package app.finish.core.check.house;
