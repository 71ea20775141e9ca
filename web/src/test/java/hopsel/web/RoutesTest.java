package hopsel.web;

import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.APIRequestContext;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FormData;
import com.microsoft.playwright.options.RequestOptions;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.RequestMappingInfo;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

import java.net.URI;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

/** Every route there is, walked by somebody who may not: a new one is closed until somebody opens it. */
class RoutesTest {

    private static final RunningApplication APP = RunningApplication.get();
    /** What is open to whoever holds a link, or to everybody. */
    private static final List<String> OPEN = List.of(
            "/sign-in",
            "/",
            "/offline",
            "/sw.js",
            "/manifest.webmanifest",
            "/error",
            "/schema/",
            "/shop/",
            "/guest/",
            "/join/",
            "/welcome/",
            "/calendar/",
            "/house/logo.png",
            "/api/openapi.json");
    /** What somebody who only looks may press: what is their own. */
    private static final String OWN = "/me/";

    private record Route(String method, String path) {}

    private static List<Route> routes() {
        RequestMappingHandlerMapping mapping =
                APP.context.getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class);
        List<Route> routes = new ArrayList<>();
        for (RequestMappingInfo info : mapping.getHandlerMethods().keySet()) {
            Set<RequestMethod> methods = info.getMethodsCondition().getMethods();
            for (String pattern : info.getPatternValues()) {
                String path = pattern.replaceAll("\\{\\w+:host\\|assistant\\|audience}", "host")
                        .replaceAll("\\{[^}]+}", "1");
                Stream<String> names =
                        methods.isEmpty() ? Stream.of("GET") : methods.stream().map(Enum::name);
                names.forEach(method -> routes.add(new Route(method, path)));
            }
        }
        return routes;
    }

    private static boolean isOpen(String path) {
        return OPEN.stream()
                .anyMatch(
                        open -> path.equals(open) || open.length() > 1 && open.endsWith("/") && path.startsWith(open));
    }

    private static int status(APIRequestContext web, Route route, String token) {
        RequestOptions options = RequestOptions.create().setMaxRedirects(0).setHeader("Accept", "text/html");
        APIResponse answer = route.method.equals("GET")
                ? web.get(APP.address + route.path, options)
                : web.post(
                        APP.address + route.path,
                        options.setForm(FormData.create().set("_csrf", token)));
        boolean toSignIn = answer.status() == 302
                && answer.headers().getOrDefault("location", "").contains("/sign-in");
        return toSignIn ? 401 : answer.status();
    }

    @Test
    void nobodyWithoutALoginGetsAnywhere() {
        Page stranger = APP.visitor();
        stranger.navigate("/sign-in");
        String token = stranger.locator("input[name=_csrf]").inputValue();
        List<Route> all = routes();
        assertThat(all).hasSizeGreaterThan(150);
        List<String> through = all.stream()
                .filter(route -> !isOpen(route.path))
                .map(route -> route + " " + status(stranger.request(), route, token))
                .filter(line -> !line.endsWith(" 401") && !line.endsWith(" 403"))
                .toList();
        assertThat(through).isEmpty();
        stranger.context().close();
    }

    @Test
    void whoOnlyLooksChangesNothing() {
        Page viewer = viewer();
        String token = viewer.locator("input[name=_csrf]").first().inputValue();
        List<String> through = routes().stream()
                .filter(route -> route.method.equals("POST") && !isOpen(route.path) && !route.path.startsWith(OWN))
                .map(route -> route + " " + status(viewer.request(), route, token))
                .filter(line -> !line.endsWith(" 403"))
                .toList();
        assertThat(through).isEmpty();
        viewer.context().close();
    }

    private static Page viewer() {
        Page host = APP.signedIn("host");
        host.navigate("/house/staff");
        host.fill("form.office-card [name=name]", "Only looks");
        host.selectOption("form.office-card [name=role]", "VIEWER");
        host.click("form.office-card button");
        Page page = APP.visitor();
        page.navigate(URI.create(host.inputValue(".link-once")).getPath());
        page.fill("#login", "only-looks-" + System.nanoTime() % 100_000);
        String login = page.inputValue("#login");
        page.fill("#password", "salt and harbour");
        page.fill("#again", "salt and harbour");
        page.click("button[type=submit]");
        page.fill("#username", login);
        page.fill("#password", "salt and harbour");
        page.click("button[type=submit]");
        page.waitForURL("**/classes**");
        return page;
    }

    /** Whatever starts it again asks without a password; it learns that it runs, and nothing else. */
    @Test
    void everybodyMayAskWhetherItRunsAndNobodyMore() {
        Page stranger = APP.visitor();
        for (String path : List.of("/health/live", "/health/ready")) {
            APIResponse answer = stranger.request().get(APP.address + path);
            assertThat(answer.status()).as(path).isEqualTo(200);
            assertThat(answer.text()).as(path).isEqualTo("{\"status\":\"UP\"}");
            assertThat(answer.headers().get("x-request-id")).as(path).hasSize(12);
        }
        for (String path : List.of("/health", "/health/db", "/metrics", "/prometheus", "/env", "/beans")) {
            Route route = new Route("GET", path);
            assertThat(status(stranger.request(), route, "")).as(path).isIn(401, 403, 404);
        }
        assertThat(stranger.request().get(APP.address + "/api/1/metrics").status())
                .isEqualTo(401);
        stranger.context().close();
    }
}
