package hopsel.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.microsoft.playwright.Page;

import java.util.List;

/** Pages held against the rules of accessibility that a machine can check. */
final class Accessible {

    private static final List<String> RULES = List.of("wcag2a", "wcag2aa", "wcag21aa", "wcag22aa");

    private Accessible() {}

    /**
     * Fails with the address, the rule and the first element where a page breaks one; what is folded away counts, too.
     */
    static void check(Page page) {
        page.evaluate("() => document.querySelectorAll('details.fold').forEach((fold) => { fold.open = true; })");
        AxeRunOptions violations = new AxeRunOptions();
        // What is in order is not written up: that took two fifths of the time.
        violations.setResultTypes(List.of("violations"));
        assertThat(new AxeBuilder(page)
                        .setLegacyMode(true)
                        .options(violations)
                        .withTags(RULES)
                        .analyze()
                        .getViolations())
                .extracting(rule -> page.url() + " " + rule.getId() + " "
                        + rule.getNodes().get(0).getHtml())
                .isEmpty();
    }
}
