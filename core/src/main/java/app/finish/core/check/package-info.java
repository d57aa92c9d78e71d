/// What is demanded of a table, and what of it does not hold. In: a table as it was recognised,
/// arranged, dressed and laid out ([Checked]); out: findings, each with its place, a sentence and
/// what would mend it. Recognition, arranging and dressing know nothing of checks. To add one,
/// write a [Check] and name it in `demand.Checks`; the window, the command line and the JSON show
/// it. Begin at [Check]. The formats (for style files), the window and the command line look in.
package app.finish.core.check;
