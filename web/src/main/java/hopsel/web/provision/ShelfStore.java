package hopsel.web.provision;

import hopsel.core.item.Catalogue;
import hopsel.core.item.Pack;
import hopsel.core.provision.Pantry;
import hopsel.core.provision.Pantry.Movement;
import hopsel.web.frame.Secret;
import hopsel.web.provision.ShelfMapper.LinkRow;
import hopsel.web.provision.ShelfMapper.MoneyRow;
import hopsel.web.provision.ShelfMapper.MovementRow;
import hopsel.web.provision.ShelfMapper.PriceRow;
import hopsel.web.provision.ShelfMapper.ShelfRow;

import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.math.BigDecimal;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

/** Where things are bought, what they cost, what is on the shelf, and what a class pays. */
@Repository
public class ShelfStore {

    private static final Duration LINK_LIVES = Duration.ofDays(14);

    private final ShelfMapper mapper;
    private final Clock clock;

    ShelfStore(ShelfMapper mapper, Clock clock) {
        this.mapper = mapper;
        this.clock = clock;
    }

    /** Where an item is bought. */
    record Shelf(String shop, String aisle, int leadDays) {}

    Map<String, Shelf> shelf() {
        Map<String, Shelf> shelf = new LinkedHashMap<>();
        mapper.shelf().forEach(row -> shelf.put(row.itemId(), new Shelf(row.shop(), row.aisle(), row.leadDays())));
        return shelf;
    }

    void put(String item, Shelf shelf) {
        mapper.putShelf(new ShelfRow(item, shelf.shop, shelf.aisle, shelf.leadDays));
    }

    /** Days that an item takes to come, by id; those that are in the shop are left out. */
    public Map<String, Integer> leadDays() {
        return mapper.shelf().stream()
                .filter(row -> row.leadDays() > 0)
                .collect(Collectors.toMap(ShelfRow::itemId, ShelfRow::leadDays));
    }

    /** The prices that were seen, the last of each pack. */
    List<PriceRow> prices() {
        Map<String, PriceRow> last = new LinkedHashMap<>();
        mapper.prices()
                .forEach(row -> last.put(
                        "%s %s %s"
                                .formatted(
                                        row.itemId(),
                                        row.shop(),
                                        row.grams().stripTrailingZeros().toPlainString()),
                        row));
        return List.copyOf(last.values());
    }

    void price(String item, String shop, BigDecimal grams, BigDecimal price, LocalDate seen, String who) {
        mapper.addPrice(new PriceRow(item, shop, grams, price, seen, who));
    }

    /** The catalogue with the packs that were seen in shops in the place of its own. */
    public Catalogue priced(Catalogue catalogue) {
        Map<String, List<Pack>> seen = new LinkedHashMap<>();
        prices().forEach(row ->
                seen.computeIfAbsent(row.itemId(), any -> new ArrayList<>()).add(new Pack(row.grams(), row.price())));
        return catalogue.with(seen.entrySet().stream()
                .flatMap(entry -> catalogue.find(entry.getKey()).map(item -> item.in(entry.getValue())).stream())
                .toList());
    }

    Pantry pantry() {
        return Pantry.after(mapper.ledger().stream()
                .map(row -> new Movement(
                        Pantry.Turnover.valueOf(row.kind()),
                        row.itemId(),
                        row.batch(),
                        row.grams(),
                        Optional.ofNullable(row.useBy()),
                        row.opened()))
                .toList());
    }

    List<MovementRow> lastMovements(int most) {
        return mapper.lastMovements(most);
    }

    @Transactional
    void move(List<Movement> movements, @Nullable Long classId, String who, String reason) {
        movements.forEach(line -> mapper.addMovement(new MovementRow(
                line.kind().name(),
                line.item(),
                line.batch(),
                line.grams(),
                line.useBy().orElse(null),
                line.opened(),
                classId,
                who,
                now(),
                reason)));
    }

    /** Settles a class once; false where it was settled already. */
    @Transactional
    boolean settle(long id, List<Movement> movements, String who, String reason) {
        mapper.addMoney(id);
        if (mapper.settle(id) == 0) {
            return false;
        }
        move(movements, id, who, reason);
        return true;
    }

    MoneyRow money(long id) {
        return mapper.money(id).orElse(new MoneyRow(null, false));
    }

    /** What an attendee pays; empty: nobody has said. */
    public Optional<BigDecimal> fee(long id) {
        return Optional.ofNullable(money(id).fee());
    }

    /** What an attendee pays from now on; empty: nobody says. */
    public void fee(long id, Optional<BigDecimal> fee) {
        mapper.putFee(id, fee.orElse(null));
    }

    /** A new link for a class's list; only its digest is kept, so it is shown once. */
    String link(long id, String who) {
        String token = Secret.fresh();
        mapper.addLink(new LinkRow(Secret.digest(token), id, who, now().plus(LINK_LIVES), false));
        return token;
    }

    /** The class whose list a link opens, if it is alive. */
    Optional<Long> opened(String token) {
        return mapper.link(Secret.digest(token))
                .filter(row -> !row.withdrawn() && row.expiresAt().isAfter(now()))
                .map(LinkRow::classId);
    }

    void withdraw(long id) {
        mapper.withdraw(id);
    }

    int liveLinks(long id) {
        return mapper.liveLinks(id, now());
    }

    private LocalDateTime now() {
        return LocalDateTime.ofInstant(clock.instant(), ZoneOffset.UTC);
    }
}
