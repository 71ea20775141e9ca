package hopsel.web.handout;

import hopsel.core.bench.HouseStyle.Matter;
import hopsel.core.handout.HandoutStyle;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

import java.util.EnumMap;
import java.util.Map;
import java.util.Optional;

/** The schools that attendees cook by at home. */
@Component
public class AttendeeStyle {

    private final AttendeeStyleMapper mapper;

    AttendeeStyle(AttendeeStyleMapper mapper) {
        this.mapper = mapper;
    }

    Map<Matter, String> of(long classId, String attendee) {
        Map<Matter, String> schools = new EnumMap<>(Matter.class);
        mapper.of(classId, attendee).forEach(row -> Matter.of(row.matter()).ifPresent(matter -> schools.put(matter, row.school())));
        return schools;
    }

    /** Keeps what is offered and exists; anything else is as the class has it. */
    @Transactional
    public void keep(long classId, String attendee, Map<String, String> chosen) {
        mapper.clear(classId, attendee);
        for (Matter matter : HandoutStyle.OFFERED) {
            Optional.ofNullable(chosen.get(matter.word())).filter(matter.schools()::contains)
                    .ifPresent(school -> mapper.put(classId, attendee, new AttendeeStyleMapper.Row(matter.word(), school)));
        }
    }
}
