package bemble.server.plan;

import bemble.server.ids.ClassId;
import java.time.LocalDate;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Terms and plans as JSON; whose classes they are is asked of the classes. */
@Mapper
interface PlanMapper {
    /** A plan as it was changed by hand. */
    record StoredPlan(String content, int revision) {}

    /** A term’s wishes as they were kept. */
    record StoredTerm(String content, int revision) {}

    @Select("select content, revision from class_term where class_id = #{classId}")
    Optional<StoredTerm> term(ClassId classId);

    @Insert("insert into class_term (class_id, content, revision) select #{classId}, #{content}, 1 "
            + "where not exists (select 1 from class_term where class_id = #{classId})")
    int beginTerm(ClassId classId, String content);

    @Update("update class_term set content = #{content}, revision = revision + 1 where class_id = #{classId} and revision = #{revision}")
    int changeTerm(ClassId classId, String content, int revision);

    @Select("select content, revision from class_plan where class_id = #{classId} and monday = #{monday}")
    Optional<StoredPlan> plan(ClassId classId, LocalDate monday);

    @Insert("insert into class_plan (class_id, monday, content, revision) select #{classId}, #{monday}, #{content}, 1 "
            + "where not exists (select 1 from class_plan where class_id = #{classId} and monday = #{monday})")
    int begin(ClassId classId, LocalDate monday, String content);

    @Update("update class_plan set content = #{content}, revision = revision + 1 where class_id = #{classId} "
            + "and monday = #{monday} and revision = #{revision}")
    int change(ClassId classId, LocalDate monday, String content, int revision);

    @Delete("delete from class_plan where class_id = #{classId} and monday = #{monday}")
    void remove(ClassId classId, LocalDate monday);
}
