package looseknit.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.fields;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.methods;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchCondition;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.lang.ConditionEvents;
import com.tngtech.archunit.lang.SimpleConditionEvent;
import jakarta.persistence.Entity;
import org.springframework.web.bind.annotation.RestController;

@AnalyzeClasses(packages = "looseknit.server", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule oneJackson = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAPackage("com.fasterxml.jackson.databind..")
            .because("Jackson 3 writes the JSON; its predecessor only comes along with the OpenAPI document");

    @ArchTest
    static final ArchRule noFormula = noClasses()
            .should()
            .dependOnClassesThat()
            .resideInAPackage("org.hipparchus..")
            .orShould()
            .callMethod(Math.class, "exp", double.class)
            .orShould()
            .callMethod(Math.class, "pow", double.class, double.class)
            .because("all computation is done in the core");

    @ArchTest
    static final ArchRule noCircles =
            slices().matching("looseknit.server.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule entitiesStayBehindTheControllers = classes()
            .that()
            .areAnnotatedWith(RestController.class)
            .should()
            .haveSimpleNameEndingWith("Controller")
            .andShould()
            .notBePublic();

    @ArchTest
    static final ArchRule entitiesAreNotAnswered = methods()
            .that()
            .areDeclaredInClassesThat()
            .areAnnotatedWith(RestController.class)
            .should(new ArchCondition<>("not answer with an entity") {
                @Override
                public void check(final JavaMethod method, final ConditionEvents events) {
                    method.getReturnType().getAllInvolvedRawTypes().stream()
                            .filter(type -> type.isAnnotatedWith(Entity.class))
                            .forEach(type -> events.add(SimpleConditionEvent.violated(
                                    method, "%s answers with %s".formatted(method.getFullName(), type.getName()))));
                }
            });

    @ArchTest
    static final ArchRule entitiesDoNotTravel = noClasses()
            .that()
            .areRecords()
            .and()
            .haveSimpleNameEndingWith("Body")
            .should()
            .dependOnClassesThat(new DescribedPredicate<>("is stored in a shape of its own") {
                @Override
                public boolean test(final JavaClass type) {
                    return type.getSimpleName().startsWith("Stored") && type.isRecord();
                }
            });

    @ArchTest
    static final ArchRule storedShapesKnowNothingOfTheStore = noClasses()
            .that()
            .haveSimpleNameEndingWith("Body")
            .should()
            .dependOnClassesThat()
            .resideInAPackage("jakarta.persistence..")
            .because("what travels is not what is stored");

    @ArchTest
    static final ArchRule injectedByConstructor = fields().that()
            .areDeclaredInClassesThat()
            .areNotAnnotatedWith(Entity.class)
            .should()
            .notBeAnnotatedWith("org.springframework.beans.factory.annotation.Autowired");
}
