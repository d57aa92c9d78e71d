package app.finish.desktop;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
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
    noClasses()
        .that()
        .resideInAnyPackage("app.finish.core..", "app.finish.formats..", "app.finish.desktop..")
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
      "grid",
      "number",
      "table",
      "words",
      "tally",
      "arrange",
      "recognise",
      "style",
      "dress",
      "layout",
      "document"
    };
    for (int i = 0; i < order.length; i++) {
      for (int later = i + 1; later < order.length; later++) {
        noClasses()
            .that()
            .resideInAPackage("app.finish.core." + order[i])
            .should()
            .dependOnClassesThat()
            .resideInAPackage("app.finish.core." + order[later])
            .check(classes);
      }
    }
    slices().matching("app.finish.core.(*)..").should().beFreeOfCycles().check(classes);
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
                        .anyMatch(method -> method.getName().matches("set[A-Z].*"));
                  }
                }))
        .check(classes);
  }
}
