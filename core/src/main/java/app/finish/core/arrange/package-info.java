/// The order that makes a table's point: an [app.finish.core.arrange.Arrangement] is a list of
/// [app.finish.core.arrange.Move]s, each by the headings that it concerns, and
/// [app.finish.core.arrange.Arranger] applies them to a table, one after the other. Nothing is
/// deleted: what is set aside is listed, and what has no place is said with its reason. Begin at
/// `Arranger`.
package app.finish.core.arrange;
