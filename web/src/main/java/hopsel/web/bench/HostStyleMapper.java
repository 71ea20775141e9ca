package hopsel.web.bench;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

import java.util.List;

/** Reads and writes the schools of hosts. */
@Mapper
interface HostStyleMapper {

    @Select("select matter, school from host_style where login = #{login} order by matter")
    List<Row> of(@Param("login") String login);

    @Delete("delete from host_style where login = #{login}")
    void clear(@Param("login") String login);

    @Insert("insert into host_style (login, matter, school) values (#{login}, #{row.matter}, #{row.school})")
    void put(@Param("login") String login, @Param("row") Row row);

    /** A school in a matter. */
    record Row(String matter, String school) {}
}
