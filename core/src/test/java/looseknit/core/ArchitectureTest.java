package looseknit.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

@AnalyzeClasses(packages = "looseknit.core", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

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
                    "org.yaml..")
            .because("the core is free of frameworks, JSON and HTTP");

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("looseknit.core.(*)..").should().beFreeOfCycles();
}
