package hopsel.web.provision;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

/** Shelf, prices, pantry and money in the database. */
@Mapper
interface ShelfMapper {

    List<ShelfRow> shelf();

    void putShelf(@Param("row") ShelfRow row);

    List<PriceRow> prices();

    void addPrice(@Param("row") PriceRow row);

    List<MovementRow> ledger();

    List<MovementRow> lastMovements(@Param("most") int most);

    void addMovement(@Param("row") MovementRow row);

    Optional<MoneyRow> money(@Param("id") long id);

    void putFee(@Param("id") long id, @Param("fee") @Nullable BigDecimal fee);

    /** Marks a class as settled; 0 where it was. */
    int settle(@Param("id") long id);

    void addMoney(@Param("id") long id);

    void addLink(@Param("row") LinkRow row);

    Optional<LinkRow> link(@Param("digest") String digest);

    void withdraw(@Param("id") long id);

    int liveLinks(@Param("id") long id, @Param("now") LocalDateTime now);

    void dropBought(@Param("id") long id, @Param("item") String item);

    void putBought(@Param("id") long id, @Param("item") String item, @Param("grams") BigDecimal grams);

    List<BoughtRow> bought(@Param("id") long id);

    record BoughtRow(String itemId, BigDecimal grams) {}

    record ShelfRow(String itemId, String shop, String aisle, int leadDays) {}

    record PriceRow(String itemId, String shop, BigDecimal grams, BigDecimal price, LocalDate seenOn, String who) {}

    record MovementRow(
            String kind,
            String itemId,
            String batch,
            BigDecimal grams,
            @Nullable LocalDate useBy,
            boolean opened,
            @Nullable Long classId,
            String who,
            LocalDateTime at,
            String reason) {}

    record MoneyRow(@Nullable BigDecimal fee, boolean settled) {}

    record LinkRow(String digest, long classId, String madeBy, LocalDateTime expiresAt, boolean withdrawn) {}
}
