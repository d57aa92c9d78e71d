package app.finish.formats.finish;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import app.finish.core.note.OwnNote;
import app.finish.core.note.OwnNotes;
import app.finish.core.note.Tie;
import app.finish.core.note.Wording;
import app.finish.core.problem.Problem;
import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;

/// What a person wrote of notes and words is read as it was written, and damage is said.
public class NotesJsonTest {
  private static final ObjectMapper JSON = new ObjectMapper();

  private static final List<String> TEXTS =
      List.of(
          "",
          "Laid up in *winter*.",
          "{levels}",
          "a \"quoted\" › thing\\",
          "*p* < .05",
          "œ ü 中",
          "line\nbreak");

  private static JsonNode json(Object node) throws JsonProcessingException {
    return JSON.readTree(node.toString());
  }

  private static String text(Random random) {
    return TEXTS.get(random.nextInt(TEXTS.size()));
  }

  private static List<String> labels(Random random, int most) {
    List<String> labels = new ArrayList<>();
    for (int i = random.nextInt(most + 1); i > 0; i--) {
      labels.add(text(random) + i);
    }
    return labels;
  }

  private static Tie tie(Random random) {
    return switch (random.nextInt(4)) {
      case 0 -> new Tie.OfTitle();
      case 1 -> new Tie.OfStubHead(random.nextInt(3));
      case 2 -> new Tie.OfCell(List.of("Hale"), labels(random, 3));
      default -> new Tie.OfCell(labels(random, 3), List.of("Fares", text(random)));
    };
  }

  private static OwnNotes notes(Random random) {
    OwnNotes notes = OwnNotes.NONE;
    for (int i = random.nextInt(4); i > 0; i--) {
      OwnNote.Kind kind = OwnNote.Kind.values()[random.nextInt(OwnNote.Kind.values().length)];
      List<Tie> ties = new ArrayList<>();
      for (int tie = kind == OwnNote.Kind.SPECIFIC ? random.nextInt(4) : 0; tie > 0; tie--) {
        ties.add(tie(random));
      }
      notes = notes.with(new OwnNote(kind, text(random), ties));
    }
    for (int i = random.nextInt(3); i > 0; i--) {
      notes = notes.reworded("a. " + text(random) + i, text(random));
    }
    return notes;
  }

  @Test
  public void notesAreReadAsTheyWereWritten() throws Exception {
    for (int seed = 0; seed < 500; seed++) {
      OwnNotes notes = notes(new Random(seed));
      assertThat(NotesJson.read(json(NotesJson.write(notes)), "paper")).isEqualTo(notes);
    }
  }

  @DataProvider
  public Object[] damagedNotes() {
    return new Object[] {
      "{\"added\": [{\"kind\": \"gossip\", \"text\": \"x\"}]}",
      "{\"added\": [{\"text\": \"x\"}]}",
      "{\"added\": [\"x\"]}",
      "{\"added\": [{\"kind\": \"specific\", \"text\": \"x\", \"ties\": [{}]}]}",
      "{\"added\": [{\"kind\": \"specific\", \"text\": \"x\", \"ties\": [{\"part\": \"moon\"}]}]}",
      "{\"added\": [{\"kind\": \"specific\", \"ties\": [{\"down\": [], \"across\": []}]}]}"
    };
  }

  @Test(dataProvider = "damagedNotes")
  public void damagedNotesAreSaid(String text) {
    assertThatThrownBy(() -> NotesJson.read(json(text), "paper"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("paper");
  }

  @DataProvider
  public Object[][] oddNotes() {
    OwnNotes untied = OwnNotes.NONE.with(OwnNote.specific("", new Tie.OfStubHead(0)));
    return new Object[][] {
      {"{}", OwnNotes.NONE},
      {"[]", OwnNotes.NONE},
      {"{\"added\": {}, \"reworded\": []}", OwnNotes.NONE},
      {"{\"later\": true}", OwnNotes.NONE},
      {
        "{\"added\": [{\"kind\": \"specific\", \"ties\": [{\"part\": \"stubHead\", \"level\":"
            + " -4}]}]}",
        untied
      }
    };
  }

  @Test(dataProvider = "oddNotes")
  public void whatIsMissingIsNothing(String text, OwnNotes notes) throws Exception {
    assertThat(NotesJson.read(json(text), "paper")).isEqualTo(notes);
  }

  private static Wording wording(Random random) {
    List<String> numberings = List.of("{n}", "A{n}", "{chapter}.{n}", "S {n} of {chapter}");
    Wording wording = Wording.USUAL.withNumbering(numberings.get(random.nextInt(4)));
    for (int i = random.nextInt(3); i > 0; i--) {
      wording = wording.withChapter("t" + random.nextInt(9), true);
      wording = wording.withMeaning("OTP" + i, "on-time " + text(random) + "x");
    }
    List<Double> levels = new ArrayList<>();
    for (int i = random.nextInt(4); i > 0; i--) {
      levels.add(random.nextDouble() * 0.9 + 1e-4);
    }
    return wording.withLevels(levels);
  }

  @Test
  public void wordingIsReadAsItWasWritten() throws Exception {
    for (int seed = 0; seed < 500; seed++) {
      Wording wording = wording(new Random(seed));
      assertThat(WordingJson.read(json(WordingJson.write(wording)), "paper")).isEqualTo(wording);
    }
  }

  @DataProvider
  public Object[] damagedWordings() {
    return new Object[] {
      "{\"numbering\": \"A\"}",
      "{\"levels\": [0.05, 2]}",
      "{\"levels\": [\"star\"]}",
      "{\"levels\": [null]}",
      "{\"numbering\": \"\"}"
    };
  }

  @Test(dataProvider = "damagedWordings")
  public void aDamagedWordingIsSaid(String text) {
    assertThatThrownBy(() -> WordingJson.read(json(text), "paper"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("paper");
  }

  @Test
  public void aDocumentWithoutAWordingHasTheUsualOne() throws Exception {
    assertThat(WordingJson.read(json("{}").path("wording"), "paper")).isEqualTo(Wording.USUAL);
    assertThat(WordingJson.read(json("{}"), "paper").numbering()).isEqualTo("{n}");
  }
}
