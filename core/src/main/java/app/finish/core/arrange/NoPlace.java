package app.finish.core.arrange;

/// Why a move has no place in a table as it stands.
final class NoPlace extends Exception {
  private static final long serialVersionUID = 1;

  NoPlace(String reason) {
    super(reason);
  }
}
