package hopsel.web.classes;

import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;

import java.util.List;
import java.util.Optional;

/** Courses in the database. */
@Mapper
interface CourseMapper {

    Optional<Long> courseOf(@Param("id") long classId);

    List<Long> classes(@Param("course") long course);

    void put(@Param("id") long classId, @Param("course") long course);
}
