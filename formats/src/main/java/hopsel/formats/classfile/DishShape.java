package hopsel.formats.classfile;

import hopsel.core.dish.After;
import hopsel.core.dish.AfterBuilder;
import hopsel.core.dish.Base;
import hopsel.core.dish.BaseBuilder;
import hopsel.core.dish.ByTaste;
import hopsel.core.dish.ByTasteBuilder;
import hopsel.core.dish.Component;
import hopsel.core.dish.ComponentBuilder;
import hopsel.core.dish.Dish;
import hopsel.core.dish.DishBuilder;
import hopsel.core.dish.DishVariant;
import hopsel.core.dish.DishVariantBuilder;
import hopsel.core.dish.HandsOn;
import hopsel.core.dish.HandsOnBuilder;
import hopsel.core.dish.IngredientLine;
import hopsel.core.dish.IngredientLineBuilder;
import hopsel.core.dish.Need;
import hopsel.core.dish.NeedBuilder;
import hopsel.core.dish.Passages;
import hopsel.core.dish.PassagesBuilder;
import hopsel.core.dish.PerWeight;
import hopsel.core.dish.PerWeightBuilder;
import hopsel.core.dish.RecipeState;
import hopsel.core.dish.RecipeStateBuilder;
import hopsel.core.dish.Rescue;
import hopsel.core.dish.RescueBuilder;
import hopsel.core.dish.Rounds;
import hopsel.core.dish.RoundsBuilder;
import hopsel.core.dish.Show;
import hopsel.core.dish.Source;
import hopsel.core.dish.Step;
import hopsel.core.dish.StepBuilder;
import hopsel.core.dish.Technique;
import hopsel.core.dish.Use;
import hopsel.core.dish.UseBuilder;
import hopsel.core.dish.Vessel;
import hopsel.core.dish.VesselBuilder;
import hopsel.core.dish.Work;
import hopsel.core.dish.Yield;
import hopsel.core.dish.YieldBuilder;
import hopsel.core.measure.Minutes;
import hopsel.core.measure.Scaling;
import hopsel.formats.json.Bounds;
import hopsel.formats.json.Node;
import hopsel.formats.json.Shape;
import hopsel.formats.json.Value;
import hopsel.formats.json.Values;

import java.math.BigDecimal;
import java.util.List;
import java.util.Locale;
import java.util.Set;

/** A dish with its components, lines and steps; section 3 of the contract, and what a dish file adds. */
public final class DishShape {

    private static final Shape<NeedBuilder, Need> NEED = Shape.of("need", NeedBuilder::builder, NeedBuilder::build)
            .must("kind", Values.TEXT, Need::kind, NeedBuilder::kind)
            .usually("units", Values.whole(Bounds.COUNT), 1, Need::units, NeedBuilder::units)
            .may("celsius", Values.number(Bounds.CELSIUS), Need::celsius, NeedBuilder::celsius)
            .usually(
                    "tolerance",
                    Values.number(Bounds.NOT_NEGATIVE),
                    BigDecimal.ZERO,
                    Need::tolerance,
                    NeedBuilder::tolerance)
            .check(DishShape::toleranceOfSomething);

    private static final Shape<AfterBuilder, After> AFTER = Shape.of(
                    "after", AfterBuilder::builder, AfterBuilder::build)
            .must("step", Values.TEXT, After::step, AfterBuilder::step)
            .usually("wait", Values.minutes(Bounds.TIME), Minutes.ZERO, After::least, AfterBuilder::least)
            .may("within", Values.minutes(Bounds.TIME), After::within, AfterBuilder::within);

    private static final Shape<UseBuilder, Use> USE = Shape.of("use", UseBuilder::builder, UseBuilder::build)
            .must("ingredient", Values.TEXT, Use::ingredient, UseBuilder::ingredient)
            .usually("share", Values.number(Bounds.SHARE), BigDecimal.ONE, Use::share, UseBuilder::share);

