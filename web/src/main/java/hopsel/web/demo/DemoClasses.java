package hopsel.web.demo;

import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.formats.classfile.FaultyFileException;
import hopsel.web.classes.ClassStore;

import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.Resource;
import org.springframework.stereotype.Component;

import java.io.IOException;

/** Loads the demo classes into an empty database, through the same reader as any upload. */
@Component
@Order(1)
@ConditionalOnProperty("hopsel.demo")
class DemoClasses implements ApplicationRunner {

    private final ClassStore store;
    private final Catalogue catalogue;

    DemoClasses(ClassStore store, Catalogue catalogue) {
        this.store = store;
        this.catalogue = catalogue;
    }

    @Override
    public void run(ApplicationArguments arguments) throws IOException, FaultyFileException {
        if (!store.isEmpty()) {
            return;
        }
        for (Resource file : DemoFiles.matching("*.json")) {
            store.add(ClassFile.read(file.getContentAsByteArray(), catalogue));
        }
    }
}
