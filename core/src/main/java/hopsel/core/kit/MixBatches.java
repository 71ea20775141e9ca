package hopsel.core.kit;

import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.MakeMix;
import hopsel.core.kit.AtStation.Taken;
import hopsel.core.measure.Decimals;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.BiConsumer;

/** The batches of mixes that were made, each with what went into it. */
final class MixBatches {

    /** By the id of their mix, the last one made last. */
    private final Map<String, List<MakeMix>> made = new LinkedHashMap<>();

    void add(MakeMix batch) {
        made.computeIfAbsent(batch.mix(), any -> new ArrayList<>()).add(batch);
    }

    boolean isMade(String mix) {
        return made.containsKey(mix);
    }

    /** Ids of what is in a mix; anything else is itself. */
    List<String> inside(String item) {
        List<MakeMix> batches = made.getOrDefault(item, List.of());
        return batches.isEmpty()
                ? List.of(item)
                : batches.stream()
                        .flatMap(batch -> batch.taken().stream().map(Taken::item))
                        .toList();
    }

    /** The batch that was made last, as the pack that bags are filled from. */
    Lot last(String mix) {
        return lot(mix, made.getOrDefault(mix, List.of()).size());
    }

    private static Lot lot(String mix, int number) {
        String inside = mix.substring(mix.lastIndexOf('-') + 1);
        return new Lot("batch %d of %s".formatted(number, inside), Optional.empty());
    }

    /** Each batch with the name under which bags are filled from it. */
    void forEach(BiConsumer<MakeMix, Lot> what) {
        made.forEach((mix, batches) -> {
            for (int i = 0; i < batches.size(); i++) {
                what.accept(batches.get(i), lot(mix, i + 1));
            }
        });
    }

    /** What share of a batch an item from a pack is; 0 for what is no batch. */
    BigDecimal share(String mix, Lot batch, String item, String pack) {
        List<MakeMix> batches = made.getOrDefault(mix, List.of());
        for (int i = 0; i < batches.size(); i++) {
            if (lot(mix, i + 1).name().equals(batch.name())) {
                return share(batches.get(i), item, pack);
            }
        }
        return BigDecimal.ZERO;
    }

    private static BigDecimal share(MakeMix batch, String item, String pack) {
        BigDecimal all = batch.taken().stream().map(Taken::grams).reduce(BigDecimal.ZERO, BigDecimal::add);
        BigDecimal own = batch.taken().stream()
                .filter(taken -> taken.item().equals(item) && taken.lot().name().equals(pack))
                .map(Taken::grams)
                .reduce(BigDecimal.ZERO, BigDecimal::add);
        return Decimals.ratio(own, all);
    }
}
