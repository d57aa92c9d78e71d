/// Pictures of tables. In: a table as it is arranged and dressed, and what is drawn of it
/// ([Chart]). Out: a page of the layout's own marks ([ChartPage]), which every painter and writer
/// draws as it draws a table's. Begin with [ChartSetter]; [ChartAdvice] says which kinds suit a
/// table, and [ChartData] what of it is drawn. Whoever sends, shows or describes charts looks in
/// here.
package app.finish.core.chart;
