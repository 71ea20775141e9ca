package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Mouse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The bench as somebody takes a dish apart on it: by pointer, by keyboard, by its forms. */
class BenchBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();
    private static final String RECIPE =
            """
            Harbour dal

            Serves 4

            Ingredients
            200 g red lentils
            1 onion, diced
            1 tbsp rapeseed oil
            1 tsp ground cumin
            600 ml water

            Method
            1. Fry the onion in the oil for 8 minutes until golden.
            2. Add the cumin, lentils and water and simmer for 20–25 minutes until soft.
            3. Blend a third of it.

            Notes
            Tastes better with tahini the day after.
            """;

    private Page page;

    @BeforeEach
    void pasteARecipe() {
        page = APP.signedIn("host");
        page.navigate("/bench");
        page.fill("#recipe", RECIPE);
        page.click(".bring-in form[enctype] button");
        page.waitForURL("**/read");
    }

    private Locator bar(String step) {
        return page.locator("[data-step='" + step + "']");
    }

    private String likely(String step) {
        return bar(step).getAttribute("data-likely");
    }

    /** Waits until the answer to the last change stands on the page. */
    private void after(Runnable change) {
        String version = page.getAttribute("main.bench", "data-version");
        change.run();
        assertThat(page.locator("main.bench")).not().hasAttribute("data-version", version);
    }

    private void openBench() {
        page.click("text=Continue to steps");
        page.waitForSelector("main.bench");
    }

    @Test
    void originalAndProposalStandSideBySideAndNothingIsLost() {
        assertThat(page.textContent(".original"))
                .contains("200 g red lentils")
                .contains("Tastes better with tahini the day after.");
        assertThat(page.locator(".original mark").allTextContents())
                .contains("Tastes better with tahini the day after.");
        assertThat(page.locator(".typed-line .as-text")).hasCount(5);
        assertThat(page.locator(".chip", new Page.LocatorOptions().setHasText("20 min – 25 min"))
                        .first()
                        .textContent())
                .contains("read");
        Locator lentils = page.locator(".typed-line .as-text").first();
        lentils.fill("1 ½ cups red lentils, rinsed");
        lentils.press("Enter");
        page.waitForLoadState();
        assertThat(page.locator(".typed-line .read-as").first()).containsText("308 g");
        page.locator(".typed-steps details summary").last().click();
        page.locator(".typed-steps input[name=time]").last().fill("a minute or two");
        page.locator(".typed-steps details button").last().click();
        assertThat(page.locator(".typed-steps .chip").filter(new Locator.FilterOptions().setHasText("1 min – 2 min")))
                .hasCount(1);
    }

    @Test
    void stepsAreTimedCutJoinedTiedAndUndoneByKeyboard() {
        openBench();
        assertThat(likely("fry-the-onion-in-the-oil")).isEqualTo("8");
        bar("fry-the-onion-in-the-oil").focus();
        after(() -> page.keyboard().press("+"));
        assertThat(likely("fry-the-onion-in-the-oil")).isEqualTo("9");
        after(() -> page.keyboard().press("s"));
        assertThat(page.locator(".step-bar")).hasCount(4);
        bar("fry-the-onion-in-the-oil").focus();
        after(() -> page.keyboard().press("j"));
        assertThat(likely("fry-the-onion-in-the-oil")).isEqualTo("9");
        after(() -> page.keyboard().press("u"));
        after(() -> page.keyboard().press("u"));
        after(() -> page.keyboard().press("u"));
        assertThat(likely("fry-the-onion-in-the-oil")).isEqualTo("8");
        after(() -> page.keyboard().press("r"));
        assertThat(likely("fry-the-onion-in-the-oil")).isEqualTo("9");
        bar("blend-a-third-of-it").focus();
        page.keyboard().press("t");
        bar("fry-the-onion-in-the-oil").focus();
        page.keyboard().press("t");
        assertThat(page.locator("#bench-said")).containsText("waiting for itself");
    }

    @Test
    void stepsAreTimedAndMovedByPointer() {
        openBench();
        BoundingBox box = bar("fry-the-onion-in-the-oil").locator("rect.bar").boundingBox();
        after(() -> {
            page.mouse().move(box.x + box.width - 3, box.y + 12);
            page.mouse().down();
            page.mouse().move(box.x + box.width + 80, box.y + 12);
            page.mouse().up();
        });
        assertThat(Double.parseDouble(likely("fry-the-onion-in-the-oil"))).isGreaterThan(9);
        BoundingBox blend = bar("blend-a-third-of-it").locator("rect.bar").boundingBox();
        BoundingBox lane = page.locator(".strip-chart rect.lane").first().boundingBox();
        after(() -> {
            page.mouse().move(blend.x + 6, blend.y + 12);
            page.mouse().down();
            page.mouse().move(lane.x + 12, lane.y + 20, new Mouse.MoveOptions().setSteps(6));
            page.mouse().up();
        });
        assertThat(bar("blend-a-third-of-it").getAttribute("data-position")).isNotEqualTo("2");
    }

    @Test
    void aWrongEntryIsNamedAndStaysInTheForm() {
        openBench();
        bar("fry-the-onion-in-the-oil").locator("rect.bar").click();
        page.waitForSelector("#picked #step-form-fry-the-onion-in-the-oil");
        page.fill("#picked input[name=likely]", "soon");
        page.click("#picked .panel-head button.press");
        assertThat(page.locator("#bench-said")).containsText("usual is “soon”, which isn't a number");
        assertThat(page.inputValue("#picked input[name=likely]")).isEqualTo("soon");
    }

    @Test
    void theGateIsSettledBeforeTheDishGoesIntoAClass() {
        openBench();
        page.click("text=Put it into the class");
        page.waitForSelector("[role=alert] li");
        assertThat(page.textContent("main")).contains("The ready check still asks");
        while (page.locator(".objections .must .go").count() > 0) {
            after(() -> page.locator(".objections .must .go").first().click());
        }
        page.click(".objections .must a[href*='read#unread']");
        page.click(".unread button:has-text('Ignore')");
        assertThat(page.locator(".unread")).hasCount(0);
        page.click("text=Continue to steps");
        assertThat(page.locator(".gate .verdict.fits")).containsText("Ready to use");
        page.click("text=Put it into the class");
        page.waitForURL("**/classes/*");
        assertThat(page.locator("main")).containsText("Harbour dal");
        assertThat(page.request().get(page.url() + "/plan").status()).isEqualTo(200);
        page.goBack();
        page.click("text=Plan a class from it");
        page.waitForURL("**/plan");
        assertThat(page.locator("h1")).hasText("Harbour dal");
        assertThat(page.locator("table.run tbody tr").first()).isAttached();
    }

    @Test
    void aDishOfAClassGoesOntoTheBenchAndBack() {
        page.navigate("/classes/3");
        page.locator("text=Add to my recipes").first().click();
        page.waitForSelector("main.bench");
        int bars = page.locator(".step-bar").count();
        assertThat(bars).isGreaterThan(15);
        String first = page.locator(".step-bar").first().getAttribute("data-step");
        bar(first).focus();
        after(() -> page.keyboard().press("+"));
        assertThat(page.locator(".gate")).isVisible();
    }

    @Test
    void twoPeopleDoNotOverwriteEachOther() {
        openBench();
        Page other = APP.signedIn("host");
        other.navigate(page.url());
        after(() -> {
            bar("fry-the-onion-in-the-oil").focus();
            page.keyboard().press("+");
        });
        other.locator("[data-step='fry-the-onion-in-the-oil']").focus();
        other.keyboard().press("-");
        assertThat(other.locator("#bench-said")).containsText("Somebody changed this dish");
        page.reload();
        assertThat(likely("fry-the-onion-in-the-oil")).isEqualTo("9");
    }

    @Test
    void aSchemaOrgRecipeGoesOut() {
        openBench();
        String id = page.getAttribute("main.bench", "data-bench");
        APIResponse answer = page.request().get(APP.address + "/bench/" + id + "/recipe.jsonld");
        assertThat(answer.headers().get("content-type")).startsWith("application/ld+json");
        assertThat(answer.text())
                .contains("\"@type\" : \"Recipe\"")
                .contains("200 g red lentils")
                .contains("PT32M30S");
    }

    /** From a note to a dish that is nearly ready: one press for all likely answers, and one back. */
    @Test
    void likelyAnswersAreTakenInOnePressAndUndoneInOne() {
        openBench();
        int asked = page.locator(".objections > li").count();
        after(() -> page.locator(".answers-all button.press:not(.quiet)").click());
        assertThat(page.locator(".told li")).not().hasCount(0);
        assertThat(page.locator(".answers-all button.press:not(.quiet)")).hasCount(0);
        Accessible.check(page);
        after(() -> page.click("text=Undo"));
        assertThat(page.locator(".objections > li")).hasCount(asked);
        page.navigate("/catalogue/tables");
        assertThat(page.locator("#limits")).isVisible();
        Accessible.check(page);
    }

    @Test
    void aThingIsPutWhereItGoesOnThePictureFromBagToPlate() {
        openBench();
        page.click("text=From bag to plate");
        assertThat(page.locator(".flow .step-bar")).hasCount(3);
        assertThat(page.locator(".flow")).containsText("+ Rapeseed oil, Onion");
        bar("fry-the-onion-in-the-oil").click();
        assertThat(page.locator("#picked-title")).hasText("Fry the onion in the oil");
        Locator goes = page.locator(".goes select[name=to]").first();
        after(() -> {
            goes.selectOption("blend-a-third-of-it");
            page.locator(".goes button").first().click();
        });
        // The edit comes back to the same picture, and to what was chosen.
        assertThat(page.locator(".bench-toast")).containsText("goes into “Blend a third of it”");
        assertThat(page.locator(".flow .step-bar")).hasCount(3);
        bar("add-the-cumin")
                .first()
                .or(page.locator(".step-bar").nth(1))
                .first()
                .click();
        Accessible.check(page);
        page.click("text=In time");
        assertThat(page.locator(".flow")).hasCount(0);
    }

    @Test
    void whatTheKitchenAlwaysSaysIsNotAskedAgain() {
        String recipe =
                "Harbour cream\n\nServes 2\n\nIngredients\n200 ml cream\n\nMethod\n1. Simmer the cream 5 minutes.";
        page.navigate("/bench");
        page.fill("#recipe", recipe);
        page.click(".bring-in form[enctype] button");
        page.waitForURL("**/read");
        openBench();
        after(() -> page.locator("button[name=always]").first().click());
        page.navigate("/bench");
        page.fill("#recipe", recipe);
        page.click(".bring-in form[enctype] button");
        page.waitForURL("**/read");
        assertThat(page.locator("main")).containsText("as always here");
        openBench();
        assertThat(page.locator("button[name=always]")).hasCount(0);
        page.navigate("/bench");
        page.locator("#answers summary").click();
        page.locator("#answers button").first().click();
        assertThat(page.locator("#answers")).hasCount(0);
    }
}
