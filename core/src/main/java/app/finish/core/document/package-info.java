/// What a person works on. A [Document] is an ordered list of tables, each a source and a [Finish];
/// [History] is the documents before and after it. In: decisions. Out: values that the rest of core
/// turns into proofs and that `formats` saves. Begin at [Document].
package app.finish.core.document;
