package bemble.server.progress;

import bemble.server.ids.PupilId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** Where teachers say otherwise than the rule; whose pupils they are is asked of the classes. */
@Mapper
interface StandingOverrideMapper {
    /** What a teacher says of a pupil on a rung. */
    record StandingOverride(PupilId pupilId, String rung, String state, String reason, LocalDate ruledOn) {}

    @Select("<script>select pupil_id, rung, state, reason, ruled_on from ruling where pupil_id in "
            + "<foreach collection='pupilIds' item='id' open='(' separator=',' close=')'>#{id}</foreach></script>")
    List<StandingOverride> of(@Param("pupilIds") Collection<PupilId> pupilIds);

    @Update("merge into ruling (pupil_id, rung, state, reason, ruled_on) key (pupil_id, rung) "
            + "values (#{pupilId}, #{rung}, #{state}, #{reason}, #{ruledOn})")
    void keep(StandingOverride ruling);

    @Delete("delete from ruling where pupil_id = #{pupilId} and rung = #{rung}")
    void remove(PupilId pupilId, String rung);
}
