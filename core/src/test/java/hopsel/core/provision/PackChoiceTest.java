package hopsel.core.provision;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.item.Pack;
import hopsel.core.shop.PackChoice;
import hopsel.core.shop.PackCount;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import java.math.BigDecimal;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Random;

/** The choice of packs against trying everything. */
class PackChoiceTest {

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8})
    void isWhatTryingEverythingFinds(long seed) {
        Random random = new Random(seed);
        for (int round = 0; round < 60; round++) {
            List<Pack> packs = new ArrayList<>();
            for (int i = 0; i < 1 + random.nextInt(3); i++) {
                packs.add(pack(25 * (1 + random.nextInt(20)), random.nextInt(40) / 10.0));
            }
            BigDecimal need = BigDecimal.valueOf(1 + random.nextInt(18_000), 1);
            assertThat(figures(PackChoice.cover(need, packs)))
                    .as("%s from %s", need, packs)
                    .usingElementComparator(Comparator.naturalOrder())
                    .isEqualTo(everything(need, packs));
        }
    }

    @Test
    void aLargeNeedIsStillExact() {
        List<Pack> packs = List.of(pack(340, 1.0), pack(1000, 2.9));
        assertThat(figures(PackChoice.cover(BigDecimal.valueOf(5_000_000), packs))
                        .get(0))
                .isEqualByComparingTo("14500");
    }

    @Test
    void nothingIsBoughtForNoNeed() {
        assertThat(PackChoice.cover(BigDecimal.ZERO, List.of(pack(100, 1)))).isEmpty();
    }

    /** Cost, grams, number. */
    private static List<BigDecimal> figures(List<PackCount> chosen) {
        return List.of(
                sum(chosen.stream().map(PackCount::cost).toList()),
                sum(chosen.stream().map(PackCount::grams).toList()),
                BigDecimal.valueOf(chosen.stream().mapToLong(PackCount::count).sum()));
    }

    private static BigDecimal sum(List<BigDecimal> numbers) {
        return numbers.stream().reduce(BigDecimal.ZERO, BigDecimal::add);
    }

    private static List<BigDecimal> everything(BigDecimal need, List<Pack> packs) {
        List<List<PackCount>> all = new ArrayList<>();
        extend(need, packs, 0, new ArrayList<>(), all);
        Comparator<List<BigDecimal>> order = Comparator.comparing((List<BigDecimal> f) -> f.get(0))
                .thenComparing(f -> f.get(1))
                .thenComparing(f -> f.get(2));
        return all.stream().map(PackChoiceTest::figures).min(order).orElseThrow();
    }

    private static void extend(
            BigDecimal need, List<Pack> packs, int from, List<PackCount> chosen, List<List<PackCount>> all) {
        if (need.signum() <= 0) {
            all.add(List.copyOf(chosen));
            return;
        }
        if (from == packs.size()) {
            return;
        }
        Pack pack = packs.get(from);
        for (int count = 0; ; count++) {
            BigDecimal rest = need.subtract(pack.grams().multiply(BigDecimal.valueOf(count)));
            chosen.add(new PackCount(pack, count));
            extend(rest, packs, from + 1, chosen, all);
            chosen.remove(chosen.size() - 1);
            if (rest.signum() <= 0) {
                return;
            }
        }
    }

    private static Pack pack(int grams, double price) {
        return new Pack(BigDecimal.valueOf(grams), BigDecimal.valueOf(price));
    }
}
