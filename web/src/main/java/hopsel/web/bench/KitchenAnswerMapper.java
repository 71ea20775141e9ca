package hopsel.web.bench;

import hopsel.core.bench.KitchenAnswers.What;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

import java.time.LocalDateTime;
import java.util.List;

/** Reads and writes what the house answers in every dish. */
@Mapper
interface KitchenAnswerMapper {

    @Select("select what, subject, answer, who, made_at from kitchen_answer order by what, subject")
    List<Row> all();

    @Insert("insert into kitchen_answer (what, subject, answer, who, made_at)"
            + " values (#{row.what}, #{row.subject}, #{row.answer}, #{row.who}, #{row.madeAt})"
            + " on duplicate key update answer = values(answer), who = values(who), made_at = values(made_at)")
    void put(@Param("row") Row row);

    @Delete("delete from kitchen_answer where what = #{what} and subject = #{subject}")
    void remove(@Param("what") What what, @Param("subject") String subject);

    /** An answer, and whose it is. */
    record Row(What what, String subject, String answer, String who, LocalDateTime madeAt) {}
}
