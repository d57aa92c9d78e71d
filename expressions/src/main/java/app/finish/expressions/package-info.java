/// The one language of expressions: the Common Expression Language, with the names of columns and
/// measures written as they are. An expression is a text; what comes out is an
/// [app.finish.expressions.Expression], checked against the names there are, which can be worked
/// out here or be translated from its [app.finish.expressions.Term]s. Begin at `Expression`.
package app.finish.expressions;
