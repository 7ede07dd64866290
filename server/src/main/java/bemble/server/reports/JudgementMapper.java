package bemble.server.reports;

import bemble.server.ids.PupilId;
import java.util.List;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What colleagues say of pieces of work; whose pupil it is is asked of the classes. */
@Mapper
interface JudgementMapper {
    @Select("select pupil_id, marking_id, question, judge, says, judged_on from judgement where pupil_id = #{pupilId} order by id")
    List<ColleagueJudgement> of(PupilId pupilId);

    @Insert("insert into judgement (pupil_id, marking_id, question, judge, says, judged_on) "
            + "values (#{pupilId}, #{markingId}, #{question}, #{judge}, #{says}, #{judgedOn})")
    void add(ColleagueJudgement judgement);
}
