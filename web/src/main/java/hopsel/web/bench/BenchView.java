package hopsel.web.bench;

import hopsel.core.bench.Colleague;
import hopsel.core.bench.DishTimes;
import hopsel.core.bench.Draft;
import hopsel.core.bench.KitchenAnswers;
import hopsel.core.bench.Ladders;
import hopsel.core.bench.LineText;
import hopsel.core.bench.Notes;
import hopsel.core.bench.Objection;
import hopsel.core.bench.PartYield;
import hopsel.core.bench.Things;
import hopsel.core.caution.Caution;
import hopsel.core.caution.StepCautions;
import hopsel.core.dish.After;
import hopsel.core.dish.Component;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.Step;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.food.FoodFlow;
import hopsel.core.food.Product;
import hopsel.core.item.Catalogue;
import hopsel.core.item.Item;
import hopsel.core.item.KnownSubstitution;
import hopsel.core.measure.Decimals;
import hopsel.core.recipe.OnCamera;
import hopsel.core.recipe.TechniqueReader;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.frame.Entered;

import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** A dish on the bench, as its page asks about it. Everything in it was worked out by the core. */
public final class BenchView {

    private final StoredDish stored;
    private final Draft sheet;
    private final Catalogue catalogue;
    private final DishTimes times;
    private final List<Objection> objections;
    private final StripDrawing drawing;
    private final FoodFlow flow;
    private final OnCamera camera;
    private final Optional<Step> picked;

    BenchView(StoredDish stored, Catalogue house, Optional<String> pick) {
        this.stored = stored;
        this.sheet = stored.sheet();
        this.catalogue = sheet.catalogue(house);
        this.times = DishTimes.of(sheet.dish());
        this.objections = Colleague.objections(sheet, house);
        this.drawing = StripDrawing.of(sheet, times);
        this.flow = FoodFlow.of(sheet.dish(), catalogue);
        this.camera = OnCamera.of(sheet.notes().source());
        this.picked = pick.flatMap(sheet::step).or(() -> sheet.dish().steps().findFirst());
    }

    public StoredDish getStored() {
        return stored;
    }

    public Draft getSheet() {
        return sheet;
    }

    public Catalogue getCatalogue() {
        return catalogue;
    }

    public DishTimes getTimes() {
        return times;
    }

    public StripDrawing getDrawing() {
        return drawing;
    }

    /** The same dish from bag to plate, without a scale of time. */
    public FlowDrawing getFlow() {
        return FlowDrawing.of(this);
    }

    /** Steps that somebody is asked about. */
    boolean isAsked(Step step) {
        return objections.stream()
                .anyMatch(objection -> objection.place().replaceFirst("/.*", "").equals(step.id())
                        && !sheet.notes().passed().containsKey(objection.key()));
    }

    /** Ids of the steps that what a step makes goes into; the empty one alone: it is served. */
    public List<String> goesInto(Step step) {
        List<String> users =
                Things.users(sheet.dish(), step.id()).stream().map(Step::id).toList();
        return users.isEmpty() ? List.of("") : users;
    }

    /** All other steps. */
    public List<Step> others(Step step) {
        return sheet.dish()
                .steps()
                .filter(other -> !other.id().equals(step.id()))
                .toList();
    }

    public Optional<Step> getPicked() {
        return picked;
    }

    /** What has to be settled before the dish is used. */
    public List<Objection> getGate() {
        return open(true);
    }

    /** What a colleague would say besides. */
    public List<Objection> getAdvice() {
        return open(false);
    }

    /** All questions, the most harmful first. */
    public List<Objection> getQuestions() {
        return Stream.concat(open(true).stream(), open(false).stream()).toList();
    }

    /** How many of them have an answer that most cooks would give. */
    public long getLikely() {
        return getQuestions().stream().filter(Colleague::isLikely).count();
    }

    private List<Objection> open(boolean gate) {
        return objections.stream()
                .filter(objection -> objection.rule().isGate() == gate)
                .filter(objection -> !sheet.notes().passed().containsKey(objection.key()))
                .toList();
    }

    /** Whether a kitchen can say what a line means, in every dish. */
    public boolean open(IngredientLine line) {
        return KitchenAnswers.isOpen(line, catalogue);
    }

    /** Whether the answer to an objection can be given for every dish: what a line means. */
    public boolean means(Objection objection) {
        return objection.rule().isAboutFood()
                && objection.remedy().isPresent()
                && sheet.line(objection.place()).filter(this::open).isPresent();
    }

    /** Whether advice may be let pass in every dish. */
    public boolean habit(Objection objection) {
        return KitchenAnswers.isHabit(objection);
    }

    /** What the host let pass, with the reason. */
    public List<Passed> getPassed() {
        return objections.stream()
                .flatMap(objection -> Optional.ofNullable(sheet.notes().passed().get(objection.key()))
                        .map(reason -> new Passed(objection, reason))
                        .stream())
                .toList();
    }

    /** A line as one would type it. */
    public String text(IngredientLine line) {
        return LineText.of(line, catalogue);
    }

    /** Edible grams of a line; empty where they cannot be known. */
    public Optional<BigDecimal> grams(IngredientLine line) {
        return line.amount().flatMap(amount -> catalogue.find(line.item()).flatMap(item -> sheet.weigher()
                .grams(item, amount)));
    }

