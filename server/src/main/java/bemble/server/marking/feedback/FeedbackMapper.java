package bemble.server.marking.feedback;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** The teacher's own words to children, a row a child and pile; whoever asks has made sure whose pile it is. */
@Mapper
interface FeedbackMapper {
    /** A teacher's words to a child. */
    record OwnWords(PupilId pupilId, String words) {}

    @Select("select pupil_id, words from feedback where marking_id = #{markingId}")
    List<OwnWords> of(MarkingId markingId);

    @Insert("merge into feedback (marking_id, pupil_id, words) key (marking_id, pupil_id) "
            + "values (#{markingId}, #{pupilId}, #{words})")
    void save(MarkingId markingId, PupilId pupilId, String words);

    @Delete("delete from feedback where marking_id = #{markingId} and pupil_id = #{pupilId}")
    void delete(MarkingId markingId, PupilId pupilId);
}
