package app.finish.core.tally;

/// Where records are to be found. It holds no secret.
public sealed interface RecordsName {
  /// What a person calls them.
  String label();

  /// A file.
  ///
  /// @param path its path
  /// @param reading what was decided about its reading
  record File(String path, Reading reading) implements RecordsName {
    @Override
    public String label() {
      return path.substring(Math.max(path.lastIndexOf('/'), path.lastIndexOf('\\')) + 1);
    }
  }

  /// A file that ships with Finish.
  ///
  /// @param name its name
  record Sample(String name) implements RecordsName {
    @Override
    public String label() {
      return name;
    }
  }

  /// A table in a database.
  ///
  /// @param connection the name of the connection, under which the address is kept elsewhere
  /// @param table the table, with its schema if it needs one
  record Stored(String connection, String table) implements RecordsName {
    @Override
    public String label() {
      return connection + ", " + table;
    }
  }
}
