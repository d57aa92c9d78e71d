package app.finish.records.sql;

import static org.assertj.core.api.Assertions.assertThat;

import java.sql.SQLException;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// A complaint of a database is taken for what it is, whatever digits stand in it.
public class SqlProblemsTest {
  @DataProvider
  public Object[][] complaints() {
    return new Object[][] {
      {"Connection to localhost:44011 refused.", "08001", "does not answer"},
      {"Connection to localhost:401 refused.", "08001", "does not answer"},
      {"Error starting query: JsonResponse{statusCode=401, body=}", "", "name and password"},
      {"Authentication failed: Unauthorized", "", "name and password"},
      {"password is wrong", "28P01", "name and password"},
      {"terminating connection due to administrator command", "57P01", "does not answer"},
      {"relation \"sailings401\" is locked", "55P03", "says: relation"},
    };
  }

  @Test(dataProvider = "complaints")
  public void aComplaintGetsItsSentence(String complaint, String state, String said) {
    assertThat(SqlProblems.of(new SQLException(complaint, state), "sailings"))
        .hasMessageContaining(said);
  }
}
