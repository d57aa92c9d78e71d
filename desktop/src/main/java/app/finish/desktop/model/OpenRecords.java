package app.finish.desktop.model;

import app.finish.core.problem.Problem;
import app.finish.core.tally.RecordsName;
import app.finish.records.RecordSamples;
import app.finish.records.source.Address;
import app.finish.records.source.Database;
import app.finish.records.source.RecordFile;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.io.InterruptedIOException;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/// The records that are open, by where they are. They are opened when they are first needed, also
/// for a document that was saved long ago. It may be asked from any thread.
///
/// Addresses and secrets of databases are kept here only while the window is open.
public final class OpenRecords {
  private final Map<RecordsName, Records> open = new HashMap<>();
  private final Map<String, Address> addresses = new HashMap<>();
  private final Map<String, char[]> secrets = new HashMap<>();
  private boolean closed;

  /// The records, opened if they were not.
  ///
  /// @throws Problem if they are not to be found, in words for the person
  synchronized Records of(RecordsName name, DatabaseQuery asking) throws IOException {
    Records known = open.get(name);
    if (known != null) {
      return known;
    }
    Records fresh =
        switch (name) {
          case RecordsName.File file ->
              RecordFile.open(Path.of(file.path()), file.reading(), asking);
          case RecordsName.Sample sample -> RecordSamples.open(sample, asking);
          case RecordsName.Stored stored -> connect(stored, asking);
        };
    if (closed) {
      fresh.close();
      throw new InterruptedIOException("the window was closed");
    }
    open.put(name, fresh);
    return fresh;
  }

  private Records connect(RecordsName.Stored stored, DatabaseQuery asking) throws IOException {
    Address address = addresses.get(stored.connection());
    if (address == null) {
      throw new Problem(
          "This window does not know where “"
              + stored.connection()
              + "” is. Connect to it under that name, and count again.");
    }
    char[] secret =
        Optional.ofNullable(secrets.get(stored.connection()))
            .or(address::secretFromEnvironment)
            .orElse(new char[0]);
    return Database.open(address, secret, stored.table(), asking);
  }

  /// The records, if they are open.
  synchronized Optional<Records> known(RecordsName name) {
    return Optional.ofNullable(open.get(name));
  }

  /// Remembers, while the window is open, where a database is and the secret for it.
  public synchronized void remember(Address address, char[] secret) {
    addresses.put(address.name(), address);
    secrets.put(address.name(), secret.clone());
    open.keySet()
        .removeIf(
            name ->
                name instanceof RecordsName.Stored stored
                    && stored.connection().equals(address.name()));
  }

  /// Lets go of all records.
  public synchronized void close() {
    closed = true;
    open.values().forEach(Records::close);
    open.clear();
  }
}
