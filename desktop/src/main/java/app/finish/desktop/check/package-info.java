/// The step that checks. In: what does not hold of the table at hand; out: mends, and findings that
/// are left with a reason. Begin at [CheckBench].
package app.finish.desktop.check;
