package app.finish.desktop;

import app.finish.core.arrange.Arranged;
import app.finish.core.document.DocumentTable;
import app.finish.core.layout.Proof;
import app.finish.core.recognise.Recognition;

/// A table as it is shown: its recognition and its proof.
///
/// @param table the table of the document
/// @param number its number
/// @param recognition what was recognised
/// @param arranged the table in its arrangement
/// @param proof how it looks
record Shown(
    DocumentTable table, int number, Recognition recognition, Arranged arranged, Proof proof) {}
