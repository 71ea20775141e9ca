package hopsel.web;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import com.tngtech.archunit.library.dependencies.SlicesRuleDefinition;

/** Arrows point one way: web → formats → core; and the checker knows nothing of the planner's inside. */
@AnalyzeClasses(packages = "hopsel", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {

    @ArchTest
    static final ArchRule THE_CORE_STANDS_ALONE = noClasses()
            .that()
            .resideInAPackage("hopsel.core..")
            .should()
            .dependOnClassesThat()
            .resideOutsideOfPackages(
                    "hopsel.core..",
                    "java.lang..",
                    "java.util..",
                    "java.math..",
                    "java.time..",
                    "java.text..",
                    // Read by the compiler alone: what they ask for is generated or checked when it builds.
                    "io.soabase.recordbuilder..",
                    "org.jspecify..",
                    "org.jgrapht..",
                    "org.ojalgo..");

    @ArchTest
    static final ArchRule THE_CORE_HAS_NO_CLOCK = noClasses()
            .that()
            .resideInAPackage("hopsel.core..")
            .should()
            .callMethod(java.time.LocalDateTime.class, "now")
            .orShould()
            .callMethod(java.time.Instant.class, "now")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    /** Packages stand on each other like the rungs of a ladder, in every module. */
    @ArchTest
    static final ArchRule NO_KNOTS =
            SlicesRuleDefinition.slices().matching("hopsel.(**)").should().beFreeOfCycles();

    /** A kind of what? */
    @ArchTest
    static final ArchRule NAMES_SAY_WHAT =
            noClasses().should().haveSimpleName("Kind").orShould().haveSimpleName("Helper");

    @ArchTest
    static final ArchRule FORMATS_KNOW_NO_WEB = noClasses()
            .that()
            .resideInAPackage("hopsel.formats..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("hopsel.web..", "org.springframework..");

    @ArchTest
    static final ArchRule THE_CHECKER_SHARES_NOTHING = noClasses()
            .that()
            .resideInAPackage("hopsel.core.verify..")
            .should()
            .dependOnClassesThat()
            .haveSimpleName("Planner")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Ancestry")
            .orShould()
            .dependOnClassesThat()
            .haveSimpleName("Network");
}