    private static final Shape<RoundsBuilder, Rounds> ROUNDS = Shape.of(
                    "rounds", RoundsBuilder::builder, RoundsBuilder::build)
            .must("pieces", Values.number(Bounds.POSITIVE), Rounds::pieces, RoundsBuilder::pieces)
            .must("perRound", Values.number(Bounds.POSITIVE), Rounds::perRound, RoundsBuilder::perRound)
            .must("minutes", Values.minutes(Bounds.SOME_TIME), Rounds::each, RoundsBuilder::each)
            .must("pans", Values.whole(Bounds.COUNT), Rounds::pans, RoundsBuilder::pans);

    private static final Shape<PerWeightBuilder, PerWeight> PER_WEIGHT = Shape.of(
                    "perWeight", PerWeightBuilder::builder, PerWeightBuilder::build)
            .must("base", Values.minutes(Bounds.TIME), PerWeight::base, PerWeightBuilder::base)
            .must("perKg", Values.minutes(Bounds.TIME), PerWeight::perKg, PerWeightBuilder::perKg)
            .check(DishShape::someTime);

    private static final Shape<RescueBuilder, Rescue> RESCUE = Shape.of(
                    "rescue", RescueBuilder::builder, RescueBuilder::build)
            .must("trouble", Values.TEXT, Rescue::trouble, RescueBuilder::trouble)
            .must("remedy", Values.TEXT, Rescue::remedy, RescueBuilder::remedy)
            .must("dose", Values.TEXT, Rescue::dose, RescueBuilder::dose)
            .must("limit", Values.TEXT, Rescue::limit, RescueBuilder::limit);

    private static final Shape<HandsOnBuilder, HandsOn> HANDS_ON = Shape.of(
                    "handsOn", HandsOnBuilder::builder, HandsOnBuilder::build)
            .usually("start", Values.minutes(Bounds.TIME), Minutes.ZERO, HandsOn::start, HandsOnBuilder::start)
            .usually("end", Values.minutes(Bounds.TIME), Minutes.ZERO, HandsOn::end, HandsOnBuilder::end);

    private static final Value<Set<Technique>> TECHNIQUES =
            Values.set("technique", Technique.values(), Technique::word);

    private static final Shape<StepBuilder, Step> STEP = Shape.of("step", StepBuilder::builder, StepBuilder::build)
            .must("id", Values.ID, Step::id, StepBuilder::id)
            .must("title", Values.TEXT, Step::title, StepBuilder::title)
            .may("text", Values.LONG_TEXT, Step::text, StepBuilder::text)
            .must("minutes", Ends.STEP_MINUTES, Step::minutes, StepBuilder::minutes)
            .must("work", Values.word(Work.values(), Work::word), Step::work, StepBuilder::work)
            .must("show", Values.word(Show.values(), Show::word), Step::show, StepBuilder::show)
            .list("needs", NEED, Step::needs, StepBuilder::needs)
            .list("after", AFTER, Step::after, StepBuilder::after)
            .may("keeps", Values.minutes(Bounds.TIME), Step::keeps, StepBuilder::keeps)
            .may("swap", Values.within("showMinutes", Values.minutes(Bounds.SOME_TIME)), Step::swap, StepBuilder::swap)
            .list("uses", USE, Step::uses, StepBuilder::uses)
            .may("checkEvery", Values.minutes(Bounds.SOME_TIME), Step::checkEvery, StepBuilder::checkEvery)
            .may("cue", Values.LONG_TEXT, Step::cue, StepBuilder::cue)
            .may("say", Values.LONG_TEXT, Step::say, StepBuilder::say)
            .may("noise", Values.only("loud"), Step::noise, StepBuilder::noise)
            .usually("tools", RoomShape.TOOLS, List.of(), Step::tools, StepBuilder::tools)
            .may("firstLook", Values.minutes(Bounds.TIME), Step::firstLook, StepBuilder::firstLook)
            .may("rounds", ROUNDS, Step::rounds, StepBuilder::rounds)
            .may("perWeight", PER_WEIGHT, Step::perWeight, StepBuilder::perWeight)
            .list("rescues", RESCUE, Step::rescues, StepBuilder::rescues)
            .usually("techniques", TECHNIQUES, Set.of(), Step::techniques, StepBuilder::techniques)
            .since(2)
            .usually("handsOn", HANDS_ON, HandsOn.NONE, Step::handsOn, StepBuilder::handsOn)
            .may("part", Values.within("showMinutes", Values.minutes(Bounds.SOME_TIME)), Step::part, StepBuilder::part)
            .usually("worth", Values.whole(Bounds.WHOLE), Step.USUAL_WORTH, Step::worth, StepBuilder::worth);

