/// Whether the figures of a statistical table follow from one another. In: a table as it is
/// arranged; out: findings that name the two figures and say how they were compared. Each figure is
/// taken for all that it may have been before it was rounded ([Range]), so that rounding is never
/// taken for an error. [ResultLines] reads a table as lines of named results; each check is a class
/// over those. Begin at [ResultLines] and [ProbabilitiesFollow]. Only
/// [app.finish.core.check.demand.Checks] looks in.
package app.finish.core.check.arithmetic;
