package upshot.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.nio.file.Path;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The walls of the house: app → exchange → core → day and never back, and stages that leave each other alone. */
class ArchitectureTest {

    private static final JavaClasses CLASSES = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .withImportOption(location -> !location.contains("-tests.jar"))
            .importPackages("upshot");

    @Test
    void every_module_is_looked_at() {
        assertThat(CLASSES.containPackage("upshot.day")).isTrue();
        assertThat(CLASSES.containPackage("upshot.core.plan")).isTrue();
        assertThat(CLASSES.containPackage("upshot.exchange.json")).isTrue();
        assertThat(CLASSES.containPackage("upshot.app.job")).isTrue();
    }

    @Test
    void the_core_knows_java_itself_the_sun_and_shapes_on_a_floor() {
        classes()
                .that()
                .resideInAPackage("upshot.core..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "upshot.core..",
                        "upshot.day..",
                        "java.lang..",
                        "java.util..",
                        "java.math..",
                        "java.time..",
                        "org.shredzone.commons.suncalc..",
                        "org.locationtech.jts..")
                .check(CLASSES);
    }

    /** What must never lose footage is read in one sitting, and nobody else's code runs in it. */
    @Test
    void the_offload_knows_java_alone() {
        JavaClasses offload = new ClassFileImporter().importPath(Path.of("../offload/target/classes"));
        assertThat(offload.containPackage("upshot.offload")).isTrue();
        classes()
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage("upshot.offload..", "java..", "com.sun.nio.file..")
                .check(offload);
    }

    /** It is compiled for browsers too: no clock, no chance, no order of hashes, nothing that needs reflection. */
    @Test
    void the_day_knows_nothing_but_numbers() {
        classes()
                .that()
                .resideInAnyPackage("upshot.day", "upshot.day.log")
                .should()
                .onlyDependOnClassesThat(
                        DescribedPredicate.describe(
                                "are the day's own or plain Java",
                                one -> one.getPackageName().startsWith("upshot.day")
                                        || one.isPrimitive()
                                        || one.isArray()
                                        || one.getPackageName()
                                                .matches(
                                                        "java\\.util\\.(function|stream)|java\\.lang|java\\.lang\\.(invoke|runtime)")
                                        || one.getFullName()
                                                .matches(
                                                        "java\\.util\\.(\\w*List|Arrays|BitSet|Collection|Comparator|Iterator|Objects|Optional)")))
                .check(CLASSES);
        noClasses()
                .that()
                .resideInAnyPackage("upshot.day", "upshot.day.log")
                .should()
                .callMethodWhere(DescribedPredicate.describe(
                        "rounds differently elsewhere",
                        call -> call.getTargetOwner().isEquivalentTo(Math.class)
                                && call.getTarget().getName().matches("pow|exp|log.*|sin|cos|tan|random")))
                .check(CLASSES);
    }

    @Test
    void exchange_knows_the_core_and_libraries_of_formats() {
        classes()
                .that()
                .resideInAPackage("upshot.exchange..")
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "upshot.exchange..",
                        "upshot.core..",
                        "upshot.day..",
                        "java..",
                        "javax.imageio..",
                        "org.w3c.dom..",
                        "com.drew..",
                        "com.openhtmltopdf..",
                        "org.apache.batik..",
                        "org.jcodec..",
                        "tools.jackson..",
                        "org.apache.commons.csv..",
                        "net.fortuna.ical4j..")
                .check(CLASSES);
    }

    @ParameterizedTest
    @ValueSource(strings = {"brief", "coverage", "cut", "day", "handoff"})
    void a_stage_does_not_reach_into_another(String stage) {
        noClasses()
                .that()
                .resideInAPackage("upshot.app." + stage)
                .should()
                .dependOnClassesThat(DescribedPredicate.describe(
                        "another stage",
                        other -> other.getPackageName().matches("upshot\\.app\\.(brief|coverage|cut|day|handoff)")
                                && !other.getPackageName().equals("upshot.app." + stage)))
                .check(CLASSES);
    }

    @Test
    void only_the_store_and_accounts_touch_persistence() {
        noClasses()
                .that()
                .resideOutsideOfPackages("upshot.app.store", "upshot.app.account")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage("jakarta.persistence..", "org.hibernate..", "java.sql..")
                .check(CLASSES);
    }

    @ParameterizedTest
    @ValueSource(strings = {"app", "exchange", "core"})
    void the_packages_of_a_module_form_no_circle(String module) {
        slices().matching("upshot.%s.(*)..".formatted(module))
                .should()
                .beFreeOfCycles()
                .check(CLASSES);
    }

    /** It needs JUnit 6; see {@link InOneContext}. */
    @Test
    void no_test_asks_for_spring_s_own_extension() {
        JavaClasses tests = new ClassFileImporter()
                .withImportOption(new ImportOption.OnlyIncludeTests())
                .importPackages("upshot.app");
        noClasses()
                .should()
                .dependOnClassesThat()
                .haveFullyQualifiedName("org.springframework.test.context.junit.jupiter.SpringExtension")
                .check(tests);
        noClasses()
                .that()
                .doNotHaveFullyQualifiedName(InOneContext.class.getName() + "$Application")
                .should()
                .beMetaAnnotatedWith("org.springframework.test.context.BootstrapWith")
                .check(tests);
    }
}
