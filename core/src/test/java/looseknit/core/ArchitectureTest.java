package looseknit.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Wording;

@AnalyzeClasses(packages = "looseknit.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    /** The rooms from the ground up: each uses only those before it. */
    private static final List<String> ROOMS = List.of(
            "message",
            "measure",
            "name",
            "material",
            "blend",
            "written",
            "pot",
            "dry",
            "need",
            "assay",
            "device",
            "batch",
            "care",
            "outcome",
            "caution",
            "shelf",
            "reading",
            "planting",
            "change",
            "sheet",
            "outlook",
            "trouble",
            "bench",
            "find");

    @ArchTest
    static final ArchRule plainJava = classes()
            .should()
            .onlyDependOnClassesThat()
            .resideInAnyPackage(
                    "looseknit.core..",
                    "java..",
                    "org.hipparchus..",
                    "org.apache.commons..",
                    "org.jspecify..",
                    "org.yaml..",
                    "com.ibm.icu..")
            .because("the core is free of frameworks, JSON and HTTP");

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("looseknit.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule rulesDoNotSpeak = noClasses()
            .that()
            .doNotHaveFullyQualifiedName(OutOfRangeException.class.getName())
            .and()
            .resideOutsideOfPackage("looseknit.core.message")
            .should()
            .dependOnClassesThat()
            .haveFullyQualifiedName(Wording.class.getName())
            .orShould()
            .dependOnClassesThat()
            .resideInAPackage("com.ibm.icu..")
            .because("rules return messages; whoever answers people puts them into words");

    /** Every room is in the list, and uses only those before it. */
    @ArchTest
    static void roomsStandOnOneAnother(final JavaClasses all) {
        classes()
                .should()
                .resideInAnyPackage(
                        ROOMS.stream().map(room -> "looseknit.core." + room).toArray(String[]::new))
                .check(all);
        for (int i = 0; i < ROOMS.size(); i++) {
            final String[] above = ROOMS.subList(i + 1, ROOMS.size()).stream()
                    .map(room -> "looseknit.core." + room)
                    .toArray(String[]::new);
            if (above.length > 0) {
                noClasses()
                        .that()
                        .resideInAPackage("looseknit.core." + ROOMS.get(i))
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(above)
                        .check(all);
            }
        }
    }
}
