package hopsel.web.kit;

import hopsel.core.guest.Attendee;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.Storage;
import hopsel.core.kit.AsSold;
import hopsel.core.kit.Kit;
import hopsel.core.kit.KitStatement;
import hopsel.core.kit.Packing;
import hopsel.core.kit.PackingRun;
import hopsel.core.kit.PackingRun.Weighed;
import hopsel.core.kit.Portion;
import hopsel.core.planned.PlannedClass;
import hopsel.web.frame.Figures;
import hopsel.web.frame.LabelSheet;
import hopsel.web.frame.Print;
import hopsel.web.frame.SafetyWords;
import hopsel.web.guest.GuestStore;
import hopsel.web.guest.MadeStore;
import hopsel.web.tick.LabelsRead;

import org.springframework.stereotype.Component;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Labels for kits and for the bags in them, and the packing list that lies in the parcel. */
@Component
class KitLabels {

    private final Print print;
    private final Figures figures;
    private final GuestStore guests;
    private final MadeStore made;
    private final PackingState state;
    private final SafetyWords safety;
    private final LabelsRead labels;
    private final Catalogue builtIn;

    KitLabels(
            Print print,
            Figures figures,
            GuestStore guests,
            MadeStore made,
            PackingState state,
            SafetyWords safety,
            LabelsRead labels,
            Catalogue builtIn) {
        this.print = print;
        this.figures = figures;
        this.guests = guests;
        this.made = made;
        this.state = state;
        this.safety = safety;
        this.labels = labels;
        this.builtIn = builtIn;
    }

    /** Which labels. */
    enum Which {
        KIT,
        BAG
    }

    /**
     * A label.
     *
     * @param attendee whose
     * @param number of the kit, from 1
     * @param dish title; on a kit, what they get of dishes of which not everybody has the same
     * @param item what is in it; empty on a kit
     * @param portion how much; empty on a kit
     * @param inside what is in a bag that was mixed
     * @param cold whether it has to be kept cold
     * @param useBy date on the pack it was weighed from; empty: not weighed yet, or none
     */
    public record Label(
            Attendee attendee,
            int number,
            String dish,
            Optional<Item> item,
            Optional<Portion> portion,
            List<String> inside,
            List<String> allergens,
            boolean cold,
            Optional<LocalDate> useBy) {}

    List<Label> labels(PlannedClass planned, Packing packing, PackingRun run, Which which) {
        List<Label> labels = new ArrayList<>();
        int number = 0;
        for (Packing.KitGroup kind : packing.kinds()) {
            for (Kit kit : kind.kits()) {
                number++;
                if (which == Which.KIT) {
                    List<String> allergens = kind.allergens().stream()
                            .map(allergen -> figures.word(allergen.word()))
                            .toList();
                    labels.add(new Label(
                            kit.attendee(),
                            number,
                            state.variants(kit.attendee(), planned.cooking(), packing.catalogue()),
                            Optional.empty(),
                            Optional.empty(),
                            List.of(),
                            allergens,
                            kind.cold(),
                            first(run.in(kit.attendee().id()))));
                } else {
                    for (Portion portion : kind.portions()) {
                        labels.add(bag(planned, packing, kit, number, portion, run));
                    }
                }
            }
        }
        return labels;
    }

    private Label bag(PlannedClass planned, Packing packing, Kit kit, int number, Portion portion, PackingRun run) {
        Attendee attendee = kit.attendee();
        Item item = packing.catalogue().get(portion.item());
        Optional<LocalDate> useBy = Optional.ofNullable(run.in(attendee.id()).get(portion.key()))
                .flatMap(weighed -> weighed.lot().useBy());
        return new Label(
                attendee,
                number,
                state.called(planned.cooking().dish(portion.dish()), attendee, planned.cooking(), packing.catalogue()),
                Optional.of(item),
                Optional.of(portion),
                state.inside(kit, portion.item(), packing),
                figures.allergens(item),
                cold(item),
                useBy);
    }

    private static boolean cold(Item item) {
        return item.storage().filter(storage -> storage != Storage.AMBIENT).isPresent();
    }

    private static Optional<LocalDate> first(Map<Portion.Key, Weighed> in) {
        return in.values().stream()
                .flatMap(weighed -> weighed.lot().useBy().stream())
                .min(LocalDate::compareTo);
    }

    /**
     * The sheets; every attendee's code opens their own page, by a link that is made for it.
     *
     * @param base address of this application
     * @param names whether names stand on them, or only numbers
     */
    byte[] sheets(
            long id,
            PlannedClass planned,
            List<Label> labels,
            LabelSheet.Size size,
            int skip,
            boolean names,
            String base) {
        Map<String, String> links = new HashMap<>();
        labels.forEach(label -> links.computeIfAbsent(
                label.attendee.id(), attendee -> base + "/guest/" + guests.link(id, planned.cooking(), attendee)));
        var sheets = LabelSheet.place(labels, label -> links.get(label.attendee.id()), size, skip);
        return print.pdf(
                "kit/labels-pdf",
                Map.of(
                        "cooking",
                        planned.cooking(),
                        "sheets",
                        sheets,
                        "size",
                        size,
                        "names",
                        names,
                        "state",
                        state,
                        "figures",
                        figures));
    }

    /** What stands on the labels and the list of each attendee now, to tell what has to be printed again. */
    static Map<String, Object> content(PlannedClass planned) {
        Map<String, Object> content = new LinkedHashMap<>();
        // Mixed bags have other labels.
        List<String> mixed = planned.cooking().provision().mixed() ? List.of("mixed") : List.of();
        planned.kits()
                .forEach(kit -> content.put(
                        kit.attendee().id(),
                        List.of(
                                kit.attendee().name(),
                                kit.attendee().avoids(),
                                kit.attendee().ownWords(),
                                Stream.concat(
                                                kit.lines().stream().map(line -> packed(line, planned.sold())),
                                                mixed.stream())
                                        .toList())));
        return content;
    }

    private static String packed(Kit.Line line, AsSold sold) {
        String pack = sold.of(line.item())
                .map(choice -> " in packs of %s".formatted(choice.pack().grams().toPlainString()))
                .orElse("");
        String grams = line.grams().stripTrailingZeros().toPlainString();
        return "%s %s %s%s".formatted(line.dish(), line.item(), grams, pack);
    }

    void printed(long id, PlannedClass planned, MadeStore.Printed kind, String who) {
        content(planned).forEach((attendee, content) -> made.made(id, attendee, kind, content, who));
    }

    /** The packing lists, a page for each kit, in the order of packing. */
    byte[] lists(long id, PlannedClass planned, Packing packing, PackingRun run) {
        Catalogue catalogue = packing.catalogue();
        return print.pdf(
                "kit/list-pdf",
                Map.of(
                        "cooking",
                        planned.cooking(),
                        "catalogue",
                        catalogue,
                        "packing",
                        packing,
                        "run",
                        run,
                        "figures",
                        figures,
                        "state",
                        state,
                        "statements",
                        statements(id, planned)));
    }

    private Map<String, Said> statements(long id, PlannedClass planned) {
        Set<String> read = labels.of(id);
        return planned.kits().stream()
                .collect(Collectors.toMap(kit -> kit.attendee().id(), kit -> {
                    KitStatement statement = KitStatement.of(planned.cooking(), builtIn, kit.attendee(), read);
                    return new Said(
                            statement.without(),
                            kit.attendee().isCareful() ? safety.doubts(statement.doubts()) : List.of());
                }));
    }

    /** What may be said of a kit, and why not more. */
    public record Said(List<String> without, List<String> why) {}
}