    /** The factors of {@link #grams}. */
    public Optional<BigDecimal> gramsEach(IngredientLine line) {
        return line.amount().flatMap(amount -> catalogue.find(line.item()).flatMap(item -> sheet.weigher()
                .gramsPer(item, amount.unit(), amount.size())));
    }

    public Optional<Item> item(IngredientLine line) {
        return catalogue.find(line.item());
    }

    public List<KnownSubstitution> substitutions(IngredientLine line) {
        return KnownSubstitution.of(line.item());
    }

    /** How long a step was seen in the recording whose captions it was read from; empty: nobody knows. */
    public Optional<OnCamera.Shown> onCamera(Step step) {
        return camera.of(step.instruction(), step.minutes().likely().seconds());
    }

    /** What share of a line goes in at a step, in percent; empty: none. */
    public String share(Step step, IngredientLine line) {
        Optional<BigDecimal> share = step.uses().stream()
                .filter(use -> use.ingredient().equals(line.id()))
                .findFirst()
                .map(Use::share);
        return share.map(part -> Decimals.plain(
                                part.multiply(BigDecimal.valueOf(100)).setScale(1, RoundingMode.HALF_UP))
                        .toPlainString())
                .orElse("");
    }

    /** The lines that the form of a step shows: those of its component, and those it uses. */
    public List<IngredientLine> lines(Step step) {
        List<IngredientLine> own =
                sheet.home(step.id()).map(Component::ingredients).orElse(List.of());
        return sheet.dish()
                .lines()
                .filter(line -> own.contains(line) || !share(step, line).isEmpty())
                .toList();
    }

    /** Where a line goes in. */
    public List<Step> usedAt(IngredientLine line) {
        return sheet.dish()
                .steps()
                .filter(step ->
                        step.uses().stream().anyMatch(use -> use.ingredient().equals(line.id())))
                .toList();
    }

    public String needs(Step step) {
        return step.needs().stream().map(Entered::text).collect(Collectors.joining(", "));
    }

    public boolean guessed(Step step, String member) {
        return sheet.notes().isGuessed(step.id(), member);
    }

    public List<Rescue> ladder(Step step) {
        return Ladders.suggested(step);
    }

    public Set<Caution> cautions(Step step) {
        return StepCautions.of(sheet.dish(), step, catalogue);
    }

    /** The step of an id that something waits for. */
    public String titleOf(String id) {
        return sheet.step(id).map(Step::title).orElse(id);
    }

    /** Steps that a step may be tied behind: all but itself and those it waits for already. */
    public List<Step> tieable(Step step) {
        Set<String> tied = step.after().stream().map(After::step).collect(Collectors.toSet());
        return sheet.dish()
                .steps()
                .filter(other -> !other.id().equals(step.id()) && !tied.contains(other.id()))
                .toList();
    }

    public String home(String id) {
        return sheet.home(id).map(Component::id).orElse("");
    }

    /** The place of an objection: the step to pick, or the line to go to. */
    public String placeOf(Objection objection) {
        if (objection.rule() == Objection.Rule.UNREAD) {
            return "/bench/%d/read#unread".formatted(stored.id());
        }
        String place = objection.place().replaceFirst("/.*", "");
        if (sheet.step(place).isPresent()) {
            return "?step=" + place + "#picked";
        }
        if (sheet.line(place).isPresent()) {
            return "#line-" + place;
        }
        return "#dish";
    }

    /** The original, cut where a passage was not understood. */
    public List<Passage> getSource() {
        return Passage.cut(sheet.notes().source(), sheet.dish().passages().unread());
    }

    public String house(String matter) {
        return sheet.notes().house().getOrDefault(matter, "");
    }

    public boolean isGuessedServings() {
        return sheet.notes().isGuessed(Notes.DISH, "servings");
    }

    /** A finding let pass. */
    public record Passed(Objection objection, String reason) {}

    /** A piece of the original. */
    public record Passage(String text, boolean unread) {

        static List<Passage> cut(String source, List<String> unread) {
            List<Passage> pieces = new ArrayList<>();
            String rest = source;
            while (!rest.isEmpty()) {
                String left = rest;
                Optional<String> next = unread.stream()
                        .filter(passage -> !passage.isEmpty() && left.contains(passage))
                        .min(Comparator.comparingInt(left::indexOf));
                if (next.isEmpty()) {
                    pieces.add(new Passage(rest, false));
                    break;
                }
                int at = rest.indexOf(next.get());
                pieces.add(new Passage(rest.substring(0, at), false));
                pieces.add(new Passage(next.get(), true));
                rest = rest.substring(at + next.get().length());
            }
            return pieces;
        }
    }

    /** What comes out of a step; nothing where steps wait for each other in a circle. */
    public Optional<Product> product(Step step) {
        return flow.product(step.id());
    }

    /** What it weighs, steam not reckoned. */
    public Optional<BigDecimal> grams(Product product) {
        return product.grams(sheet.weigher());
    }

    /** What a component gives, from its own lines. */
    public PartYield yields(Component component) {
        return PartYield.of(sheet, component, catalogue);
    }

    /** What is done at a step, in the order of a kitchen. */
    public List<Technique> techniques(Step step) {
        return TechniqueReader.of(step).stream().sorted().toList();
    }

    /** Whether nobody has changed what was read off its words. */
    public boolean readOffItsWords(Step step) {
        return TechniqueReader.of(step).equals(TechniqueReader.of(step.withTechniques(Set.of())));
    }

    /** All that can be done at a step. */
    public Technique[] getTechniques() {
        return Technique.values();
    }
}
