package hopsel.web.classes;

import org.springframework.stereotype.Repository;
import org.springframework.transaction.annotation.Transactional;

import java.util.List;

/** Evenings that belong together: one group of guests, one shopping list. */
@Repository
public class Courses {

    private final CourseMapper mapper;

    Courses(CourseMapper mapper) {
        this.mapper = mapper;
    }

    /** Ids of the classes of the course that a class belongs to, itself among them; empty: it belongs to none. */
    public List<Long> of(long id) {
        return mapper.courseOf(id).map(mapper::classes).orElse(List.of());
    }

    /** Takes a class into the course of another, which begins one where there is none. */
    @Transactional
    public void join(long id, long other) {
        long course = mapper.courseOf(id).orElse(id);
        mapper.put(id, course);
        mapper.put(other, course);
    }
}
