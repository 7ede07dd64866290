package bemble.server.sets.printed;

import bemble.server.ids.SetId;
import bemble.server.ids.TeacherId;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;

/** Prints as they were frozen. */
@Mapper
interface PrintMapper {
    String COLUMNS = "set_id, code, version, printed_at, content, choices";

    @Select("select code, version, printed_at from set_print where teacher_id = #{teacherId} and set_id = #{setId} "
            + "order by printed_at desc, id desc")
    List<PrintLine> of(TeacherId teacherId, SetId setId);

    /** What was printed of a set just so. */
    @Select("select " + COLUMNS + " from set_print where teacher_id = #{teacherId} and set_id = #{setId} "
            + "and version = #{version} and choices = #{choices} and content = #{content} order by id desc")
    List<StoredPrint> findSame(@Param("teacherId") TeacherId teacherId, @Param("setId") SetId setId,
            @Param("version") String version, @Param("content") String content, @Param("choices") String choices);

    @Select("select " + COLUMNS + " from set_print where teacher_id = #{teacherId} and code = #{code}")
    Optional<StoredPrint> find(TeacherId teacherId, String code);

    @Select("select count(*) > 0 from set_print where code like #{code} || '-%'")
    boolean isTaken(String code);

    @Select(value = "select " + COLUMNS
            + " from final table (insert into set_print (teacher_id, set_id, code, version, "
            + "printed_at, content, choices) values (#{teacherId}, #{p.setId}, #{p.code}, #{p.version}, #{p.printedAt}, "
            + "#{p.content}, #{p.choices}))", affectData = true)
    StoredPrint add(@Param("teacherId") TeacherId teacherId, @Param("p") StoredPrint print);
}
