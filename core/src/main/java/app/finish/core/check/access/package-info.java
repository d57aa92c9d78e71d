/// What a table needs to be read by those who hear it instead of seeing it. In: a table as it is
/// arranged. Out: findings that are worth knowing. Begin with [HeadsTellApart].
package app.finish.core.check.access;
