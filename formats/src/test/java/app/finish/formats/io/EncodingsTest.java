package app.finish.formats.io;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.Charset;
import java.nio.file.Files;
import java.nio.file.Path;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// Text is read in the encoding that it was written in, though nothing tells it.
public class EncodingsTest {
  private static final String RUSSIAN =
      "Маршрут;Пассажиры;Выручка\nОстров Северный;412;1040,50\nОстров Южный;388;970,25\n"
          + "Всего перевезено за сезон;800;2010,75\n";
  private static final String JAPANESE =
      "航路,旅客数,収入\n北の島,412,1040\n南の島,388,970\n夏の合計はこちらです,800,2010\n";
  private static final String GREEK =
      "Δρομολόγιο;Επιβάτες\nΒόρειο νησί;412\nΝότιο νησί;388\nΣύνολο της περιόδου;800\n";
  private static final String GERMAN =
      "Straße;Fahrgäste;Erlös\nÜberfahrt Süd;412;1040,50\nFähre Größe;388;970,25\n";

  @DataProvider
  public Object[][] written() {
    return new Object[][] {
      {RUSSIAN, "windows-1251"},
      {RUSSIAN, "KOI8-R"},
      {RUSSIAN, "UTF-8"},
      {JAPANESE, "Shift_JIS"},
      {JAPANESE, "EUC-JP"},
      {JAPANESE, "UTF-8"},
      {GREEK, "windows-1253"},
      {GERMAN, "windows-1252"},
      {GERMAN, "UTF-8"},
      {GERMAN, "UTF-16LE"},
    };
  }

  @Test(dataProvider = "written")
  public void isReadAsItWasWritten(String text, String charset) throws IOException {
    Path file = Files.createTempFile("encoding", ".csv");
    String marked = charset.equals("UTF-16LE") ? "\uFEFF" + text : text;
    Files.write(file, marked.getBytes(Charset.forName(charset)));
    assertThat(TextFile.read(file, ReadRequest.PLAIN)).isEqualTo(text);
  }
}
