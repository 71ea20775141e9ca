package hopsel.web.classes;

import hopsel.core.bench.HouseStyle.Matter;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;

/** The schools that attendees cook by. */
@Repository
public class AttendeeStyles {

    private final AttendeeStyleMapper mapper;

    AttendeeStyles(AttendeeStyleMapper mapper) {
        this.mapper = mapper;
    }

    /** By the id of the attendee; those who chose nothing are missing. */
    public Map<String, Map<Matter, String>> of(long classId) {
        Map<String, Map<Matter, String>> styles = new HashMap<>();
        mapper.of(classId).forEach(row -> Matter.of(row.matter())
                .ifPresent(matter -> styles.computeIfAbsent(row.attendee(), any -> new EnumMap<>(Matter.class))
                        .put(matter, row.school())));
        return styles;
    }

    /** Keeps the schools that exist; anything else is as the class has it. */
    @Transactional
    public void keep(long classId, String attendee, Map<String, String> chosen) {
        mapper.clear(classId, attendee);
        for (Matter matter : Matter.values()) {
            Optional.ofNullable(chosen.get(matter.word()))
                    .filter(matter.schools()::contains)
                    .ifPresent(school ->
                            mapper.put(classId, new AttendeeStyleMapper.Row(attendee, matter.word(), school)));
        }
    }

    /** Somebody cooks in another class as in this one. */
    @Transactional
    public void copy(long from, String attendee, long to, String there) {
        mapper.of(from).stream()
                .filter(row -> row.attendee().equals(attendee))
                .forEach(row -> mapper.put(to, new AttendeeStyleMapper.Row(there, row.matter(), row.school())));
    }
}
