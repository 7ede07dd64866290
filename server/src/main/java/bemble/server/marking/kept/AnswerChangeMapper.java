package bemble.server.marking.kept;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Counts how often the answers of pupils have changed. */
@Mapper
interface AnswerChangeMapper {
    @Update("<script>merge into answer_change c using (select id from pupil where id in "
            + "<foreach collection='ids' item='id' open='(' separator=',' close=')'>#{id}</foreach> order by id) p (id) on c.pupil_id = p.id "
            + "when matched then update set changes = c.changes + 1 when not matched then insert (pupil_id, changes) values (p.id, 1)</script>")
    void count(@Param("ids") Collection<PupilId> ids);

    @Select("select distinct pupil_id from marked_answer where marking_id = #{markingId}")
    List<PupilId> inMarking(MarkingId markingId);

    @Select("select p.id from pupil p join school_class c on c.id = p.class_id where c.teacher_id = #{teacherId}")
    List<PupilId> ofTeacher(TeacherId teacherId);

    @Select("select id from pupil")
    List<PupilId> all();
}
