package hopsel.web.guest;

import hopsel.core.guest.Particulars;
import hopsel.core.guest.Particulars.Delivery;
import hopsel.core.guest.Particulars.Spice;
import hopsel.web.guest.SignupMapper.DetailRow;

import org.springframework.stereotype.Repository;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/** What is known of attendees beside what the class holds. */
@Repository
public class ParticularsStore {

    private final SignupMapper mapper;

    ParticularsStore(SignupMapper mapper) {
        this.mapper = mapper;
    }

    /** By the id of the attendee; those of whom nothing is known are missing. */
    public Map<String, Particulars> of(long id) {
        Map<String, Particulars> all = new HashMap<>();
        mapper.details(id)
                .forEach(row -> all.put(
                        row.attendeeId(),
                        new Particulars(
                                row.contact(),
                                Spice.valueOf(row.spice()),
                                Delivery.valueOf(row.delivery()),
                                list(row.equipment()),
                                row.remark())));
        return all;
    }

    private static List<String> list(String text) {
        return Arrays.stream(text.split(","))
                .map(String::strip)
                .filter(one -> !one.isEmpty())
                .toList();
    }

    /** Keeps what is known of an attendee in the place of what was. */
    public void keep(long id, String attendee, Particulars known) {
        if (known.equals(Particulars.UNKNOWN)) {
            mapper.dropDetail(id, attendee);
        } else {
            mapper.putDetail(
                    id,
                    new DetailRow(
                            attendee,
                            known.contact(),
                            known.spice().name(),
                            known.delivery().name(),
                            String.join(", ", known.equipment()),
                            known.remark()));
        }
    }
}
