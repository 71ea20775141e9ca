package hopsel.web.bench;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import hopsel.core.bench.BringIn;
import hopsel.core.bench.Draft;
import hopsel.core.item.Catalogue;
import hopsel.web.TestContext;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.catalogue.HouseCatalogue;

import org.junit.jupiter.api.Test;

import java.util.List;
import java.util.Optional;

/** A share that is taken out of another dish: both dishes are kept, or neither. */
class SharedOutTest {

    private final BenchStore store = TestContext.bean(BenchStore.class);

    private StoredDish copyOf(Draft sheet) {
        return store.find(store.add(sheet, "host", "brought in")).orElseThrow();
    }

    private static Change share(StoredDish taker, StoredDish giver, Catalogue catalogue) throws Exception {
        String component = giver.sheet().dish().components().get(0).id();
        BringIn.Parted parted = BringIn.parted(taker.sheet(), giver.sheet(), component, "a third of it", catalogue);
        return new Change(
                parted.here(), "took a share", List.of(), Optional.of(new Change.Other(giver, parted.there())));
    }

    @Test
    void bothDishesAreKeptOrNeither() throws Exception {
        List<StoredDish> bench = store.all();
        StoredDish taker = copyOf(bench.get(0).sheet());
        StoredDish giver = copyOf(bench.get(1).sheet());
        Change change =
                share(taker, giver, TestContext.bean(HouseCatalogue.class).now());

        store.save(giver.id(), giver.version(), giver.sheet(), "somebody else", "looked again");
        assertThatThrownBy(() -> store.save(taker.id(), taker.version(), change, "host"))
                .isInstanceOf(StaleDishException.class);
        assertThat(store.find(taker.id()).orElseThrow().version()).isEqualTo(taker.version());

        StoredDish now = store.find(giver.id()).orElseThrow();
        Change again = share(taker, now, TestContext.bean(HouseCatalogue.class).now());
        store.save(taker.id(), taker.version(), again, "host");
        assertThat(store.find(taker.id()).orElseThrow().sheet().dish().components())
                .hasSize(taker.sheet().dish().components().size() + 1);
        assertThat(store.find(giver.id()).orElseThrow().sheet().dish())
                .isNotEqualTo(giver.sheet().dish());

        store.remove(taker.id(), store.find(taker.id()).orElseThrow().version());
        store.remove(giver.id(), store.find(giver.id()).orElseThrow().version());
    }
}
