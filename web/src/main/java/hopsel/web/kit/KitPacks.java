package hopsel.web.kit;

import hopsel.core.kit.PackingRun;
import hopsel.core.provision.Pantry;
import hopsel.web.plan.PlanDesk;
import hopsel.web.provision.WeighedPacks;

import org.springframework.stereotype.Component;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/** The packs that kits, and mixes for them, were weighed from at the stations. */
@Component
class KitPacks implements WeighedPacks {

    private final PlanDesk plans;
    private final PackingDesk desk;

    KitPacks(PlanDesk plans, PackingDesk desk) {
        this.plans = plans;
        this.desk = desk;
    }

    @Override
    public Map<String, List<Pantry.Weighed>> of(long classId) {
        Map<String, List<Pantry.Weighed>> packs = new LinkedHashMap<>();
        plans.find(classId).ifPresent(planned -> desk.run(classId, planned.whole())
                .uses()
                .forEach((PackingRun.Use use) -> packs.computeIfAbsent(use.item(), any -> new ArrayList<>())
                        .add(new Pantry.Weighed(
                                use.lot().name(), use.grams(), use.lot().useBy()))));
        return packs;
    }
}
