package hopsel.web.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.classes.CookingClass;
import hopsel.core.item.Catalogue;
import hopsel.formats.classfile.ClassFile;
import hopsel.web.TestContext;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.core.io.ClassPathResource;

/** Classes in the real database. */
class ClassStoreTest {

    private final ClassStore store = TestContext.bean(ClassStore.class);
    private final Catalogue catalogue = TestContext.bean(Catalogue.class);

    @ParameterizedTest
    @ValueSource(strings = {"1-harbour-supper", "2-laksa-evening", "3-sago-recording"})
    void whatIsStoredIsFoundAsTheSameAndNeverSilentlyOverwritten(String name) throws Exception {
        byte[] file = new ClassPathResource("hopsel/demo/" + name + ".json").getContentAsByteArray();
        CookingClass cooking = ClassFile.read(file, catalogue);
        long id = store.add(cooking);
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(cooking);

        store.replace(id, 1, cooking);
        assertThat(store.version(id)).contains(2);
        assertThatThrownBy(() -> store.replace(id, 1, cooking)).isInstanceOf(StaleClassException.class);
        assertThatThrownBy(() -> store.remove(id, 1)).isInstanceOf(StaleClassException.class);
        assertThat(store.find(id).orElseThrow().cooking()).isEqualTo(cooking);
        store.remove(id, 2);
        assertThat(store.find(id)).isEmpty();
    }
}
