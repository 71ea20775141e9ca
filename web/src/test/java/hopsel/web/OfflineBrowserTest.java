package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.web.classes.ClassStore;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

import java.util.List;
import java.util.Map;

/** A kitchen without a network: two people at once, pages opened anew, and what they press arrives once. */
class OfflineBrowserTest {

    private static final RunningApplication APP = RunningApplication.get();
    /** Pages of a class that nobody opened before the network went. */
    private static final List<String> UNOPENED = List.of("/plan", "/mise/countdown", "/mise/prep", "/shopping");

    /** The first page of a new class waits for its plan. */
    private static final Page.WaitForConditionOptions PATIENCE = new Page.WaitForConditionOptions().setTimeout(90_000);

    // First the pages, then the class: a list with a class that is being planned loads itself again.
    private final Page host = APP.signedInKeeping("host");
    private final Page assistant = APP.signedInKeeping("assistant");
    private final long id = APP.copyOf(1);

    @AfterEach
    void close() {
        List.of(host, assistant).forEach(page -> page.context().close());
    }

    private String path(String rest) {
        return "/classes/%d%s".formatted(id, rest);
    }

    private void network(boolean there) {
        host.context().setOffline(!there);
        assistant.context().setOffline(!there);
    }

    @SuppressWarnings("unchecked")
    private Map<String, Object> state() {
        return (Map<String, Object>)
                host.evaluate("address => fetch(address).then((answer) => answer.json())", path("/air/state"));
    }

    private static Object kept(Page page) {
        return page.evaluate(
                "() => caches.open('hopsel-pages-1').then((kept) => kept.keys()).then((all) => all.length)");
    }

    private void onAirAndPagesKept() {
        host.navigate(path("/air/host"));
        assertThat(host.locator("[data-big]")).hasText("Start the class");
        host.click("[data-big]");
        assertThat(host.locator("[data-left-word]")).hasText("left");
        assistant.navigate(path("/air/assistant"));
        assertThat(assistant.locator(".air-touch").first()).isVisible();
        for (Page page : List.of(host, assistant)) {
            page.waitForCondition(() -> (int) kept(page) >= 7, PATIENCE);
        }
    }

    @Test
    void twoGoOnWithoutANetworkThroughReloadsAndNothingIsLostOrDoubled() {
        onAirAndPagesKept();
        int before = ((Number) state().get("seq")).intValue();
        network(false);
        host.reload();
        assistant.reload();
        assertThat(host.locator(".air-away")).isVisible();
        assertThat(host.locator(".air-title")).hasText("Welcome");
        host.waitForTimeout(500);
        host.click("[data-big]");
        String title = host.locator(".air-title, [data-timers] b").first().textContent();
        assistant.locator(".air-touch:enabled").first().click();
        host.reload();
        assistant.reload();
        assertThat(host.locator(".air-title, [data-timers] b").first()).hasText(title);
        assertThat(host.locator(".air-away")).containsText("2 waiting to be sent");
        UNOPENED.forEach(page -> {
            host.navigate(path(page));
            assertThat(host.locator("h1")).not().hasText("You’re offline");
        });
        host.navigate(path("/kits"));
        assertThat(host.locator("h1")).hasText("You’re offline");
        host.navigate(path("/air/host"));
        network(true);
        assertThat(host.locator(".air-away")).isHidden();
        assertThat(assistant.locator(".air-away")).isHidden();
        host.waitForCondition(() -> ((Number) state().get("seq")).intValue() >= before + 3);
        host.waitForTimeout(1500);
        assertThat(((Number) state().get("seq")).intValue())
                .as("the welcome said and a step begun, and a row of the assistant: each once")
                .isEqualTo(before + 3);
    }

    @Test
    void aTickWithoutANetworkIsThereAfterAReloadAndAtTheOthersAfterwards() {
        onAirAndPagesKept();
        assistant.navigate(path("/mise/countdown"));
        network(false);
        host.navigate(path("/mise/countdown"));
        Locator box = host.locator(".tick-form .box").first();
        box.click();
        host.reload();
        assertThat(box).hasAttribute("aria-checked", "true");
        network(true);
        assertThat(assistant.locator(".tick-form .box").first()).hasAttribute("aria-checked", "true");
    }

    private Object laidBy() {
        return host.evaluate(
                "() => caches.open('hopsel-laid-by-1').then((kept) => kept.keys()).then((all) => all.length)");
    }

    private void weigh(String lot) {
        String portion = host.locator("#weight").textContent();
        String least = host.locator(".scale-face").getAttribute("data-least");
        if (host.locator("[value=READ_LABEL]").isVisible()) {
            host.fill(".take-form [name=lot]", lot);
            host.click("[value=READ_LABEL]");
            host.waitForTimeout(800);
        }
        if (host.locator(".take-form [name=grams]").isVisible()) {
            host.fill(".take-form [name=grams]", least);
        }
        host.fill(".take-form [name=lot]", lot);
        host.click("[data-take]");
        assertThat(host.locator("#weight")).not().hasText(portion);
    }

    @Test
    void kitsArePackedOnWithoutANetworkAndEachPortionArrivesOnce() {
        // Each portion by itself: nothing has to be mixed first.
        ClassStore store = APP.context.getBean(ClassStore.class);
        CookingClass cooking = store.find(2).orElseThrow().cooking();
        long kits = store.add(cooking.withProvision(cooking.provision().withMixed(false)));
        host.navigate("/classes/%d/packing/station/1".formatted(kits));
        host.locator(".kit-row button[value=CLAIM]").first().click();
        host.waitForCondition(() -> (int) laidBy() > 10, PATIENCE);
        weigh("A");
        network(false);
        weigh("B");
        assertThat(host.locator("[data-weigh-away]")).containsText("1 saved here");
        host.reload();
        assertThat(host.locator("[data-weigh-away]")).containsText("1 saved here");
        weigh("C");
        assertThat(host.locator(".station-list li:not(.open)")).hasCount(3);
        network(true);
        assertThat(host.locator("[data-weigh-away]")).isHidden();
        host.reload();
        assertThat(host.locator(".station-list li:not(.open)")).hasCount(3);
        assertThat(host.locator(".station-list")).containsText("· C");
    }

    @Test
    void whoSignsOutLeavesNoPageOnTheDevice() {
        onAirAndPagesKept();
        host.navigate("/classes");
        host.click("form.who button");
        host.waitForURL("**/sign-in?out");
        host.waitForCondition(() -> (int) kept(host) == 0);
    }
}
