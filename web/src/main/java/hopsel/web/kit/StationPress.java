package hopsel.web.kit;

import hopsel.core.kit.AtStation;
import hopsel.core.kit.AtStation.Claim;
import hopsel.core.kit.AtStation.Clean;
import hopsel.core.kit.AtStation.Close;
import hopsel.core.kit.AtStation.Lot;
import hopsel.core.kit.AtStation.ReadLabel;
import hopsel.core.kit.AtStation.Release;
import hopsel.core.kit.AtStation.Reopen;
import hopsel.core.kit.AtStation.TakeOut;
import hopsel.core.kit.AtStation.Weigh;
import hopsel.core.kit.Portion;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import java.math.BigDecimal;
import java.time.LocalDate;
import java.time.format.DateTimeParseException;
import java.util.Optional;

/** The buttons of a weighing station, and what each of them says happened. */
enum StationPress {
    CLAIM,
    RELEASE,
    WEIGH,
    TAKE_OUT,
    CLOSE,
    REOPEN,
    CLEAN,
    READ_LABEL;

    private static final int LONGEST_LOT = 100;

    /**
     * What happened, by the fields of the station's form.
     *
     * @throws BadEntryException where a field does not say what it should
     */
    AtStation event(Entered in, String station) throws BadEntryException {
        return switch (this) {
            case CLEAN -> new Clean(station);
            case READ_LABEL -> new ReadLabel(in.must("portion"), lot(in), station);
            case CLAIM -> new Claim(in.must("kit"), station);
            case RELEASE -> new Release(in.must("kit"), station);
            case CLOSE -> new Close(in.must("kit"), station);
            case REOPEN -> new Reopen(in.must("kit"), station);
            case TAKE_OUT -> new TakeOut(in.must("kit"), portion(in), station);
            case WEIGH ->
                new Weigh(in.must("kit"), portion(in), in.number("grams").orElse(BigDecimal.ZERO), lot(in), station);
        };
    }

    private static Portion.Key portion(Entered in) throws BadEntryException {
        return new Portion.Key(in.must("dish"), in.must("portion"));
    }

    private static Lot lot(Entered in) throws BadEntryException {
        return lot(in, "lot", "useBy");
    }

    /**
     * The pack that something was taken from.
     *
     * @throws BadEntryException where a field does not say what it should
     */
    static Lot lot(Entered in, String nameField, String dateField) throws BadEntryException {
        Optional<String> date = in.text(dateField);
        String name = in.text(nameField).orElse("");
        if (name.length() > LONGEST_LOT) {
            throw new BadEntryException("lot", "is longer than 100 characters. Shorten it.");
        }
        try {
            return new Lot(name, date.map(LocalDate::parse));
        } catch (DateTimeParseException e) {
            throw new BadEntryException(
                    "use-by date",
                    "is “%s”, which isn't a date. Write it like 2027-03-01, or leave it empty."
                            .formatted(date.orElse("")));
        }
    }
}
