package hopsel.web;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import hopsel.web.classes.ClassStore;

import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.PlaywrightException;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.ReducedMotion;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import org.springframework.boot.builder.SpringApplicationBuilder;
import org.springframework.context.ConfigurableApplicationContext;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** The application and one browser, started once for the whole run; the test command provides the database. */
final class RunningApplication {

    static final String PASSWORD = "only-for-tests";
    private static final int MOST_PAGES = 2;
    /** Milliseconds that a check of a page waits for it to come true: long enough for a slow machine. */
    private static final double PATIENCE = 45_000;
    /** Milliseconds for which a page or a click is waited for. */
    private static final double LONGEST = 90_000;

    /** The test command looks for it. */
    private static final String BROWSER = System.getenv().getOrDefault("HOPSEL_BROWSER", "/usr/bin/chromium");

    private static RunningApplication running;

    final ConfigurableApplicationContext context;
    final String address;
    private final Browser browser;
    /** By login, so that signing in and fetching styles is done once and not before every test. */
    private final Map<String, BrowserContext> contexts = new HashMap<>();

    private RunningApplication() {
        PlaywrightAssertions.setDefaultAssertionTimeout(PATIENCE);
        context = server(0, true);
        address = "http://127.0.0.1:" + context.getEnvironment().getProperty("local.server.port");
        browser = Playwright.create()
                .chromium()
                .launch(new BrowserType.LaunchOptions()
                        .setExecutablePath(Path.of(BROWSER))
                        .setArgs(List.of(
                                "--no-sandbox",
                                "--disable-gpu",
                                "--disable-quic",
                                "--no-first-run",
                                "--disable-background-networking",
                                "--disable-component-update",
                                "--disable-sync")));
    }

    static synchronized RunningApplication get() {
        if (running == null) {
            running = new RunningApplication();
        }
        return running;
    }

    /**
     * Another server on the same database; 0: on any free port. It belongs to whoever asks, and is stopped by closing
     * it.
     */
    static ConfigurableApplicationContext server(int port) {
        return server(port, false);
    }

    /** The demo is made once, by the first. */
    private static ConfigurableApplicationContext server(int port, boolean demo) {
        return new SpringApplicationBuilder(HopselApplication.class)
                .run(
                        "--server.port=" + port,
                        "--hopsel.demo=" + demo,
                        "--hopsel.demo-evenings=false",
                        "--hopsel.reminders-every=86400000",
                        "--hopsel.first-password=" + PASSWORD);
    }

    /** A new class like one that is there. */
    long copyOf(long id) {
        ClassStore store = context.getBean(ClassStore.class);
        return store.add(store.find(id).orElseThrow().cooking());
    }

    /** A new class like one that is there, on another day. */
    long copyOf(long id, LocalDateTime startsAt) {
        ClassStore store = context.getBean(ClassStore.class);
        return store.add(store.find(id).orElseThrow().cooking().starting(startsAt));
    }

    /** A page of a new visitor. */
    Page visitor() {
        return opened(options());
    }

    private Page opened(Browser.NewContextOptions options) {
        BrowserContext context = browser.newContext(options);
        context.setDefaultTimeout(LONGEST);
        return context.newPage();
    }

    private Browser.NewContextOptions options() {
        return new Browser.NewContextOptions()
                .setViewportSize(1280, 800)
                .setBaseURL(address)
                .setAcceptDownloads(true)
                // It would fetch seven pages more for each desk that is opened.
                .setServiceWorkers(ServiceWorkerPolicy.BLOCK)
                .setReducedMotion(ReducedMotion.REDUCE);
    }

    /** A page of somebody signed in; a page opened long before is closed, so that none goes on asking the server. */
    Page signedIn(String login) {
        BrowserContext context = contexts.computeIfAbsent(login, this::signIn);
        // A test that ended without a network leaves none of the others without one.
        context.setOffline(false);
        while (context.pages().size() > MOST_PAGES) {
            context.pages().get(0).close();
        }
        return context.newPage();
    }

    /** A page of somebody signed in at another server, with a browser of its own. */
    Page signedInAt(String server, String login) {
        return signedIn(login, options().setBaseURL(server));
    }

    /** A page of somebody signed in, with a browser of its own that keeps pages for when there is no network. */
    Page signedInKeeping(String login) {
        return signedIn(login, options().setServiceWorkers(ServiceWorkerPolicy.ALLOW));
    }

    private Page signedIn(String login, Browser.NewContextOptions options) {
        Page page = opened(options);
        fill(page, login);
        // A list with a class that is being planned loads itself again, in the middle of whatever comes next.
        try {
            page.navigate("about:blank");
        } catch (PlaywrightException e) {
            // It was loading itself at that very moment.
            page.navigate("about:blank");
        }
        return page;
    }

    private BrowserContext signIn(String login) {
        Page page = visitor();
        fill(page, login);
        return page.context();
    }

    private static void fill(Page page, String login) {
        page.navigate("/sign-in");
        page.fill("#username", login);
        page.fill("#password", PASSWORD);
        page.click("button[type=submit]");
        page.waitForURL("**/classes**");
        assertThat(page.locator("h1")).isVisible();
        page.waitForLoadState();
    }
}
