/// How fast it is. Each benchmark stands beside the least that the same work could cost (its
/// floor), in one run, so that the ratio says more than the time. docs/speed.md tells how to run
/// them. Begin at [Tables], which makes the tables that are measured with.
package app.finish.bench;
