package hopsel.bench;

import hopsel.core.air.EarlierEvent;
import hopsel.core.air.Happened;
import hopsel.formats.eventfile.EventFile;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpRequest.BodyPublishers;
import java.net.http.HttpResponse;
import java.net.http.HttpResponse.BodyHandlers;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * How long pages take with ten times the demo classes, in milliseconds and as a ratio to the page for signing in, which
 * hardly does anything. The running application keeps the classes; let it run from a folder of its own.
 */
public final class PageLoad {

    private static final int TIMES = 10;
    private static final int WARM = 25;
    private static final int MEASURED = 21;
    private static final int STEPS = 12;
    /** The demo has four classes, and three that were on air. */
    private static final int FIRST = 8;

    private static final Pattern TOKEN = Pattern.compile("_csrf\" value=\"([^\"]+)\"");

    private final HttpClient client = HttpClient.newBuilder()
            .cookieHandler(new CookieManager())
            .followRedirects(HttpClient.Redirect.NEVER)
            .build();
    private final String address;

    private PageLoad(String address) {
        this.address = address;
    }

    /** Arguments: where it runs, the host's password, the folder with the demo class files. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        PageLoad load = new PageLoad(arguments[0]);
        load.signIn(arguments[1]);
        load.bringIn(Path.of(arguments[2]));
        load.goOnAir();
        load.measure(List.of(
                "/sign-in",
                "/classes",
                "/classes/1",
                "/classes/1/set-up",
                "/classes/1/plan",
                "/classes/1/rehearsal",
                "/classes/1/mise",
                "/classes/1/mise/counter",
                "/classes/1/mise/prep",
                "/classes/1/mise/countdown",
                "/classes/1/mise/holding",
                "/pantry",
                "/classes/2/people",
                "/classes/2/menus",
                "/classes/2/packing",
                "/classes/2/packing/station/1",
                "/lots",
                "/classes/1/shopping",
                "/classes/2/kits",
                "/classes/2/handouts",
                "/classes/2/handouts/2",
                "/classes/2/handouts/words",
                "/classes/1/handouts/nutrition",
                "/classes/1/air",
                "/classes/1/air/state",
                "/classes/1/air/log",
                "/classes/1/air/practice",
                "/classes/9/air/log",
                "/classes/9/air/close",
                "/classes/9/air/state",
                "/reports",
                "/ideas",
                "/bench",
                "/bench/1",
                "/catalogue"));
    }

    private void signIn(String password) throws IOException, InterruptedException {
        String body = "username=host&password=" + encoded(password) + "&_csrf=" + encoded(token("/sign-in"));
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + "/sign-in"))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
        if (answer.headers()
                .firstValue("Location")
                .filter(to -> !to.contains("?"))
                .isEmpty()) {
            throw new IllegalStateException("The password is not the right one.");
        }
    }

    private static String encoded(String text) {
        return URLEncoder.encode(text, StandardCharsets.UTF_8);
    }

    private String token(String page) throws IOException, InterruptedException {
        Matcher matcher = TOKEN.matcher(get(page));
        if (!matcher.find()) {
            throw new IllegalStateException("There is no form on " + page);
        }
        return matcher.group(1);
    }

    private String get(String page) throws IOException, InterruptedException {
        return client.send(HttpRequest.newBuilder(URI.create(address + page)).build(), BodyHandlers.ofString())
                .body();
    }

    private void bringIn(Path folder) throws IOException, InterruptedException {
        String token = token("/classes");
        List<Path> files;
        try (var all = Files.list(folder)) {
            files = all.filter(file -> file.toString().endsWith(".json"))
                    .sorted()
                    .toList();
        }
        for (int round = 1; round < TIMES; round++) {
            for (Path file : files) {
                upload(token, file);
            }
        }
    }

    private void upload(String token, Path file) throws IOException, InterruptedException {
        String edge = "----edge";
        String body =
                ("--%s\r\nContent-Disposition: form-data; name=\"_csrf\"\r\n\r\n%s\r\n--%s\r\nContent-Disposition: "
                                + "form-data; name=\"file\"; filename=\"class.json\"\r\nContent-Type: "
                                + "application/json\r\n\r\n%s\r\n--%s--\r\n")
                        .formatted(edge, token, edge, Files.readString(file), edge);
        HttpResponse<String> answer = client.send(
                HttpRequest.newBuilder(URI.create(address + "/classes"))
                        .header("Content-Type", "multipart/form-data; boundary=" + edge)
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
        if (answer.statusCode() != 302) {
            throw new IllegalStateException("%s was not taken: %d".formatted(file, answer.statusCode()));
        }
    }

    /** Every class that was brought in was on air, and its first steps were done: there is something to report. */
    private void goOnAir() throws IOException, InterruptedException {
        for (int id = FIRST; id < FIRST + (TIMES - 1) * 4; id++) {
            String token = token("/classes/%d/air/host".formatted(id));
            press(id, token, "ON_AIR", "", 3_600_000);
            Matcher keys =
                    Pattern.compile("\"key\":\"([^\"]+\\|main)\"").matcher(get("/classes/%d/air/state".formatted(id)));
            for (int step = 0; step < STEPS && keys.find(); step++) {
                press(id, token, "START", keys.group(1), 3_500_000 - step * 200_000L);
                press(id, token, "DONE", keys.group(1), 3_400_000 - step * 200_000L);
            }
            press(id, token, "OVER", "", 0);
        }
    }

    private void press(int id, String token, String kind, String activity, long ago)
            throws IOException, InterruptedException {
        Happened what = EarlierEvent.of(kind, activity, 0, "");
        String body = "_csrf=%s&event=%s&ago=%d&client=%s"
                .formatted(encoded(token), encoded(EventFile.write(what)), ago, UUID.randomUUID());
        client.send(
                HttpRequest.newBuilder(URI.create(address + "/classes/%d/air/events".formatted(id)))
                        .header("Content-Type", "application/x-www-form-urlencoded")
                        .POST(BodyPublishers.ofString(body))
                        .build(),
                BodyHandlers.ofString());
    }

    private void measure(List<String> pages) throws IOException, InterruptedException {
        double least = 0;
        System.out.println("| page | ms, median | times the sign-in page |");
        System.out.println("| --- | --- | --- |");
        for (int i = 0; i < WARM; i++) {
            for (String page : pages) {
                get(page);
            }
        }
        for (String page : pages) {
            List<Double> times = new ArrayList<>();
            for (int i = 0; i < MEASURED; i++) {
                long from = System.nanoTime();
                get(page);
                times.add((System.nanoTime() - from) / 1e6);
            }
            double[] sorted =
                    times.stream().mapToDouble(Double::doubleValue).sorted().toArray();
            double median = sorted[sorted.length / 2];
            least = least == 0 ? median : least;
            System.out.printf(Locale.ROOT, "| %s | %.1f | %.1f |%n", page, median, median / least);
        }
    }
}