    private static final Shape<ByTasteBuilder, ByTaste> BY_TASTE = Shape.of(
                    "byTaste", ByTasteBuilder::builder, ByTasteBuilder::build)
            .must("start", Values.number(Bounds.NOT_NEGATIVE), ByTaste::start, ByTasteBuilder::start)
            .must("step", Values.number(Bounds.POSITIVE), ByTaste::step, ByTasteBuilder::step)
            .must("ceiling", Values.number(Bounds.POSITIVE), ByTaste::ceiling, ByTasteBuilder::ceiling)
            .must("cue", Values.TEXT, ByTaste::cue, ByTasteBuilder::cue)
            .check(DishShape::startBelowCeiling);

    private static final Shape<IngredientLineBuilder, IngredientLine> LINE = Shape.of(
                    "line", IngredientLineBuilder::builder, IngredientLineBuilder::build)
            .must("id", Values.ID, IngredientLine::id, IngredientLineBuilder::id)
            .must("item", Values.TEXT, IngredientLine::item, IngredientLineBuilder::item)
            .with(new AmountPart())
            .may("prep", Values.LONG_TEXT, IngredientLine::prep, IngredientLineBuilder::prep)
            .usually(
                    "scaling",
                    Values.word(Scaling.values(), Scaling::word),
                    Scaling.LINEAR,
                    IngredientLine::scaling,
                    IngredientLineBuilder::scaling)
            .usually("optional", Values.flag(), false, IngredientLine::optional, IngredientLineBuilder::optional)
            .usually(
                    "from",
                    Values.word(Source.values(), Source::word),
                    Source.KIT,
                    IngredientLine::from,
                    IngredientLineBuilder::from)
            .may("said", Values.LONG_TEXT, IngredientLine::said, IngredientLineBuilder::said)
            .may("byTaste", BY_TASTE, IngredientLine::byTaste, IngredientLineBuilder::byTaste)
            .may("variant", Values.ID, IngredientLine::variant, IngredientLineBuilder::variant);

    private static final Shape<DishVariantBuilder, DishVariant> VARIANT = Shape.of(
                    "variant", DishVariantBuilder::builder, DishVariantBuilder::build)
            .must("id", Values.ID, DishVariant::id, DishVariantBuilder::id)
            .must("title", Values.TEXT, DishVariant::title, DishVariantBuilder::title)
            .must("share", Values.number(Bounds.SHARE), DishVariant::share, DishVariantBuilder::share);

    private static final Shape<BaseBuilder, Base> BASE = Shape.of("base", BaseBuilder::builder, BaseBuilder::build)
            .must("title", Values.TEXT, Base::title, BaseBuilder::title)
            .may("recipe", Values.ID, Base::recipe, BaseBuilder::recipe);

    private static final Shape<ComponentBuilder, Component> COMPONENT = Shape.of(
                    "component", ComponentBuilder::builder, ComponentBuilder::build)
            .must("id", Values.ID, Component::id, ComponentBuilder::id)
            .must("title", Values.TEXT, Component::title, ComponentBuilder::title)
            .must("ingredients", Values.list(LINE), Component::ingredients, ComponentBuilder::ingredients)
            .must("steps", new ChainedSteps(STEP), Component::steps, ComponentBuilder::steps)
            .may("base", BASE, Component::base, ComponentBuilder::base);

