package app.finish.records.source;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.problem.Refusal;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// An address asks a database, and does nothing else.
public class AddressSettingsTest {
  @DataProvider
  public Object[] harmless() {
    return new Object[] {
      "jdbc:postgresql://server/base",
      "jdbc:postgresql://server:5432/base?sslmode=require&currentSchema=sound",
      "jdbc:postgresql://server/base?user=reader&ApplicationName=Finish",
      "jdbc:trino://server:8080/catalog/schema?SSL=true&source=finish",
      "jdbc:duckdb:/data/base.duckdb",
      "jdbc:duckdb:"
    };
  }

  @Test(dataProvider = "harmless")
  public void whatAsksTheDatabaseIsPassedOn(String url) {
    assertThat(Address.of("sound", url, "").url()).isEqualTo(url);
  }

  @DataProvider
  public Object[][] reaching() {
    return new Object[][] {
      {"jdbc:duckdb:/data/base.duckdb;session_init_sql_file=/tmp/x.sql", "session_init_sql_file"},
      {"jdbc:duckdb:base.duckdb?allow_unsigned_extensions=true", "allow_unsigned_extensions"},
      {"jdbc:postgresql://h/b?socketFactory=evil&sslmode=require", "socketFactory"},
      {"jdbc:postgresql://h/b?loggerFile=/tmp/x", "loggerFile"},
      {"jdbc:postgresql://h/b?options=-c%20x", "options"},
      {"jdbc:postgresql://h/b?sslmode=require;loggerLevel=TRACE", "loggerLevel"},
      {"jdbc:trino://h:8080?sessionProperties=a:b", "sessionProperties"},
      {"JDBC:duckdb:x".replace("JDBC", "jdbc") + "?;;threads = 4", "threads"}
    };
  }

  @Test(dataProvider = "reaching")
  public void whatCouldDoMoreIsRefusedByName(String url, String setting) {
    assertThatThrownBy(() -> Address.of("sound", url, ""))
        .isInstanceOf(Refusal.class)
        .hasMessageContaining("“" + setting + "”")
        .hasMessageContaining("Take it out");
  }

  @DataProvider
  public Object[] secrets() {
    return new Object[] {
      "jdbc:postgresql://h/b?password=low-tide",
      "jdbc:postgresql://h/b?sslpassword=low-tide",
      "jdbc:postgresql://h/b?sslmode=require&PWD=low-tide",
      "jdbc:trino://h:8080?accessToken=low-tide",
      "jdbc:trino://h:8080?api_key=low-tide",
      "jdbc:duckdb:x;secret=low-tide",
      "jdbc:postgresql://reader:low-tide@h/b"
    };
  }

  @Test(dataProvider = "secrets")
  public void aPasswordInAnAddressIsNotRepeated(String url) {
    assertThatThrownBy(() -> Address.of("sound", url, ""))
        .isInstanceOf(Refusal.class)
        .hasMessageContaining("There is a password in the address")
        .hasMessageNotContaining("low-tide");
  }
}
