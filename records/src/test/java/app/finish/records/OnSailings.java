package app.finish.records;

import app.finish.core.tally.Reading;
import app.finish.records.source.RecordFile;
import app.finish.records.source.Records;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import org.testng.annotations.AfterClass;
import org.testng.annotations.BeforeClass;

/// Tests on sailings that are read from a file.
abstract class OnSailings {
  final List<Sailing> sailings;
  Records records;
  private Path file;

  OnSailings(List<Sailing> sailings) {
    this.sailings = sailings;
  }

  @BeforeClass
  public void read() throws IOException {
    file = Files.createTempFile("sailings", ".csv");
    Files.writeString(file, Sailing.csv(sailings));
    records = RecordFile.open(file, Reading.PLAIN, DatabaseQuery.SILENT);
  }

  @AfterClass
  public void close() throws IOException {
    records.close();
    Files.delete(file);
  }
}
