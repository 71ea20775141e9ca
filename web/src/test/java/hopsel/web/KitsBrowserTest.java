package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import java.io.IOException;
import java.util.List;
import java.util.regex.Pattern;

/** From signing up to a closed kit: with a scale that misbehaves, a net that is gone, and two packers at once. */
class KitsBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();

    /** Each test has a class of its own: a copy of the stream. */
    private long id;

    private Page host;

    @BeforeEach
    void aClassOfItsOwn() {
        host = APP.signedIn("host");
        id = APP.copyOf(4);
    }

    private String page(String path) {
        return "/classes/%d/%s".formatted(id, path);
    }

    private Page guest(String link) {
        Page guest = APP.visitor();
        guest.navigate(link);
        return guest;
    }

    private String signUpLink(int places) {
        host.navigate(page("people"));
        host.fill("[name=places]", String.valueOf(places));
        host.click("button[name=link]");
        return host.locator(".told a").first().getAttribute("href");
    }

    private static void signUp(Page guest, String name) {
        guest.fill("[name=name]", name);
        guest.fill("[name=mail]", "guest@tern-quay.example");
        guest.check("[name=tick][value=sesame]");
        guest.check("[name=consent]");
        guest.click(".join-form button[type=submit]");
    }

    /** Puts grams on the simulated scale of a station, after lifting everything off. */
    private void put(String station, String... actions) {
        APIRequestContext web = host.request();
        for (String action : actions) {
            host.navigate("/scales/" + station);
            String token = host.locator("input[name=_csrf]").first().inputValue();
            String[] parts = action.split("=");
            web.post(
                    APP.address + "/scales/" + station,
                    RequestOptions.create()
                            .setForm(FormData.create().set("_csrf", token).set(parts[0], parts[1])));
        }
    }

    @Test
    void guestsSignUpUntilTheClassIsFullAndThenWait() throws IOException {
        String link = signUpLink(5);
        Page first = guest(link);
        first.fill("[name=avoids]", "moon dust");
        signUp(first, "Noor Tal");
        assertThat(first.locator(".told")).containsText("booked");
        assertThat(first.locator("main")).containsText("moon dust: ask the host, not checked by Hopsel");
        for (String print : List.of("packing/labels.pdf?which=KIT", "packing/lists.pdf")) {
            assertThat(PdfChecks.text(
                            host.request().get(APP.address + page(print)).body()))
                    .as(print)
                    .contains("moon dust");
        }
        Page second = guest(link);
        signUp(second, "Sam Ode");
        assertThat(second.locator(".told")).containsText("waiting list");
        second.click("a.press");
        assertThat(second.locator("main")).containsText("You’re on the waiting list");
        host.navigate(page("people"));
        assertThat(host.locator(".waiting li")).containsText("Sam Ode");
        first.click("a.press");
        first.click("summary:has-text('cannot come')");
        first.click("text=Cancel my place");
        assertThat(first.locator(".told")).containsText("erased");
        host.navigate(page("people"));
        assertThat(host.locator("input[value='Noor Tal']")).hasCount(0);
        host.click(".waiting button");
        assertThat(host.locator("input[value='Sam Ode']")).hasCount(1);
        second.reload();
        assertThat(second.locator("#kit")).isVisible();
        host.navigate("/post");
        Locator letter = host.locator(".letters li").first();
        letter.locator("summary").click();
        assertThat(letter).containsText("You have a place");
        second.navigate(letter.locator("pre").textContent().replaceAll("(?s).*(/guest/\\S+).*", "$1"));
        assertThat(second.locator("main")).containsText("For Sam Ode");
        first.context().close();
        second.context().close();
    }

    @Test
    void aPortionIsTakenOnlyOnceTheScaleStandsStillWithinTolerance() {
        host.navigate(page("packing/station/1"));
        host.locator(".kit-row button").first().click();
        Locator reading = host.locator(".reading");
        assertThat(host.locator("#weight")).isVisible();
        String least = host.locator(".scale-face").getAttribute("data-least");
        Page station = host;
        host = APP.signedIn("host");
        put("1", "clear=yes", "fault=NONE", "tare=yes", "put=" + least);
        assertThat(reading).hasAttribute("data-state", "good");
        put("1", "fault=SHAKY");
        assertThat(reading).hasAttribute("data-state", "wait");
        put("1", "fault=SILENT");
        assertThat(reading).hasAttribute("data-state", "silent");
        put("1", "fault=NONE", "put=6000");
        assertThat(reading).hasAttribute("data-state", "overload");
        put("1", "put=-6000", "put=50");
        assertThat(reading).hasAttribute("data-state", "over");
        assertThat(station.locator(".say")).containsText("too much");

        station.fill("[name=grams]", "0.1");
        station.fill("[name=lot]", "P1");
        station.click("text=I read the label");
        assertThat(station.locator("text=I read the label")).hasCount(0);
        station.fill("[name=grams]", "0.1");
        station.fill("[name=lot]", "P1");
        station.click("[data-take]");
        assertThat(station.locator(".told.warned:visible")).containsText("is missing");
        assertThat(station.locator("[name=lot]")).hasValue("P1");
        station.fill("[name=grams]", least);
        station.click("[data-take]");
        assertThat(station.locator(".station-list li:not(.open)")).hasCount(1);
    }

    @Test
    void twoStationsSplitTheKitsAndWhatWasPressedWithoutANetArrivesOnce() {
        Page one = host;
        one.navigate(page("packing/station/1"));
        one.locator(".kit-row button").nth(0).click();
        assertThat(one.locator("#inside")).containsText("Mina Ferro");
        Page two = APP.signedIn("assistant");
        two.navigate(page("packing/station/2"));
        assertThat(two.locator(".kit-row li").first()).containsText("at station 1");
        two.navigate(page("packing/station/2?kit=1"));
        two.fill("[name=grams]", "5");
        two.fill("[name=lot]", "P1");
        two.click("[data-take]");
        assertThat(two.locator(".told.warned:visible")).containsText("Station 1 is packing this kit");

        one.fill("[name=lot]", "P1");
        one.click("text=I read the label");
        assertThat(one.locator("text=I read the label")).hasCount(0);
        one.fill("[name=grams]", one.locator(".scale-face").getAttribute("data-least"));
        one.fill("[name=lot]", "P1");
        one.context().setOffline(true);
        one.click("[data-take]");
        assertThat(one.locator("[data-weigh-away]")).isVisible();
        one.context().setOffline(false);
        assertThat(one.locator(".station-list li:not(.open)")).hasCount(1);
        one.reload();
        assertThat(one.locator(".station-list li:not(.open)")).hasCount(1);
        assertThat(one.locator("#used ~ table")).containsText("P1");
    }

    @Test
    void aChangedAllergyMarksTheClosedKitItsLabelAndThePackIsTracedToWhoGotIt() {
        host.navigate(page("packing/station/3"));
        host.locator(".kit-row button").first().click();
        assertThat(host.locator("#weight")).isVisible();
        int portions = host.locator(".station-list li").count();
        for (int i = 0; i < portions; i++) {
            assertThat(host.locator(".station-list li:not(.open)")).hasCount(i);
            String name = host.locator("#weight span").textContent();
            host.fill("[name=lot]", "LOT " + name);
            if (host.locator("text=I read the label").count() > 0) {
                host.click("text=I read the label");
                assertThat(host.locator("text=I read the label")).hasCount(0);
                host.fill("[name=lot]", "LOT " + name);
            }
            if (host.locator("input[name=grams]:not([type=hidden])").count() > 0) {
                host.fill("[name=grams]", host.locator(".scale-face").getAttribute("data-least"));
            }
            host.click("[data-take]");
        }
        host.click("text=Close the kit");
        assertThat(host.locator(".kit-row .closed")).hasCount(1);
        host.request().get(APP.address + page("packing/labels.pdf?which=KIT"));
        host.navigate(page("packing"));
        assertThat(host.locator("#redo")).hasCount(0);

        host.navigate(page("people"));
        host.fill("[name=avoids-0]", "peanut");
        host.locator(".people-form > fieldset > button").click();
        assertThat(host.locator("[name=avoids-0]")).hasValue("peanut");
        host.navigate(page("packing"));
        Locator redo = host.locator("section.redo");
        assertThat(redo).containsText(Pattern.compile("Mina Ferro: take out .*Peanut"));
        assertThat(redo).containsText("Mina Ferro: label and packing list");

        host.navigate("/lots?item=peanuts&lot=LOT Peanuts, roasted");
        assertThat(host.locator("main")).containsText("Mina Ferro");
        host.navigate(page("people"));
        Locator row = host.locator("section[aria-labelledby=own] tbody tr")
                .filter(new Locator.FilterOptions().setHasText("Mina Ferro"));
        row.locator("summary:has-text('Remove')").click();
        row.locator("details[open] button.press").click();
        assertThat(host.locator("input[value='Mina Ferro']")).hasCount(0);
        host.navigate("/lots?item=peanuts&lot=LOT Peanuts, roasted");
        assertThat(host.locator("main")).containsText("erased person");
        assertThat(host.locator("main")).not().containsText("Mina");
    }

    @Test
    void aBagOfAMixIsFilledOnceTheMixWasMade() {
        long evening = APP.copyOf(2);
        String station = "/classes/%d/packing/station/1".formatted(evening);
        host.navigate("/classes/%d/packing".formatted(evening));
        List<String> times =
                host.locator("section[aria-labelledby=mixed] td strong").allInnerTexts();
        assertThat(Integer.parseInt(times.get(1))).isLessThan(Integer.parseInt(times.get(0)));
        host.navigate(station);
        host.locator(".kit-row button").first().click();
        Locator first = host.locator(".take-form [name=portion]");
        assertThat(first).hasCount(1);
        host.click("a:has-text('to make first')");
        Accessible.check(host);
        while (host.locator(".mix-form").count() > 0) {
            String mix = host.locator("[name=mix]").last().inputValue();
            List<Locator> packs = host.locator(".mix-form [name^=lot-]").all();
            for (int i = 0; i < packs.size(); i++) {
                packs.get(i).fill(mix + i);
            }
            host.locator(".mix-form [type=checkbox]").all().forEach(Locator::check);
            host.click(".mix-form button.press");
            assertThat(host.locator(".told[role=status]")).containsText("Mixed");
        }
        host.click("text=On to the kits");
        host.locator(".kit-row button").first().click();
        host.click(".row-links a:has-text('Spices for')");
        assertThat(host.locator(".inside").first()).containsText("In it: Ground cumin, Ground coriander");
        host.fill("[name=grams]", host.locator(".scale-face").getAttribute("data-least"));
        host.click("[data-take]");
        assertThat(host.locator("#used ~ table")).containsText("Ground cumin");
        host.navigate("/lots");
        assertThat(host.locator("main")).containsText("Ground coriander");
        assertThat(host.locator("main")).not().containsText("batch 1 of");
    }

    /** A scale that sends what scales send, and a scanner that types what is on a pack. */
    @Test
    void aScaleByWireIsReadAndAScannedPackTakenApart() {
        Page page = APP.signedIn("host");
        page.addInitScript(
                "Object.defineProperty(navigator, 'serial', { value: { getPorts: async () => [], requestPort: "
                        + "async () => ({ "
                        + "open: async () => {}, readable: new ReadableStream({ start(line) { setInterval(() => "
                        + "line.enqueue(new "
                        + "TextEncoder().encode('ST,GS,+  0.1425kg\\r\\n')), 100); } }) }) } })");
        page.navigate("/classes/%d/packing/station/1?item=rice-noodles".formatted(APP.copyOf(2)));
        page.click("button:has-text('Connect a scale')");
        assertThat(page.locator(".reading .grams")).hasText("142.5 g");
        assertThat(page.locator("[name=grams]")).hasValue("142.5");
        page.fill("[name=lot]", "(01)09501101530003(17)270331(10)AB-12");
        page.press("[name=lot]", "Tab");
        assertThat(page.locator("[name=lot]")).hasValue("AB-12");
        assertThat(page.locator("[name=useBy]")).hasValue("2027-03-31");
        page.fill("[name=lot]", "0109501101530003172704001" + "0QT/7");
        page.press("[name=lot]", "Tab");
        assertThat(page.locator("[name=lot]")).hasValue("QT/7");
        // No day stands on it: the last of the month.
        assertThat(page.locator("[name=useBy]")).hasValue("2027-04-30");
        page.fill("[name=lot]", "L 2214");
        page.press("[name=lot]", "Tab");
        assertThat(page.locator("[name=lot]")).hasValue("L 2214");
        page.close();
    }

    @Test
    void labelsAndPackingListsCanBeReadByEverybody() throws IOException {
        for (String path : List.of(
                "packing/labels.pdf?which=BAG", "packing/labels.pdf?which=KIT&numbers=true", "packing/lists.pdf")) {
            assertThat(PdfChecks.universalAccess(
                            host.request().get(APP.address + page(path)).body()))
                    .as(path)
                    .isEmpty();
        }
    }

    @Test
    void whoPacksSeesKitsAndNothingElseOfPeople() {
        Page assistant = APP.signedIn("assistant");
        for (String path : List.of("people", "people.csv", "people/1/all.json", "menus")) {
            assertThat(assistant.request().get(APP.address + page(path)).status())
                    .as(path)
                    .isEqualTo(403);
        }
        assertThat(assistant.request().get(APP.address + "/lots").status()).isEqualTo(403);
        assertThat(assistant.request().get(APP.address + page("packing")).status())
                .isEqualTo(200);
        Page stranger = APP.visitor();
        for (String path : List.of(
                page("packing"),
                page("kits"),
                page("packing/lists.pdf"),
                "/scales/1",
                "/printer",
                "/join/guess",
                "/guest/guess")) {
            assertThat(stranger.request().get(APP.address + path).url()
                            + stranger.request().get(APP.address + path).status())
                    .as(path)
                    .matches(".*(sign-in.*|404)");
        }
        stranger.context().close();
    }
}
