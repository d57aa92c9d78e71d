/// What the publication manual of the American Psychological Association (7th edition, chapter 7)
/// asks of a table. In: a table as it is dressed; out: findings, most of them with a mend. Each
/// demand is a small class. Begin at [ApaCheck]. Only `demand.Checks` looks in.
package app.finish.core.check.apa;
