/// The panel that asks records: wells for dimensions and measures, connections to databases. In:
/// what the view model shows. Out: plans. Begin at `TallyPanel`. The benches and the shell look in.
package app.finish.desktop.tally;
