package app.finish.core.check;

import app.finish.core.dress.CellMeaning;

/// Where something was found that does not hold.
public sealed interface Where {
  /// The place in words: "D5", "line 3, looks › title › weight".
  String words();

  /// A cell of the source.
  ///
  /// @param name its name as the source counts: "D5"
  record Cell(String name) implements Where {
    @Override
    public String words() {
      return name;
    }
  }

  /// A key of a style file.
  ///
  /// @param path the keys that lead there: "looks › title › weight"
  /// @param line the line of the file, 0 if none can be named
  record Key(String path, int line) implements Where {
    @Override
    public String words() {
      return (line > 0 ? "line " + line + ", " : "") + path;
    }
  }

  /// An ink on a fill, or beside another ink.
  ///
  /// @param ink the ink, as the style names it
  /// @param ground what it stands on, or the other ink
  record Inks(String ink, String ground) implements Where {
    @Override
    public String words() {
      return ink + " and " + ground;
    }
  }

  /// The page that the table is laid out on.
  record Page() implements Where {
    @Override
    public String words() {
      return "the page";
    }
  }

  /// A place of the table as it is arranged.
  ///
  /// @param place the place
  /// @param name what stands there, by its headings: "Winter, Fares"
  record Place(CellMeaning place, String name) implements Where {
    @Override
    public String words() {
      return name;
    }
  }

  /// A part that is not there.
  ///
  /// @param name its name
  record Part(String name) implements Where {
    @Override
    public String words() {
      return name;
    }
  }
}
