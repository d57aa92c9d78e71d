package app.finish.desktop.model;

import app.finish.desktop.kit.Texts;
import java.util.Locale;

/// On which tables of the document a style is put.
public enum WearScope {
  /// On those that are picked in the galley: the table at hand, if no others are.
  PICKED,
  /// On all of the kind of the table at hand.
  KIND,
  /// On all.
  ALL;

  /// Its name for people.
  ///
  /// @param tables how many tables that are
  public String label(int tables) {
    return Texts.of("scope." + name().toLowerCase(Locale.ROOT), tables);
  }
}
