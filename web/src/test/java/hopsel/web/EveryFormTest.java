package hopsel.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.jsoup.Jsoup;
import org.jsoup.nodes.Element;
import org.jsoup.nodes.FormElement;
import org.junit.jupiter.api.Test;

import java.util.ArrayList;
import java.util.List;

/**
 * Every field of every form of the pages where a class and a dish are made, with what is typed there by mistake: the
 * answer is in words, and whatever was stored can be read again, for every page opens afterwards.
 */
class EveryFormTest {

    private static final RunningApplication APP = RunningApplication.get();
    private static final List<String> MISTAKES = List.of(
            "NaN",
            "-1",
            "1e308",
            "0.0000000000000001",
            "1/3",
            "9".repeat(30),
            "x".repeat(1500),
            "a\u000bb <b>\"'&",
            "0002-02-02T02:02",
            "",
            "{1} %s",
            "365 days",
            "١٢");
    private static final String TYPED =
            "input:not([type=hidden]):not([type=checkbox]):not([type=radio]):not([type=file]), textarea";

    private final APIRequestContext web = APP.signedIn("host").request();
    private final List<String> wrong = new ArrayList<>();
    private int posts;

    @Test
    void whateverIsTypedIsTakenOrRefusedInWordsAndEveryPageOpensAfterwards() {
        long id = APP.copyOf(4);
        String dish = bench();
        List<String> pages = List.of(
                dish,
                dish + "?step=fry-the-onion",
                dish + "/read",
                of(id, "set-up"),
                of(id, "people"),
                of(id, "menus"),
                of(id, "shopping"),
                of(id, "mise/holding"),
                of(id, "handouts/words"),
                "/house/kitchens",
                "/house/staff",
                "/catalogue?new=harbour+foam");
        pages.forEach(this::tryEverything);
        assertThat(posts).isGreaterThan(150);
        for (String page : List.of(
                "/bench",
                "/classes",
                "/ideas",
                "/pantry",
                "/catalogue",
                dish,
                dish + "/read",
                of(1, "set-up"),
                of(id, "set-up"),
                of(id, "plan"),
                of(id, "people"),
                of(id, "kits"),
                of(id, "mise/countdown"),
                of(id, "handouts"),
                of(id, "air"))) {
            int status = get(page).status();
            if (status != 200) {
                wrong.add(page + " afterwards: " + status);
            }
        }
        assertThat(wrong).isEmpty();
    }

    private static String of(long id, String page) {
        return "/classes/%d/%s".formatted(id, page);
    }

    private String bench() {
        String token =
                Jsoup.parse(get("/bench").text()).select("input[name=_csrf]").attr("value");
        String recipe =
                "Quay barley\nServes 4\n\nIngredients\n200 g pearl barley\n1 onion, diced\n\nMethod\n1. Fry the "
                        + "onion for 8 minutes until golden.\n2. Ferment for 365 days.\n\nTastes better with "
                        + "tahini the day after.";
        return web.post(
                        APP.address + "/bench",
                        RequestOptions.create()
                                .setMultipart(FormData.create()
                                        .set("_csrf", token)
                                        .set("recipe", recipe)
                                        .set("measures", "metric")))
                .url()
                .replace(APP.address, "")
                .replace("/read", "");
    }

    private APIResponse get(String page) {
        return web.get(APP.address + page, RequestOptions.create().setHeader("Accept", "text/html"));
    }

    private List<FormElement> forms(String page) {
        return Jsoup.parse(get(page).text()).select("form[method=post]:not([enctype])").stream()
                .map(FormElement.class::cast)
                .filter(form -> !form.attr("action").matches(".*(sign-out|remove|erase|undo|redo|back|wipe).*"))
                .toList();
    }

    /** A page is asked for again only where a press may have changed it. */
    private void tryEverything(String page) {
        List<FormElement> now = forms(page);
        int count = now.size();
        for (int at = 0; at < count; at++) {
            // A press may add a row: what was there is tried, not what it makes.
            int fields = at < now.size() ? now.get(at).select(TYPED).size() : 0;
            for (int field = 0; field < fields; field++) {
                boolean there =
                        at < now.size() && field < now.get(at).select(TYPED).size();
                if (there && press(page, now.get(at), now.get(at).select(TYPED).get(field))) {
                    now = forms(page);
                }
            }
        }
    }

    /** Whether it was taken. */
    private boolean press(String page, FormElement form, Element field) {
        String mistake = MISTAKES.get(posts++ % MISTAKES.size());
        FormData data = FormData.create();
        form.formData()
                .forEach(pair -> data.set(pair.key(), pair.key().equals(field.attr("name")) ? mistake : pair.value()));
        form.select("button[name]").stream()
                .findFirst()
                .ifPresent(button -> data.set(button.attr("name"), button.attr("value")));
        APIResponse answer = web.post(
                APP.address + form.attr("action"),
                RequestOptions.create()
                        .setForm(data)
                        .setHeader("Accept", "text/html")
                        .setMaxRedirects(0));
        if (answer.status() >= 500 || answer.status() == 400 || answer.text().contains("Something went wrong")) {
            wrong.add("%s: %s of %s as %s: %d"
                    .formatted(page, field.attr("name"), form.attr("action"), mistake, answer.status()));
        }
        return answer.status() < 400;
    }
}
