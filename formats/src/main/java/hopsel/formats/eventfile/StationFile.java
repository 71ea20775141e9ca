package hopsel.formats.eventfile;

import hopsel.core.kit.AtStation;
import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.MakeMix;
import hopsel.core.kit.AtStation.OfKit;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Taken;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.AtStationClaimBuilder;
import hopsel.core.kit.AtStationCleanBuilder;
import hopsel.core.kit.AtStationCloseBuilder;
import hopsel.core.kit.AtStationLotBuilder;
import hopsel.core.kit.AtStationMakeMixBuilder;
import hopsel.core.kit.AtStationReadLabelBuilder;
import hopsel.core.kit.AtStationReleaseBuilder;
import hopsel.core.kit.AtStationReopenBuilder;
import hopsel.core.kit.AtStationTakeOutBuilder;
import hopsel.core.kit.AtStationTakenBuilder;
import hopsel.core.kit.AtStationWeighBuilder;
import hopsel.core.kit.Portion;
import hopsel.core.kit.PortionKeyBuilder;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Json;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import tools.jackson.databind.node.ObjectNode;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.util.function.BiConsumer;
import java.util.function.Function;
import java.util.function.Supplier;

/** Reads and writes what happened at the weighing stations, as {@link EventFile} does what happened on air. */
public final class StationFile {

    private static final Value<String> ID = Values.TEXT;
    private static final Value<BigDecimal> GRAMS =
            Values.number(new Bounds(BigDecimal.ZERO, false, BigDecimal.valueOf(1_000_000_000), false));
    private static final Value<LocalDate> DAY = Values.as(Values.TEXT, StationFile::day, LocalDate::toString);

    private static final Shape<?, Portion.Key> PORTION = Shape.of(
                    "portion", PortionKeyBuilder::builder, PortionKeyBuilder::build)
            .must("dish", ID, Portion.Key::dish, PortionKeyBuilder::dish)
            .must("item", ID, Portion.Key::item, PortionKeyBuilder::item);
    private static final Shape<?, Lot> LOT = Shape.of("lot", AtStationLotBuilder::builder, AtStationLotBuilder::build)
            .usually("lot", Values.ANY_TEXT, "", Lot::name, AtStationLotBuilder::name)
            .may("use-by", DAY, Lot::useBy, AtStationLotBuilder::useBy);

    private static final Shape<?, Taken> TAKEN = Shape.of(
                    "taken", AtStationTakenBuilder::builder, AtStationTakenBuilder::build)
            .must("item", ID, Taken::item, AtStationTakenBuilder::item)
            .must("grams", GRAMS, Taken::grams, AtStationTakenBuilder::grams)
            .inline(LOT, Taken::lot, AtStationTakenBuilder::lot);

    private static final Kinds<AtStation> KINDS = new Kinds<AtStation>("nothing that happens at a station")
            .with(
                    "claim",
                    Claim.class,
                    kit(
                            "claim",
                            AtStationClaimBuilder::builder,
                            AtStationClaimBuilder::build,
                            AtStationClaimBuilder::kit,
                            AtStationClaimBuilder::station))
            .with(
                    "release",
                    Release.class,
                    kit(
                            "release",
                            AtStationReleaseBuilder::builder,
                            AtStationReleaseBuilder::build,
                            AtStationReleaseBuilder::kit,
                            AtStationReleaseBuilder::station))
            .with(
                    "weigh",
                    Weigh.class,
                    kit(
                                    "weigh",
                                    AtStationWeighBuilder::builder,
                                    AtStationWeighBuilder::build,
                                    AtStationWeighBuilder::kit,
                                    AtStationWeighBuilder::station)
                            .inline(PORTION, Weigh::portion, AtStationWeighBuilder::portion)
                            .must("grams", GRAMS, Weigh::grams, AtStationWeighBuilder::grams)
                            .inline(LOT, Weigh::lot, AtStationWeighBuilder::lot))
            .with(
                    "take-out",
                    TakeOut.class,
                    kit(
                                    "take-out",
                                    AtStationTakeOutBuilder::builder,
                                    AtStationTakeOutBuilder::build,
                                    AtStationTakeOutBuilder::kit,
                                    AtStationTakeOutBuilder::station)
                            .inline(PORTION, TakeOut::portion, AtStationTakeOutBuilder::portion))
            .with(
                    "close",
                    Close.class,
                    kit(
                            "close",
                            AtStationCloseBuilder::builder,
                            AtStationCloseBuilder::build,
                            AtStationCloseBuilder::kit,
                            AtStationCloseBuilder::station))
            .with(
                    "reopen",
                    Reopen.class,
                    kit(
                            "reopen",
                            AtStationReopenBuilder::builder,
                            AtStationReopenBuilder::build,
                            AtStationReopenBuilder::kit,
                            AtStationReopenBuilder::station))
            .with(
                    "clean",
                    Clean.class,
                    Shape.of("clean", AtStationCleanBuilder::builder, AtStationCleanBuilder::build)
                            .must("station", ID, Clean::station, AtStationCleanBuilder::station))
            .with(
                    "read-label",
                    ReadLabel.class,
                    Shape.of("read-label", AtStationReadLabelBuilder::builder, AtStationReadLabelBuilder::build)
                            .must("station", ID, ReadLabel::station, AtStationReadLabelBuilder::station)
                            .must("item", ID, ReadLabel::item, AtStationReadLabelBuilder::item)
                            .inline(LOT, ReadLabel::lot, AtStationReadLabelBuilder::lot))
            .with(
                    "make-mix",
                    MakeMix.class,
                    Shape.of("make-mix", AtStationMakeMixBuilder::builder, AtStationMakeMixBuilder::build)
                            .must("station", ID, MakeMix::station, AtStationMakeMixBuilder::station)
                            .must("mix", ID, MakeMix::mix, AtStationMakeMixBuilder::mix)
                            .must("taken", Values.list(TAKEN), MakeMix::taken, AtStationMakeMixBuilder::taken));

    private StationFile() {}

    private static <B, T extends OfKit> Shape<B, T> kit(
            String word,
            Supplier<B> builder,
            Function<B, T> build,
            BiConsumer<B, String> kit,
            BiConsumer<B, String> station) {
        return Shape.of(word, builder, build)
                .must("kit", ID, OfKit::kit, kit)
                .must("station", ID, OfKit::station, station);
    }

    /** A day as it is written; any day for what is no day, which cannot be there. */
    private static LocalDate day(String text) {
        return LocalDate.parse(text.isEmpty() ? "2000-01-01" : text);
    }

    /** What happened, on one line. */
    public static String write(AtStation what) {
        return Json.line(node(what));
    }

    /** What happened, as part of a larger document. */
    public static ObjectNode node(AtStation what) {
        return KINDS.node(what);
    }

    /**
     * Reads what {@link #write} wrote.
     *
     * @throws IllegalArgumentException where it is nothing that can happen, with what is wrong
     */
    public static AtStation read(String document) {
        return KINDS.read(document);
    }
}
