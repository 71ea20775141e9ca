package hopsel.web.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Pack;
import hopsel.core.provision.Pantry.Movement;
import hopsel.core.provision.Pantry.Turnover;
import hopsel.web.TestContext;
import hopsel.web.classes.ClassStore;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.jdbc.core.JdbcTemplate;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.List;
import java.util.Optional;

import javax.sql.DataSource;

/** Prices that were seen, links for the shop, and a ledger that is settled once. */
class ShelfStoreTest {

    private static final String ITEM = "galangal";
    private static final LocalDate DAY = LocalDate.of(2027, 3, 5);

    private final ShelfStore shelf = TestContext.bean(ShelfStore.class);
    private final ClassStore classes = TestContext.bean(ClassStore.class);
    private final JdbcTemplate database = new JdbcTemplate(TestContext.bean(DataSource.class));
    private final long id = classes.add(classes.find(3).orElseThrow().cooking());

    @AfterEach
    void tidy() throws Exception {
        database.update("delete from price_note where item_id = ? and who = 'shelf test'", ITEM);
        classes.remove(id, classes.version(id).orElseThrow());
    }

    /** Of each shop's pack the last price counts; where nobody saw one, the catalogue's own. */
    @Test
    void theLastPriceSeenIsTheOneThatCounts() {
        Catalogue built = TestContext.bean(Catalogue.class);
        shelf.price(ITEM, "Quay stores", BigDecimal.valueOf(100), new BigDecimal("2.10"), DAY, "shelf test");
        shelf.price(
                ITEM, "Quay stores", new BigDecimal("100.0"), new BigDecimal("2.60"), DAY.plusDays(1), "shelf test");
        shelf.price(ITEM, "Market", BigDecimal.valueOf(250), new BigDecimal("4.00"), DAY, "shelf test");
        assertThat(shelf.priced(built).get(ITEM).packs())
                .extracting(Pack::price)
                .usingElementComparator(BigDecimal::compareTo)
                .containsExactlyInAnyOrder(new BigDecimal("2.60"), new BigDecimal("4.00"));
        assertThat(shelf.priced(built).get("tahini").packs())
                .isEqualTo(built.get("tahini").packs());
    }

    @Test
    void aLinkForTheShopOpensOneClassUntilItIsWithdrawnOrOld() {
        String link = shelf.link(id, "host");
        String second = shelf.link(id, "host");
        assertThat(shelf.opened(link)).contains(id);
        assertThat(shelf.opened("x" + link)).isEmpty();
        assertThat(shelf.liveLinks(id)).isEqualTo(2);
        shelf.withdraw(id);
        assertThat(shelf.opened(link)).isEmpty();
        assertThat(shelf.opened(second)).isEmpty();
        assertThat(shelf.liveLinks(id)).isZero();
        String old = shelf.link(id, "host");
        database.update(
                "update shop_link set expires_at = ? where class_id = ? and withdrawn = false",
                LocalDateTime.now(ZoneOffset.UTC).minusSeconds(1),
                id);
        assertThat(shelf.opened(old)).isEmpty();
    }

    /** Pressed twice, it goes off the shelf once. */
    @Test
    void aClassIsSettledOnce() {
        BigDecimal before = there();
        List<Movement> bought = List.of(new Movement(
                Turnover.BOUGHT, ITEM, "shelf-test-" + id, BigDecimal.valueOf(40), Optional.of(DAY), false));
        assertThat(shelf.settle(id, bought, "host", "closed")).isTrue();
        assertThat(shelf.settle(id, bought, "host", "closed")).isFalse();
        assertThat(there().subtract(before)).isEqualByComparingTo("40");
        shelf.move(
                List.of(new Movement(
                        Turnover.THROWN_AWAY,
                        ITEM,
                        "shelf-test-" + id,
                        BigDecimal.valueOf(-40),
                        Optional.empty(),
                        false)),
                id,
                "host",
                "tidied");
        assertThat(there()).isEqualByComparingTo(before);
    }

    private BigDecimal there() {
        return shelf.pantry().grams(ITEM);
    }

    /** What a guest pays: nothing said is not nothing. */
    @Test
    void aFeeThatNobodySaidIsNotZero() {
        assertThat(shelf.fee(id)).isEmpty();
        shelf.fee(id, Optional.of(BigDecimal.ZERO));
        assertThat(shelf.fee(id)).hasValueSatisfying(fee -> assertThat(fee).isZero());
        shelf.fee(id, Optional.empty());
        assertThat(shelf.fee(id)).isEmpty();
    }
}
