/// What a person can act on. An exception that is `Mendable` carries a sentence for them and where
/// it is: `Problem` where files, disks and databases are read and written, `Refusal` where
/// something was asked for that can't be. Every other exception is a defect of Finish: the window
/// says so in a line and logs it, the command line ends with 70. Everything looks in.
package app.finish.core.problem;
