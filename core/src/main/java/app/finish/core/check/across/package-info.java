/// Tables of one document held against each other. In: the tables as they are arranged and dressed;
/// out: what is worth knowing of each. Begin at [AcrossTables].
package app.finish.core.check.across;
