package app.finish.desktop;

import static com.tngtech.archunit.core.domain.JavaAccess.Predicates.target;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.resideInAPackage;
import static com.tngtech.archunit.core.domain.JavaClass.Predicates.type;
import static com.tngtech.archunit.core.domain.properties.HasName.Predicates.nameMatching;
import static com.tngtech.archunit.core.domain.properties.HasOwner.Predicates.With.owner;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import app.finish.core.document.Document;
import app.finish.desktop.model.Desk;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.testng.annotations.Test;

/// The rule between modules and the direction in which data flows.
public class ArchitectureTest {
  private final JavaClasses classes =
      new ClassFileImporter()
          .withImportOption(new ImportOption.DoNotIncludeTests())
          .importPackages("app.finish");

  @Test
  public void coreKnowsOnlyItselfAndTheLanguage() {
    classes()
        .that()
        .resideInAPackage("app.finish.core..")
        .should()
        .onlyDependOnClassesThat()
        .resideInAnyPackage(
            "app.finish.core..",
            "org.apache.commons.statistics.distribution..",
            "java.lang..",
            "java.util..",
            "java.math..",
            "java.text..",
            "java.time..",
            "java.io..",
            "java.nio..")
        .check(classes);
  }

  @Test
  public void nothingKnowsTheWindowOrTheCommandLine() {
    noClasses()
        .that()
        .resideOutsideOfPackages("app.finish.desktop..", "app.finish.bench..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("app.finish.desktop..")
        .check(classes);
    assertThat(classes.contain("app.finish.cli.Main")).isTrue();
    noClasses()
        .that()
        .resideOutsideOfPackage("app.finish.cli..")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("app.finish.cli..")
        .check(classes);
  }

  @Test
  public void formatsKnowNoToolkit() {
    noClasses()
        .that()
        .resideInAPackage("app.finish.formats..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "atlantafx..")
        .check(classes);
  }

  @Test
  public void stagesKnowOnlyTheStagesBeforeThem() {
    String[] order = {
      "problem",
      "words",
      "grid",
      "number",
      "table",
      "tally",
      "arrange",
      "recognise",
      "note",
      "style",
      "highlight",
      "dress",
      "layout",
      "document",
      "check"
    };
    for (int i = 0; i < order.length; i++) {
      for (int later = i + 1; later < order.length; later++) {
        noClasses()
            .that()
            .resideInAPackage("app.finish.core." + order[i] + "..")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("app.finish.core." + order[later] + "..")
            .check(classes);
      }
    }
    slices().matching("app.finish.core.(*)..").should().beFreeOfCycles().check(classes);
  }

  /// Every package is a room of its own: what it opens on does not open on it.
  @Test
  public void noPackagesKnowEachOther() {
    slices().matching("app.finish.(**)").should().beFreeOfCycles().check(classes);
  }

  @Test
  public void recordsAndExpressionsKnowNoToolkit() {
    noClasses()
        .that()
        .resideInAnyPackage("app.finish.records..", "app.finish.expressions..", "app.finish.cli..")
        .should()
        .dependOnClassesThat()
        .resideInAnyPackage("javafx..", "atlantafx..")
        .check(classes);
  }

  /// From the top floor down, none knows one above it.
  @Test
  public void floorsKnowOnlyThoseBelow() {
    String[][] floors = {
      {""},
      {".shell"},
      {".bringin", ".arrange", ".dress", ".highlight", ".check", ".sendout"},
      {".tally", ".proof"},
      {".model"},
      {".kit"}
    };
    for (int floor = 0; floor < floors.length; floor++) {
      for (int above = 0; above < floor; above++) {
        for (String room : floors[floor]) {
          for (String other : floors[above]) {
            noClasses()
                .that()
                .resideInAPackage("app.finish.desktop" + room)
                .should()
                .dependOnClassesThat()
                .resideInAPackage("app.finish.desktop" + other)
                .check(classes);
          }
        }
      }
    }
  }

  @Test
  public void theViewModelKnowsNoNodes() {
    noClasses()
        .that()
        .resideInAPackage("app.finish.desktop.model")
        .should()
        .dependOnClassesThat()
        .resideInAPackage("javafx.scene..")
        .check(classes);
  }

  private static final String[] VIEWS = {
    "app.finish.desktop.shell..",
    "app.finish.desktop.bringin..",
    "app.finish.desktop.arrange..",
    "app.finish.desktop.dress..",
    "app.finish.desktop.highlight..",
    "app.finish.desktop.check..",
    "app.finish.desktop.sendout..",
    "app.finish.desktop.tally..",
    "app.finish.desktop.proof.."
  };

  /// A view says what is wanted; the view model makes the move.
  @Test
  public void viewsMakeNoMoves() {
    noClasses()
        .that()
        .resideInAnyPackage(VIEWS)
        .should()
        .callConstructorWhere(
            target(owner(resideInAPackage("app.finish.core.arrange.make"))).as("a move is made"))
        .check(classes);
  }

  @Test
  public void viewsChangeNoDocument() {
    noClasses()
        .that()
        .resideInAnyPackage(VIEWS)
        .should()
        .callMethodWhere(
            target(owner(type(Document.class)))
                .and(target(nameMatching("with.*")))
                .as("a document is changed"))
        .orShould()
        .callMethod(Desk.class, "change", String.class, Document.class)
        .check(classes);
  }

  /// A reader or writer knows what all stand on, and no other format.
  @Test
  public void formatsDoNotKnowEachOther() {
    String[] kinds = {
      "data", "docx", "html", "json", "pdf", "spreadsheet", "svg", "text", "typeset"
    };
    for (String kind : kinds) {
      for (String other : kinds) {
        if (!kind.equals(other)) {
          noClasses()
              .that()
              .resideInAPackage("app.finish.formats." + kind)
              .should()
              .dependOnClassesThat()
              .resideInAPackage("app.finish.formats." + other)
              .check(classes);
        }
      }
    }
  }

  @Test
  public void nothingIsCalledAHelper() {
    noClasses().should().haveNameMatching(".*(Util|Utils|Helper|Manager)").check(classes);
  }

  @Test
  public void publicTypesOfCoreHaveNoSetters() {
    noClasses()
        .that()
        .resideInAPackage("app.finish.core..")
        .and()
        .arePublic()
        .should(
            com.tngtech.archunit.lang.conditions.ArchConditions.have(
                new com.tngtech.archunit.base.DescribedPredicate<>("setters") {
                  @Override
                  public boolean test(com.tngtech.archunit.core.domain.JavaClass type) {
                    return type.getMethods().stream()
                        .filter(method -> !method.getModifiers().contains(JavaModifier.PRIVATE))
                        .anyMatch(method -> method.getName().matches("set[A-Z].*"));
                  }
                }))
        .check(classes);
  }
}
