package hopsel.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** Arrows point one way: web → formats → core; and the checker knows nothing of the planner's inside. */
@AnalyzeClasses(packages = "hopsel", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule THE_CORE_STANDS_ALONE = noClasses().that().resideInAPackage("hopsel.core..")
            .should().dependOnClassesThat().resideOutsideOfPackages("hopsel.core..", "java.lang..", "java.util..", "java.math..", "java.time..", "java.text..");

    @ArchTest
    static final ArchRule THE_CORE_HAS_NO_CLOCK = noClasses().that().resideInAPackage("hopsel.core..")
            .should().callMethod(java.time.LocalDateTime.class, "now").orShould().callMethod(java.time.Instant.class, "now")
            .orShould().callMethod(System.class, "nanoTime").orShould().callMethod(System.class, "currentTimeMillis");

    @ArchTest
    static final ArchRule FORMATS_KNOW_NO_WEB = noClasses().that().resideInAPackage("hopsel.formats..")
            .should().dependOnClassesThat().resideInAnyPackage("hopsel.web..", "org.springframework..");

    @ArchTest
    static final ArchRule THE_CHECKER_SHARES_NOTHING = noClasses().that().resideInAPackage("hopsel.core.verify..")
            .should().dependOnClassesThat().haveSimpleName("Planner").orShould().dependOnClassesThat().haveSimpleName("Ancestry")
            .orShould().dependOnClassesThat().haveSimpleName("Network");
}