    private static final Shape<YieldBuilder, Yield> YIELD = Shape.of(
                    "yield", YieldBuilder::builder, YieldBuilder::build)
            .must("servings", Values.number(Bounds.POSITIVE), Yield::servings, YieldBuilder::servings)
            .may("servingUnit", Values.TEXT, Yield::unit, YieldBuilder::unit)
            .may("pieces", Values.number(Bounds.POSITIVE), Yield::pieces, YieldBuilder::pieces)
            .may("pieceWidth", Values.number(Bounds.POSITIVE), Yield::pieceWidth, YieldBuilder::pieceWidth);

    private static final Shape<PassagesBuilder, Passages> PASSAGES = Shape.of(
                    "passages", PassagesBuilder::builder, PassagesBuilder::build)
            .usually("unread", Values.texts(), List.of(), Passages::unread, PassagesBuilder::unread)
            .usually("aside", Values.texts(), List.of(), Passages::aside, PassagesBuilder::aside);

    private static final Shape<VesselBuilder, Vessel> VESSEL = Shape.of(
                    "vessel", VesselBuilder::builder, VesselBuilder::build)
            .must(
                    "shape",
                    Values.word(Vessel.Shape.values(), shape -> shape.name().toLowerCase(Locale.ROOT)),
                    Vessel::shape,
                    VesselBuilder::shape)
            .must("length", Values.number(Bounds.POSITIVE), Vessel::length, VesselBuilder::length)
            .must("width", Values.number(Bounds.POSITIVE), Vessel::width, VesselBuilder::width)
            .must("depth", Values.number(Bounds.POSITIVE), Vessel::depth, VesselBuilder::depth);

    private static final Shape<RecipeStateBuilder, RecipeState> RECIPE = Shape.of(
                    "recipe", RecipeStateBuilder::builder, RecipeStateBuilder::build)
            .must("id", Values.ID, RecipeState::id, RecipeStateBuilder::id)
            .usually("state", Values.whole(Bounds.WHOLE), 0, RecipeState::state, RecipeStateBuilder::state);

    /** A dish. */
    public static final Shape<DishBuilder, Dish> DISH = Shape.of("dish", DishBuilder::builder, DishBuilder::build)
            .must("id", Values.ID, Dish::id, DishBuilder::id)
            .must("title", Values.TEXT, Dish::title, DishBuilder::title)
            .inline(YIELD, Dish::yields, DishBuilder::yields)
            .must("components", Values.list(COMPONENT), Dish::components, DishBuilder::components)
            .inline(PASSAGES, Dish::passages, DishBuilder::passages)
            .may("vessel", VESSEL, Dish::vessel, DishBuilder::vessel)
            .may("recipe", RECIPE, Dish::recipe, DishBuilder::recipe)
            .list("variants", VARIANT, Dish::variants, DishBuilder::variants);

    private DishShape() {}

    private static void toleranceOfSomething(Node node, NeedBuilder need) {
        if (node.has("tolerance") && !node.has("celsius")) {
            node.note(
                    node.place().at("tolerance"),
                    "A tolerance is given, but no temperature.",
                    "Add celsius, or take tolerance away.");
        }
    }

    private static void someTime(Node node, PerWeightBuilder weight) {
        if (weight.base().equals(Minutes.ZERO) && weight.perKg().equals(Minutes.ZERO)) {
            node.note(node.place(), "Both minutes are 0.", "Write minutes above 0 into one of them.");
            weight.base(Minutes.of(1));
        }
    }

    private static void startBelowCeiling(Node node, ByTasteBuilder taste) {
        if (taste.start().compareTo(taste.ceiling()) > 0) {
            node.note(node.place(), "The start is above the ceiling.", "Write start ≤ ceiling.");
            taste.start(BigDecimal.ZERO);
        }
    }
}
