/// What formulas of measures and conditions of cells are asked through. In: an expression's text.
/// Out: a `Formula` over `Neighbours`, a condition over `CellExpressions.Cell`. The language itself
/// is elsewhere, behind `Formulas`. Begin at `Formulas`. The makers of moves look in, and whoever
/// brings a language.
package app.finish.core.arrange.formula;
