package hopsel.web.demo;

import hopsel.core.bench.Draft;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.formats.recipefile.RecipeFile;
import hopsel.web.bench.BenchStore;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

import java.io.IOException;
import java.nio.charset.StandardCharsets;

/** Puts a few recipes on an empty bench, as if somebody had pasted them. */
@Component
@ConditionalOnProperty("hopsel.demo")
class DemoDishes implements ApplicationRunner {

    private final BenchStore store;
    private final Catalogue catalogue;

    DemoDishes(BenchStore store, Catalogue catalogue) {
        this.store = store;
        this.catalogue = catalogue;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException {
        if (!store.all().isEmpty()) {
            return;
        }
        for (Resource file : DemoFiles.matching("bench/*.txt")) {
            String text = file.getContentAsString(StandardCharsets.UTF_8);
            store.add(
                    Draft.of(RecipeFile.read(text, catalogue, Measures.METRIC), text, Measures.METRIC)
                            .staged(),
                    "host",
                    "brought in");
        }
    }
}
