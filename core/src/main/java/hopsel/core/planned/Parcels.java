package hopsel.core.planned;

import hopsel.core.classes.CookingClass;
import hopsel.core.classes.Posting;
import hopsel.core.guest.Attendee;
import hopsel.core.guest.Particulars;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.item.Trait;
import hopsel.core.kit.Packing;
import hopsel.core.kit.Portion;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Predicate;

/**
 * Kits on their way to guests: when each is there, and what in it should not travel.
 *
 * @param handed day on which they are handed to the carrier
 * @param parcels in the order in which they are packed
 */
public record Parcels(LocalDate handed, List<Parcel> parcels) {

    /** Days that cool packs keep a parcel cold. Kitchen practice; the carrier and local rules have the last word. */
    private static final int COLD_DAYS = 1;
    /** Grams of something that runs, from which it is no longer sent. Kitchen practice. */
    private static final BigDecimal LITRES = BigDecimal.valueOf(500);

    /** Keeps its own copy. */
    public Parcels {
        parcels = List.copyOf(parcels);
    }

    /** Why something should not travel. */
    public enum Why {
        /** It has to stay cold longer than cool packs last. */
        COLD,
        /** It wilts on the way. */
        WILTS,
        /** It was taken out of a tin or carton that keeps closed only. */
        OPENED,
        /** It runs, and is too much of it. */
        LITRES
    }

    /**
     * Something that should not travel: the guest buys it, or it goes in a pack as it is sold.
     *
     * @param item id
     */
    public record Stays(String item, Why why) {}

    /**
     * A parcel.
     *
     * @param arrives day on which it is there, at the latest
     * @param late whether that is not before the day of the class
     * @param lastDay last day on which it can be handed over and be there the day before
     * @param days days on the way, Sundays too
     * @param stays what should not travel in it
     */
    public record Parcel(
            Attendee attendee, LocalDate arrives, boolean late, LocalDate lastDay, int days, List<Stays> stays) {

        /** Keeps its own copy. */
        public Parcel {
            stays = List.copyOf(stays);
        }

        /** Ids of what should not travel, by the reason. */
        public Map<Why, List<String>> byWhy() {
            Map<Why, List<String>> items = new EnumMap<>(Why.class);
            stays.forEach(one ->
                    items.computeIfAbsent(one.why, any -> new ArrayList<>()).add(one.item));
            return items;
        }
    }

    /**
     * The parcels of a class.
     *
     * @param known what is known of attendees, by their id; who picks their kit up gets no parcel
     */
    public static Parcels of(CookingClass cooking, Posting posting, Packing packing, Map<String, Particulars> known) {
        LocalDate day = cooking.startsAt().toLocalDate();
        List<Parcel> parcels = new ArrayList<>();
        for (Packing.KitGroup kind : packing.kinds()) {
            kind.kits().stream().filter(kit -> !picksUp(kit.attendee(), known)).forEach(kit -> {
                ZoneId there = kit.attendee().zone().orElse(cooking.zone());
                LocalDate arrives = posting.arrives(day, cooking.zone(), there);
                int days = (int) ChronoUnit.DAYS.between(posting.handed(day), arrives);
                parcels.add(new Parcel(
                        kit.attendee(),
                        arrives,
                        !arrives.isBefore(day),
                        posting.lastDay(day, cooking.zone(), there),
                        days,
                        stays(kind.portions(), packing.catalogue(), days)));
            });
        }
        return new Parcels(posting.handed(day), parcels);
    }

    private static boolean picksUp(Attendee attendee, Map<String, Particulars> known) {
        return known.getOrDefault(attendee.id(), Particulars.UNKNOWN).delivery() == Particulars.Delivery.PICK_UP;
    }

    private static List<Stays> stays(List<Portion> portions, Catalogue catalogue, int days) {
        List<Stays> stays = new ArrayList<>();
        for (Portion portion : portions) {
            Item item = catalogue.get(portion.item());
            boolean shelf = item.storage()
                    .filter(Predicate.not(Storage.AMBIENT::equals))
                    .isEmpty();
            boolean opened = portion.sold().isEmpty() && !portion.isCounted();
            if (opened && shelf && item.has(Trait.KEEP_COLD)) {
                stays.add(new Stays(item.id(), Why.OPENED));
            } else if (days > COLD_DAYS && staysCold(item, portion)) {
                stays.add(new Stays(item.id(), Why.COLD));
            } else if (days > COLD_DAYS && item.has(Trait.WILTS)) {
                stays.add(new Stays(item.id(), Why.WILTS));
            } else if (opened && item.has(Trait.LIQUID) && portion.grams().compareTo(LITRES) >= 0) {
                stays.add(new Stays(item.id(), Why.LITRES));
            }
        }
        return stays;
    }

    /** Curds, creams and what is frozen; a cucumber is better cold, and no danger where it is not. */
    private static boolean staysCold(Item item, Portion portion) {
        boolean frozen = item.storage().filter(Storage.FROZEN::equals).isPresent();
        return portion.compartment() == Portion.Compartment.COLD && (frozen || item.has(Trait.KEEP_COLD));
    }
}
