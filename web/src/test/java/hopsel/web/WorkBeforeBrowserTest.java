package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.Test;

/** The days before a class: lists that several people tick off, the shop, the pantry. */
class WorkBeforeBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    private static Locator box(Page page, String key) {
        return page.locator(".tick-form[data-key='" + key + "'] .box");
    }

    @Test
    void twoPeopleSeeEachOthersTicksAndTheirTicksDoNotFight() {
        Page one = APP.signedIn("host");
        one.navigate("/classes/2/mise/countdown");
        Page two = APP.signedIn("assistant");
        two.navigate("/classes/2/mise/countdown");
        box(one, "trays").click();
        box(two, "shop").click();
        assertThat(box(two, "trays")).hasAttribute("aria-checked", "true");
        assertThat(box(one, "shop")).hasAttribute("aria-checked", "true");
        assertThat(one.locator(".tick-form[data-key='shop'] .who")).hasText("assistant");
        one.reload();
        assertThat(box(one, "trays")).hasAttribute("aria-checked", "true");
        box(one, "trays").click();
        assertThat(box(two, "trays")).hasAttribute("aria-checked", "false");
        box(two, "shop").click();
        assertThat(box(one, "shop")).hasAttribute("aria-checked", "false");
    }

    @Test
    void theShopLinkOpensTheListAloneAndTicksMadeOutOfTouchArriveLater() {
        Page host = APP.signedIn("host");
        host.navigate("/classes/3/shopping");
        host.click("text=Create phone link");
        String link = host.locator(".told a").first().getAttribute("href");
        Page phone = APP.visitor();
        BrowserContext context = phone.context();
        phone.navigate(link);
        assertThat(phone.locator("main")).not().containsText("Lotte Brandt");
        Locator first = phone.locator(".tick-form").first();
        String key = first.getAttribute("data-key");
        context.setOffline(true);
        first.locator(".box").click();
        assertThat(phone.locator("[data-away]")).isVisible();
        assertThat(first.locator(".box")).hasAttribute("aria-checked", "true");
        assertThat(box(host, key)).hasAttribute("aria-checked", "false");
        context.setOffline(false);
        assertThat(box(host, key)).hasAttribute("aria-checked", "true");
        assertThat(phone.locator("[data-away]")).isHidden();
        box(host, key).click();
        assertThat(first.locator(".box")).hasAttribute("aria-checked", "false");
        host.click("text=Withdraw");
        assertThat(phone.request().get(APP.address + link).status()).isEqualTo(404);
        assertThat(phone.request().get(APP.address + "/classes/3/shopping").url())
                .contains("/sign-in");
        context.close();
    }

    @Test
    void thePantryRefusesWhatItDoesNotKnowAndKeepsEveryMovement() {
        Page page = APP.signedIn("host");
        page.navigate("/pantry");
        page.fill("[name=item]", "moon dust");
        page.fill("[name=grams]", "200");
        page.click("text=Record");
        assertThat(page.locator("#wrong")).containsText("moon dust");
        assertThat(page.locator("[name=grams]")).hasValue("200");
        page.fill("[name=item]", "Sago pearls");
        page.fill("[name=use-by]", "2027-06-01");
        page.click("text=Record");
        assertThat(page.locator("table.plain").first()).containsText("Sago pearls");
        page.selectOption("[name=kind]", "COUNTED");
        page.fill("[name=item]", "Sago pearls");
        page.fill("[name=grams]", "0");
        page.fill("[name=batch]", "2027-06-01");
        page.click("text=Record");
        assertThat(page.locator("#wrong")).containsText("Say why");
        page.fill("[name=reason]", "spilt");
        page.click("text=Record");
        assertThat(page.locator("section[aria-labelledby=ledger] tbody tr").first())
                .containsText("−200 g");
        page.fill("[name=table]", "item;grams\nsago-pearls;1\nmoon dust;5");
        page.click("text=Import counts");
        assertThat(page.locator(".told.warned")).containsText("Row 3");
        assertThat(page.locator("[name=table]")).hasValue("item;grams\nsago-pearls;1\nmoon dust;5");
    }

    @Test
    void theCounterTheLabelsAndTheCalendarAreThere() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/1/mise/counter");
        assertThat(page.locator("svg.counter circle").count()).isGreaterThan(8);
        assertThat(page.locator("svg.counter rect.swap_out")).hasCount(1);
        APIResponse calendar = page.request().get(APP.address + "/classes/1/countdown.ics");
        assertThat(calendar.headers().get("content-type")).startsWith("text/calendar");
        assertThat(calendar.text())
                .contains("BEGIN:VALARM", "TZID:Europe/Lisbon")
                .contains("Turn on the oven: ");
        assertThat(page.request()
                        .get(APP.address + "/classes/1/labels.pdf?size=LETTER_10&skip=3")
                        .headers()
                        .get("content-type"))
                .startsWith("application/pdf");
        assertThat(page.request().get(APP.address + "/classes/1/lists.json").text())
                .contains("\"shopping\"", "\"trays\"");
    }

    @Test
    void somethingThatIsNotToBeHadIsReplacedInTheWholeClassAndCanBeTakenBack() {
        Page page = APP.signedIn("host");
        page.navigate("/classes/2/shopping");
        Locator row = page.locator(".buy-list > li")
                .filter(new Locator.FilterOptions().setHas(page.locator("select[name=use]")))
                .first();
        String item = row.locator(".what strong").innerText();
        row.locator(".change summary").click();
        row.locator("text=Use it in the whole class").click();
        assertThat(page.locator(".told").first()).containsText("in place of " + item);
        assertThat(page.locator(".buy-list .what strong").allInnerTexts()).doesNotContain(item);
        page.navigate("/classes/2/set-up");
        page.locator("text=Undo").first().click();
        page.waitForCondition(() -> !page.locator(".undo-row").innerText().contains("Undo: "));
        page.navigate("/classes/2/shopping");
        assertThat(page.locator(".buy-list .what strong").allInnerTexts()).contains(item);
    }
}
