package app.finish.records.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Problem;
import app.finish.records.sql.DatabaseQuery;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import org.testng.annotations.BeforeClass;
import org.testng.annotations.Test;

/// A database file that somebody sent opens itself and nothing else.
public class LockedDatabaseTest {
  private Path base;

  @BeforeClass
  public void make() throws Exception {
    Path folder = Files.createTempDirectory("finish-duck");
    Path secret = Files.writeString(folder.resolve("private.csv"), "Name,Salary\nVera,100\n");
    base = folder.resolve("base.duckdb");
    try (Connection connection = DriverManager.getConnection("jdbc:duckdb:" + base);
        Statement statement = connection.createStatement()) {
      statement.execute("CREATE TABLE sailings (route VARCHAR, fares DOUBLE)");
      statement.execute("INSERT INTO sailings VALUES ('Hale', 1.5), ('Orrin', 2.5)");
      statement.execute("CREATE VIEW routes AS SELECT route, fares FROM sailings");
      statement.execute("CREATE VIEW peek AS SELECT * FROM read_csv('" + secret + "')");
    }
  }

  private Records open(String table) throws IOException {
    return Database.open(
        Address.of("sound", "jdbc:duckdb:" + base, ""), new char[0], table, DatabaseQuery.SILENT);
  }

  @Test
  public void itsOwnTablesAndViewsAreRead() throws IOException {
    for (String name : new String[] {"sailings", "routes"}) {
      try (Records records = open(name)) {
        assertThat(records.count()).isEqualTo(2);
      }
    }
  }

  @Test
  public void aViewOfAnotherFileIsRefusedInASentence() {
    assertThatThrownBy(() -> open("peek").close())
        .isInstanceOf(Problem.class)
        .hasMessageNotContaining("Vera")
        .hasMessageNotContaining("Exception");
  }
}
