package bemble.server.lesson;

import bemble.server.ids.TeacherId;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Lessons as JSON, a row for each that was changed. */
@Mapper
interface LessonMapper {
    record Stored(String content, int revision) {}

    @Select("select content, revision from lesson where teacher_id = #{teacherId} and source = #{source}")
    Optional<Stored> find(TeacherId teacherId, String source);

    @Insert("insert into lesson (teacher_id, source, content, revision) select #{teacherId}, #{source}, #{content}, 1 "
            + "where not exists (select 1 from lesson where teacher_id = #{teacherId} and source = #{source})")
    int begin(TeacherId teacherId, String source, String content);

    @Update("update lesson set content = #{content}, revision = revision + 1 where teacher_id = #{teacherId} and source = #{source} "
            + "and revision = #{revision}")
    int change(TeacherId teacherId, String source, String content, int revision);
}
