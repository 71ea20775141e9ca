package hopsel.web.bench;

import hopsel.core.bench.Draft;
import hopsel.core.bench.HouseStyle;
import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.bench.RefusedEditException;
import hopsel.web.bench.BenchStore.StaleDishException;
import hopsel.web.bench.BenchStore.StoredDish;
import hopsel.web.catalogue.HouseCatalogue;

import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The house style of a host, and putting a dish into it. */
@Component
public class HostStyle {

    private final HostStyleMapper mapper;
    private final BenchStore store;
    private final HouseCatalogue house;

    HostStyle(HostStyleMapper mapper, BenchStore store, HouseCatalogue house) {
        this.mapper = mapper;
        this.store = store;
        this.house = house;
    }

    /** School by matter, of those that were chosen. */
    Map<String, String> of(String login) {
        Map<String, String> schools = new LinkedHashMap<>();
        mapper.of(login).forEach(row -> schools.put(row.matter(), row.school()));
        return schools;
    }

    /** Keeps the schools that exist; anything else is as it is. */
    @Transactional
    public void keep(String login, Map<String, String> chosen) {
        mapper.clear(login);
        for (Matter matter : Matter.values()) {
            Optional.ofNullable(chosen.get(matter.word()))
                    .filter(matter.schools()::contains)
                    .ifPresent(school -> mapper.put(login, new HostStyleMapper.Row(matter.word(), school)));
        }
    }

    /**
     * Puts a dish into the host's style, a revision for each school that changes something; answers what was changed.
     */
    List<String> apply(long id, String login) {
        List<String> changes = new ArrayList<>();
        of(login).forEach((word, school) -> Matter.of(word).ifPresent(matter -> {
            StoredDish dish = store.find(id).orElseThrow();
            try {
                HouseStyle style = HouseStyle.apply(dish.sheet(), matter, school, house.now());
                Draft next = style.sheet();
                if (!next.dish().equals(dish.sheet().dish())) {
                    store.save(id, dish.version(), next, login, word + ": " + school);
                    changes.addAll(style.changes());
                }
            } catch (RefusedEditException | StaleDishException e) {
                throw new IllegalStateException(e);
            }
        }));
        return changes;
    }
}
