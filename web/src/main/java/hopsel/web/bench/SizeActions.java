package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.RefusedEditException;
import hopsel.core.bench.Resize;
import hopsel.core.dish.Vessel;
import hopsel.core.measure.Decimals;
import hopsel.web.catalogue.HouseCatalogue;
import hopsel.web.frame.Entered;
import hopsel.web.frame.Entered.BadEntryException;

import org.springframework.stereotype.Component;

import java.math.BigDecimal;
import java.math.MathContext;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** Another size: servings, pieces, what is in hand, the vessel. */
@Component
class SizeActions implements ActionSet {

    private final HouseCatalogue house;

    SizeActions(HouseCatalogue house) {
        this.house = house;
    }

    @Override
    public Map<String, BenchAction> actions() {
        Map<String, BenchAction> actions = new LinkedHashMap<>();
        actions.put("scale", this::scale);
        actions.put(
                "vessel",
                (sheet, in) -> Change.done(
                        sheet.with(sheet.dish().withVessel(Optional.of(vessel(in)))), "set the pan or tin"));
        actions.put("same-in", this::sameIn);
        return actions;
    }

    private Change scale(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Resize resize =
                switch (in.must("by")) {
                    case "pieces" -> Resize.byPieces(sheet, needed(in, "value"));
                    case "line" -> Resize.byIngredient(sheet, in.must("line"), needed(in, "value"), house.now());
                    case "vessel" -> Resize.byVessel(sheet, vessel(in));
                    default -> Resize.byServings(sheet, needed(in, "value"));
                };
        List<String> told = new ArrayList<>(List.of("Times %s."
                .formatted(Decimals.plain(resize.factor().round(new MathContext(4)))
                        .toPlainString())));
        told.addAll(resize.notes());
        return new Change(resize.sheet(), "another size", told);
    }

    private static BigDecimal needed(Entered in, String field) throws BadEntryException {
        return in.positive(field).orElseThrow(() -> new BadEntryException(field, "is empty. Write a number."));
    }

    private static Vessel vessel(Entered in) throws BadEntryException {
        Vessel.Shape shape =
                in.choice("shape", Vessel.Shape.values(), one -> one.name().toLowerCase(Locale.ROOT));
        BigDecimal length = needed(in, "length");
        BigDecimal width = shape == Vessel.Shape.ROUND ? length : needed(in, "width");
        return new Vessel(shape, length, width, needed(in, "depth"));
    }

    /** Nothing changes; the cook is told what the same amount does in another vessel. */
    private Change sameIn(Draft sheet, Entered in) throws BadEntryException, RefusedEditException {
        Vessel now = sheet.dish()
                .vessel()
                .orElseThrow(() -> new RefusedEditException("Say first what the dish is made in."));
        return new Change(
                sheet, "tried another pan or tin", List.of(Resize.sameIn(now, vessel(in), needed(in, "volume"))));
    }
}
