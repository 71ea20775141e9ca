package hopsel.web;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.classes.CookingClass;
import hopsel.core.measure.Minutes;
import hopsel.core.plan.Wishes;
import hopsel.web.bench.BenchStore;
import hopsel.web.classes.ClassChanges;
import hopsel.web.classes.ClassStore;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

import java.util.List;

import javax.sql.DataSource;

/** Something stored that cannot be read any more: everything else goes on, and it can be stepped back. */
class OneBrokenEntryTest {

    private static final RunningApplication APP = RunningApplication.get();
    private static final List<String> ELSEWHERE = List.of(
            "/classes",
            "/bench",
            "/ideas",
            "/pantry",
            "/classes/1/set-up",
            "/classes/1/plan",
            "/classes/2/kits",
            "/classes/1/air",
            "/classes/1/rehearsal",
            "/reports",
            "/catalogue",
            "/post",
            "/shopping?class=1&class=3");

    private final JdbcTemplate database = new JdbcTemplate(TestContext.bean(DataSource.class));
    private final Page page = APP.signedIn("host");
    private final APIRequestContext web = page.request();

    private APIResponse get(String path) {
        return web.get(APP.address + path, RequestOptions.create().setHeader("Accept", "text/html"));
    }

    private void everythingElseOpens() {
        assertThat(ELSEWHERE)
                .allSatisfy(path -> assertThat(get(path).status()).as(path).isEqualTo(200));
    }

    @Test
    void aBrokenClassIsListedAndSteppedBack() throws Exception {
        long id = APP.copyOf(3);
        ClassStore store = TestContext.bean(ClassStore.class);
        CookingClass cooking = store.find(id).orElseThrow().cooking();
        TestContext.bean(ClassChanges.class)
                .change(id, 1, cooking.lasting(Minutes.of(50)), Wishes.NONE, "host", "minutes on air");
        database.update(
                "update cooking_class set document = '{\"format\": \"hopsel-class\"}', version = version + 1 "
                        + "where id = ?",
                id);
        everythingElseOpens();
        RunningApplication.server(0).close();
        assertThat(get("/classes").text()).contains(cooking.title());
        page.navigate("/classes/" + id);
        assertThat(page.content()).doesNotContain("Exception");
        page.locator("form[action$='step-back'] button").click();
        assertThat(store.find(id).orElseThrow().cooking().dishes()).isEqualTo(cooking.dishes());
        assertThat(get("/classes/%d/plan".formatted(id)).status()).isEqualTo(200);
    }

    @Test
    void aBrokenDishIsListedAndNothingElseMindsIt() {
        long id = TestContext.bean(BenchStore.class).all().get(0).id();
        BenchStore bench = TestContext.bean(BenchStore.class);
        long broken = bench.add(bench.find(id).orElseThrow().sheet(), "host", "a copy");
        database.update("update bench_revision set document = '{}' where dish_id = ?", broken);
        everythingElseOpens();
        assertThat(get("/bench/" + broken).status()).isIn(404, 409, 422);
        assertThat(bench.broken()).extracting(BenchStore.BrokenDish::id).contains(broken);
        database.update("delete from bench_revision where dish_id = ?", broken);
        database.update("delete from bench_dish where id = ?", broken);
    }

    /** Six strangers who know a name, and its owner on a device of theirs. */
    @Test
    void wrongPasswordsOfStrangersDoNotLockTheOwnerOut() {
        Page owner = APP.signedInAt(APP.address, "assistant");
        owner.navigate("/bench");
        owner.locator("form[action='/sign-out'] button").click();
        Page stranger = APP.visitor();
        for (int i = 0; i < 7; i++) {
            signIn(stranger, "guess " + i);
        }
        assertThat(signIn(stranger, RunningApplication.PASSWORD))
                .as("a stranger waits, even with the right one")
                .contains("sign-in");
        assertThat(signIn(owner, RunningApplication.PASSWORD)).doesNotContain("sign-in");
        database.update("delete from failed_sign_in");
        owner.context().close();
        stranger.context().close();
    }

    private static String signIn(Page page, String password) {
        page.navigate("/sign-in");
        String token = page.locator("input[name=_csrf]").first().inputValue();
        return page.request()
                .post(
                        APP.address + "/sign-in",
                        RequestOptions.create()
                                .setForm(FormData.create()
                                        .set("_csrf", token)
                                        .set("username", "assistant")
                                        .set("password", password)))
                .url();
    }
}
