package bemble.server.marking.kept;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import java.util.List;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** How papers were judged, each with what the judgement rests on. */
@Mapper
public interface PaperJudgementMapper {
    /**
     * @param grounds a digest of what the judgement rests on
     * @param judgement as JSON
     */
    record StoredJudgement(PupilId pupilId, String grounds, String judgement) {}

    /** Those of a pile that a version of the judge made. */
    @Select("""
            select pupil_id, grounds, judgement from paper_judgement
            where marking_id = #{markingId} and version = #{version}""")
    List<StoredJudgement> ofPile(MarkingId markingId, int version);

    @Select("""
            select pupil_id, grounds, judgement from paper_judgement
            where marking_id = #{markingId} and pupil_id = #{pupilId} and version = #{version}""")
    List<StoredJudgement> ofPaper(MarkingId markingId, PupilId pupilId, int version);

    @Update("""
            merge into paper_judgement key (marking_id, pupil_id)
            values (#{markingId}, #{pupilId}, #{version}, #{grounds}, #{judgement})""")
    void keep(MarkingId markingId, PupilId pupilId, int version, String grounds, String judgement);

    /** Whether another version has judged any; asked by ranges, which the index answers without a look at what was said. */
    @Select("""
            select exists (select 1 from paper_judgement where version < #{version})
            or exists (select 1 from paper_judgement where version > #{version})""")
    boolean hasOthers(int version);

    /** The papers that another version judged wait to be judged anew. */
    @Update("""
            update marked_answer a set unjudged = true where not unjudged and exists (select 1 from paper_judgement j
            where j.marking_id = a.marking_id and j.pupil_id = a.pupil_id and j.version <> #{version})""")
    void letOthersWait(int version);

    /** Lets go of what other versions said. */
    @Delete("delete from paper_judgement where version <> #{version}")
    void forgetOthers(int version);

    /** How an answer was judged in the light of the paper. */
    record Judgement(int question, @Nullable AnswerVerdict verdict, @Nullable String presumed, @Nullable String fact,
            int revision) {}

    /** How answers of a paper were judged before; one that waits to be judged has the revision 0. */
    // Left out by a condition, they would be looked for among all of the school that wait, or do not.
    @Select("""
            select question, verdict, presumed, fact, case when unjudged then 0 else revision end as revision
            from marked_answer where marking_id = #{markingId} and pupil_id = #{pupilId}""")
    List<Judgement> ofAnswers(MarkingId markingId, PupilId pupilId);

    /** Keeps how an answer was judged, beside what stands on the paper, unless that is another by now. */
    @Update("""
            update marked_answer set verdict = #{j.verdict}, presumed = #{j.presumed,jdbcType=VARCHAR},
            fact = #{j.fact,jdbcType=VARCHAR}, unjudged = false where marking_id = #{markingId} and pupil_id = #{pupilId}
            and question = #{j.question} and revision = #{j.revision}""")
    void judge(@Param("markingId") MarkingId markingId, @Param("pupilId") PupilId pupilId,
            @Param("j") Judgement judgement);
}
