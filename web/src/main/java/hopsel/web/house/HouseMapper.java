package hopsel.web.house;

import hopsel.core.house.DateOrder;
import hopsel.core.house.Degrees;
import hopsel.core.house.Hours;
import hopsel.core.house.House;
import hopsel.core.measure.Measures;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.jspecify.annotations.Nullable;

import java.math.BigDecimal;
import java.time.DayOfWeek;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.Currency;
import java.util.Optional;

/** The house in the database. */
@Mapper
interface HouseMapper {

    Optional<Row> house();

    void put(@Param("row") Row row, @Param("at") LocalDateTime at, @Param("who") String who);

    void putLogo(
            @Param("logo") byte @Nullable [] logo,
            @Param("digest") @Nullable String digest,
            @Param("at") LocalDateTime at,
            @Param("who") String who);

    Optional<Logo> logo();

    /** A picture of the house, PNG. */
    record Logo(byte[] png) {}

    record Row(
            String name,
            String address,
            @Nullable String currency,
            String measures,
            String degrees,
            String hours,
            String dates,
            String weekStart,
            @Nullable BigDecimal fee,
            @Nullable BigDecimal vat,
            @Nullable String zone,
            @Nullable Integer guestMonths,
            int undoDays,
            @Nullable String logoDigest) {

        static Row of(House house) {
            return new Row(
                    house.name(),
                    house.address(),
                    house.currency().map(Currency::getCurrencyCode).orElse(null),
                    house.measures().word(),
                    house.degrees().name(),
                    house.hours().name(),
                    house.dates().name(),
                    house.weekStart().name(),
                    house.fee().orElse(null),
                    house.vat().orElse(null),
                    house.zone().map(ZoneId::getId).orElse(null),
                    house.guestMonths().orElse(null),
                    house.undoDays(),
                    null);
        }

        House house() {
            return new House(
                    name,
                    address,
                    Optional.ofNullable(currency).map(Currency::getInstance),
                    Measures.of(measures).orElse(Measures.METRIC),
                    Degrees.valueOf(degrees),
                    Hours.valueOf(hours),
                    DateOrder.valueOf(dates),
                    DayOfWeek.valueOf(weekStart),
                    Optional.ofNullable(fee),
                    Optional.ofNullable(vat),
                    Optional.ofNullable(zone).map(ZoneId::of),
                    Optional.ofNullable(guestMonths),
                    undoDays);
        }
    }
}
