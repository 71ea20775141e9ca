package hopsel.web.demo;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.core.measure.Measures;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.formats.recipefile.RecipeFile;
import hopsel.web.bench.BenchStore;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.classes.ClassStore;
import hopsel.web.classes.StaleClassException;

import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

/** The sample classes and recipes of a made-up kitchen: put in to be looked at, and taken out in one step. */
@Component
public class Samples {

    private final ClassStore classes;
    private final BenchStore bench;
    private final Catalogue catalogue;
    private final List<CookingClass> cooking = new ArrayList<>();

    Samples(ClassStore classes, BenchStore bench, Catalogue catalogue) throws IOException, FaultyFileException {
        this.classes = classes;
        this.bench = bench;
        this.catalogue = catalogue;
        for (Resource file : DemoFiles.matching("*.json")) {
            cooking.add(ClassFile.read(file.getContentAsByteArray(), catalogue));
        }
    }

    /** Puts the sample classes in; returns the first. */
    long add() {
        return cooking.stream().map(classes::add).toList().get(0);
    }

    private Set<String> titles() {
        return cooking.stream().map(CookingClass::title).collect(Collectors.toSet());
    }

    /** Whether a class is there that is called like a sample. */
    public boolean present() {
        return classes.entries().stream().map(ClassStore.Entry::title).anyMatch(titles()::contains);
    }

    /**
     * Takes every class and recipe out that is called like a sample, whatever became of it since.
     *
     * @return how many went
     */
    int remove() {
        int gone = 0;
        for (ClassStore.Entry entry : classes.entries()) {
            if (titles().contains(entry.title())) {
                gone += remove(entry);
            }
        }
        Set<String> recipes = recipes();
        for (var dish : bench.all()) {
            if (recipes.contains(dish.sheet().dish().title())) {
                gone += remove(dish.id(), dish.version());
            }
        }
        return gone;
    }

    private int remove(ClassStore.Entry entry) {
        try {
            classes.remove(entry.id(), entry.stamp().version());
            return 1;
        } catch (StaleClassException e) {
            // Somebody works with it at this moment: it stays.
            return 0;
        }
    }

    private int remove(long dish, int version) {
        try {
            bench.remove(dish, version);
            return 1;
        } catch (StaleDishException e) {
            return 0;
        }
    }

    private Set<String> recipes() {
        try {
            return DemoFiles.matching("bench/*.txt").stream().map(this::title).collect(Collectors.toSet());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private String title(Resource file) {
        try {
            String text = file.getContentAsString(StandardCharsets.UTF_8);
            return RecipeFile.read(text, catalogue, Measures.METRIC).dish().title();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
