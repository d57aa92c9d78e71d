package app.finish.core.arrange.place;

/// Why a move has no place in a table as it stands.
public final class NoPlace extends Exception {
  private static final long serialVersionUID = 1;

  public NoPlace(String reason) {
    super(reason);
  }
}
