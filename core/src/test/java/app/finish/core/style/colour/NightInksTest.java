package app.finish.core.style.colour;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Random;
import org.testng.annotations.Test;

public class NightInksTest {
  /// What can be read on the light paper can be read on the dark one, whatever the inks are.
  @Test
  public void whatIsReadByDayIsReadByNight() {
    Random random = new Random(7);
    for (int i = 0; i < 60; i++) {
      Palette day = Palette.PLAIN.with("paper", light(random));
      for (String role : new String[] {"ink", "accent", "soft", "mist", "good", "bad"}) {
        day = day.with(role, new Colour(random.nextInt(0x1000000)));
      }
      Palette night = NightInks.of(day);
      assertThat(NightInks.isDark(night)).isTrue();
      assertThat(night.roles().keySet()).isEqualTo(day.roles().keySet());
      for (String role : day.roles().keySet()) {
        double before = Light.contrast(day.colour(role), day.colour("paper"));
        double after = Light.contrast(night.colour(role), night.colour("paper"));
        if (before >= 3) {
          assertThat(after).as(role).isGreaterThanOrEqualTo(Math.min(4.5, before));
        }
      }
    }
  }

  private static Colour light(Random random) {
    int grey = 0xe8 + random.nextInt(0x18);
    return new Colour(grey << 16 | grey << 8 | 0xe0 + random.nextInt(0x20));
  }

  @Test
  public void darkPaperStaysWhatItIs() {
    Palette dark = Palette.PLAIN.with("paper", Colour.parse("#10141a"));
    assertThat(NightInks.of(dark)).isEqualTo(dark);
  }
}
