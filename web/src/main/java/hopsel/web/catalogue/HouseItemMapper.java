package hopsel.web.catalogue;

import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

import java.util.List;

/** Reads and writes the ingredients of this kitchen. */
@Mapper
interface HouseItemMapper {

    @Select("select document from house_item order by id")
    List<String> documents();

    /** Changes whenever anything in the table does. */
    @Select("select concat(count(*), '/', coalesce(sum(version), 0), '/', coalesce(max(id), '')) from house_item")
    String stamp();

    @Insert("insert into house_item (id, version, document) values (#{id}, 1, #{document}) on duplicate key "
            + "update version = version + 1, document = #{document}")
    void put(@Param("id") String id, @Param("document") String document);

    @Delete("delete from house_item where id = #{id}")
    void remove(@Param("id") String id);
}
