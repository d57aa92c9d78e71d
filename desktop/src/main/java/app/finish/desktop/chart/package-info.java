/// The bench of a chart. In: the chart at hand with small pictures of its kinds; out: what of its
/// table is drawn, and how. Begin with [app.finish.desktop.chart.ChartBench]; the window looks in
/// here.
package app.finish.desktop.chart;
