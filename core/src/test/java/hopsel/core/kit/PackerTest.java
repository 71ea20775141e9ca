package hopsel.core.kit;

import static org.assertj.core.api.Assertions.assertThat;

import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.Packer.Done;

import org.junit.jupiter.api.Test;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;

/** Two at the bench. */
class PackerTest {

    private static Weigh weigh(String kit, String station) {
        Lot lot = new Lot("L1", Optional.empty());
        return new Weigh(kit, new Portion.Key("soup", "leek"), BigDecimal.TEN, lot, station);
    }

    @Test
    void eachHasTheKitsInHandAndThoseTheyClosed() {
        assertThat(Packer.of(List.of(
                        new Done("pia", new Claim("ana", "1")),
                        new Done("maren", new Clean("2")),
                        new Done("pia", weigh("ana", "1")),
                        new Done("pia", new Close("ana", "1")),
                        new Done("maren", weigh("ben", "2")),
                        new Done("pia", new Claim("cleo", "3")))))
                .containsExactly(
                        new Packer("pia", "3", List.of("cleo"), 1, List.of("ana")),
                        new Packer("maren", "2", List.of("ben"), 1, List.of()));
    }

    @Test
    void aKitThatIsPutDownOrOpenedAgainIsNobodys() {
        assertThat(Packer.of(List.of(
                        new Done("pia", weigh("ana", "1")),
                        new Done("pia", new Close("ana", "1")),
                        new Done("pia", new Claim("ben", "1")),
                        new Done("maren", new Reopen("ana", "2")),
                        new Done("maren", new Release("ben", "2")))))
                .containsExactly(
                        new Packer("pia", "1", List.of(), 1, List.of()),
                        new Packer("maren", "2", List.of(), 0, List.of()));
    }
}
