package hopsel.web.classes;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

import java.util.List;

/** Reads and writes the schools of attendees. */
@Mapper
interface AttendeeStyleMapper {

    @Select("select attendee_id as attendee, matter, school from attendee_style where class_id = #{id}")
    List<Row> of(@Param("id") long id);

    @Delete("delete from attendee_style where class_id = #{id} and attendee_id = #{attendee}")
    void clear(@Param("id") long id, @Param("attendee") String attendee);

    @Insert("insert into attendee_style (class_id, attendee_id, matter, school) values (#{id}, #{row.attendee}, "
            + "#{row.matter}, #{row.school})")
    void put(@Param("id") long id, @Param("row") Row row);

    /** A school in a matter. */
    record Row(String attendee, String matter, String school) {}
}
