package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.springframework.jdbc.core.JdbcTemplate;

import java.net.URI;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Base64;
import java.util.List;
import java.util.Map;
import java.util.UUID;

import javax.sql.DataSource;

/**
 * What is said of the house once holds everywhere; who works here may do what their role says; nothing goes for good at
 * once.
 */
class HouseBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();
    private static final Map<String, String> OWN =
            Map.of("hours", "TWELVE", "degrees", "FAHRENHEIT", "dates", "MONTH_FIRST");

    private final Page host = APP.signedIn("host");

    private void choose(Map<String, String> figures, String currency) {
        host.navigate("/house");
        figures.forEach((field, value) -> host.selectOption("select[name=%s]".formatted(field), value));
        host.fill("[name=currency]", currency);
        host.click(".office-form > button");
        assertThat(host.locator(".told")).hasText("Saved.");
    }

    @Test
    void aHouseWritesItsFiguresItsOwnWayOnEveryPage() {
        try {
            choose(OWN, "USD");
            host.navigate("/classes/1/plan");
            assertThat(host.locator(".class-head .when")).containsText("March 12, 2027");
            assertThat(host.locator(".class-head .when")).containsText("6:30 pm");
            assertThat(host.locator("table.run")).containsText("350 °F");
            assertThat(host.locator("table.run")).not().containsText("°C");
            host.navigate("/classes/1/shopping");
            assertThat(host.locator("main")).containsText("US$");
            host.navigate("/classes/1/air/host");
            assertThat(host.locator("[data-next] strong").first()).containsText("m");
        } finally {
            choose(Map.of("hours", "TWENTY_FOUR", "degrees", "CELSIUS", "dates", "DAY_FIRST"), "EUR");
        }
    }

    @Test
    void whatIsWrongStandsAtItsFieldAndNothingTypedIsLost() {
        host.navigate("/house");
        host.fill("[name=name]", "The other quay");
        host.fill("[name=currency]", "shells");
        host.evaluate("() => document.querySelector('[name=currency]').value = 'SHELLS'");
        host.click(".office-form > button");
        assertThat(host.locator("#wrong")).containsText("which isn't a currency");
        assertThat(host.locator("[name=currency]")).hasAttribute("aria-invalid", "true");
        assertThat(host.locator("[name=name]")).hasValue("The other quay");
        host.navigate("/house");
        assertThat(host.locator("[name=name]")).not().hasValue("The other quay");
    }

    /** Somebody who came by an invitation. */
    private Page invited(String role) {
        String login = "somebody-" + UUID.randomUUID().toString().substring(0, 8);
        host.navigate("/house/staff");
        host.fill("form.office-card [name=name]", login);
        host.selectOption("form.office-card [name=role]", role);
        host.click("form.office-card button");
        String link = URI.create(host.inputValue(".link-once")).getPath();
        Page page = APP.visitor();
        page.navigate(link);
        page.fill("#login", login);
        page.fill("#password", "salt and harbour");
        page.fill("#again", "salt and harbour");
        page.click("button[type=submit]");
        assertThat(page.locator("[role=status]")).containsText("Sign in now");
        Page late = APP.visitor();
        late.navigate(link);
        assertThat(late.locator("h1")).hasText("This link no longer works");
        late.context().close();
        page.fill("#username", login);
        page.fill("#password", "salt and harbour");
        page.click("button[type=submit]");
        page.waitForURL("**/classes**");
        return page;
    }

    private int press(Page page, String path, String fields) {
        return (int) page.evaluate(
                """
                async ([path, fields]) => {
                  const csrf = document.querySelector('input[name=_csrf]').value;
                  const body = new URLSearchParams(fields);
                  body.set('_csrf', csrf);
                  return (await fetch(path, { method: 'POST', body })).status;
                }""",
                List.of(path, fields));
    }

    @ParameterizedTest
    @CsvSource({
        "ASSISTANT, 200, 200, 403",
        "PACKER, 200, 403, 403",
        "REVIEWER, 403, 403, 403",
        "VIEWER, 403, 403, 403",
    })
    void everyRoleMayDoItsOwnAndNothingElse(String role, int packs, int presses, int changes) {
        Page page = invited(role);
        long id = 2;
        for (String path : List.of("", "/shopping", "/packing", "/handouts")) {
            assertThat(page.navigate("/classes/%d%s".formatted(id, path)).status())
                    .as(path)
                    .isEqualTo(200);
        }
        for (String path : List.of("/house/staff", "/reports", "/classes/2/people")) {
            assertThat(page.navigate(path).status()).as(path).isEqualTo(403);
        }
        page.navigate("/classes");
        assertThat(press(page, "/classes/%d/packing/station/1".formatted(id), "kind=CLEAN"))
                .as("packing")
                .isEqualTo(packs);
        assertThat(press(
                        page,
                        "/classes/%d/air/events?run=0&screen=HOST".formatted(id),
                        "event={\"kind\":\"note\",\"text\":\"x\"}&ago=0&client=" + UUID.randomUUID()))
                .as("the desk")
                .isEqualTo(presses);
        assertThat(press(page, "/classes/%d/remove".formatted(id), "version=1"))
                .as("changing a class")
                .isEqualTo(changes);
        assertThat(press(page, "/house", "name=mine")).as("the house").isEqualTo(403);
        page.context().close();
    }

    @Test
    void whoSignedInTooLongAgoSignsInAgainHoweverBusy() {
        Page page = APP.signedInAt(APP.address, "host");
        page.navigate("/classes");
        assertThat(page.url()).endsWith("/classes");
        String cookie = page.context().cookies().stream()
                .filter(own -> own.name.equals("SESSION"))
                .map(own -> own.value)
                .findFirst()
                .orElseThrow();
        String id = new String(Base64.getDecoder().decode(cookie), StandardCharsets.UTF_8);
        int aged = new JdbcTemplate(APP.context.getBean(DataSource.class))
                .update(
                        "update SPRING_SESSION set CREATION_TIME = CREATION_TIME - ? where SESSION_ID = ?",
                        Duration.ofHours(19).toMillis(),
                        id);
        assertThat(aged).isEqualTo(1);
        page.navigate("/classes");
        assertThat(page.url()).contains("/sign-in");
        page.context().close();
    }

    @Test
    void theLastHostStaysAndWhoIsSwitchedOffIsOutAtOnce() {
        Page page = invited("VIEWER");
        String login = page.locator(".who a").textContent();
        host.navigate("/house/staff");
        Locator card = host.locator("section.office-card").filter(new Locator.FilterOptions().setHasText(login));
        card.locator("[name=active]").uncheck();
        card.locator("button.quiet").click();
        assertThat(host.locator(".told")).containsText("can no longer sign in");
        page.navigate("/classes");
        assertThat(page.locator("#username")).isVisible();
        page.context().close();
        Locator own = host.locator("form[action$='/house/staff/host/role']");
        own.locator("[name=role]").selectOption("VIEWER");
        own.locator("button").click();
        assertThat(host.locator(".told.warned")).containsText("the only host");
    }

    @Test
    void aClassIsHeldAgainDeletedAndBroughtBackWhole() {
        long id = APP.copyOf(2);
        host.navigate("/classes/" + id);
        host.fill("[name=day]", "2027-04-02");
        host.click("#again button");
        assertThat(host.locator(".class-head .when")).containsText("Friday 2 April 2027");
        host.navigate("/classes/" + id);
        host.click("details.remove summary");
        host.click("details.remove button");
        assertThat(host.navigate("/classes/" + id).status()).isEqualTo(404);
        host.navigate("/classes");
        host.locator("details.deleted summary").click();
        host.locator("form[action$='/classes/%d/bring-back'] button".formatted(id))
                .click();
        assertThat(host.locator(".told")).hasText("The class is back.");
        host.navigate("/classes/%d/people".formatted(id));
        assertThat(host.locator("main")).containsText("Kasim Doyle");
    }

    @Test
    void aCourseHasOneGroupOfGuestsAndOneShoppingList() {
        long id = APP.copyOf(2);
        host.navigate("/classes/" + id);
        host.fill("#again [name=day]", "2027-04-01");
        host.fill("#again [name=times]", "some");
        host.check("#again [name=guests]");
        host.click("#again button");
        assertThat(host.locator("#wrong-again")).containsText("isn't a number");
        assertThat(host.locator("#again [name=day]")).hasValue("2027-04-01");
        assertThat(host.locator("#again [name=guests]")).isChecked();
        host.fill("#again [name=times]", "2");
        host.fill("#again [name=every]", "14");
        host.click("#again button");
        Locator evenings = host.locator("section[aria-labelledby=course] li");
        assertThat(evenings).hasCount(3);
        assertThat(evenings.last()).containsText("15 April 2027");
        assertThat(evenings.last()).containsText("8 guests");
        host.click("text=One shopping list for all of it");
        assertThat(host.locator("main")).containsText("Flat rice noodles");
        host.goBack();
        evenings.last().locator("a").click();
        host.navigate(host.url() + "/people");
        assertThat(host.locator("main")).containsText("Kasim Doyle");
    }

    @Test
    void aKitchenIsKeptOnceAndOfferedToClassesToCome() {
        long id = APP.copyOf(4);
        String name = "Boathouse " + id;
        host.navigate("/classes/%d/set-up".formatted(id));
        host.fill(".held-in [name=name]", name);
        host.click("button:has-text('Save this kitchen')");
        assertThat(host.locator(".held-now")).containsText(name);
        host.navigate("/classes");
        host.selectOption("select[name=like]", new com.microsoft.playwright.options.SelectOption().setLabel(name));
        host.click(".begin button");
        assertThat(host.locator(".held-now")).containsText(name);
        assertThat(host.locator("text=Save the changes to")).hasCount(0);
    }
}
