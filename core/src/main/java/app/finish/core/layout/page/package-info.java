/// Sets a dressed table on pages. In: a `Dressed` and a `Paper`. Out: a `Proof`. Column widths
/// (`ColumnWidths`), rows with their heights (`SetRow`), marks (`PagePainter`, `RulePainter`).
/// Begin at `Compositor`. The sheet looks in, and whoever needs a whole proof.
package app.finish.core.layout.page;
