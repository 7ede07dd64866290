package bemble.server.scan;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import bemble.server.ids.ScanId;
import bemble.server.ids.TeacherId;
import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Filled pages and what was read on them. */
@Mapper
interface ScanMapper {
    String SCAN = "id, teacher_id, marking_id, name, state, say, pages, begun_at, picture_days";
    String READING = "page, question, said, ink, sure, doubtful, slip, marks_given, marks_of, squares";

    @Select(value = "select " + SCAN
            + " from final table (insert into scan (teacher_id, marking_id, name, state, begun_at) "
            + "values (#{teacherId}, #{markingId}, #{name}, 'reading', #{at}))", affectData = true)
    @Options(useCache = false, flushCache = Options.FlushCachePolicy.TRUE)
    StoredScan add(TeacherId teacherId, MarkingId markingId, String name, OffsetDateTime at);

    @Select("select " + SCAN
            + " from scan where teacher_id = #{teacherId} and marking_id = #{markingId} and id = #{id}")
    Optional<StoredScan> find(TeacherId teacherId, MarkingId markingId, ScanId id);

    @Select("select " + SCAN
            + " from scan where teacher_id = #{teacherId} and marking_id = #{markingId} order by id desc")
    List<StoredScan> ofMarking(TeacherId teacherId, MarkingId markingId);

    @Update("update scan set pages = #{pages} where id = #{id}")
    void count(ScanId id, int pages);

    /** A scan that has ended does not end once more. */
    @Update("update scan set state = #{state}, say = #{say} where id = #{id} and state = 'reading'")
    void end(ScanId id, ScanState state, String say);

    @Update("update scan set state = 'stopped', say = #{say} where state = 'reading'")
    void endBrokenOff(String say);

    @Select("select state from scan where id = #{id}")
    Optional<ScanState> state(ScanId id);

    @Insert("insert into scan_page (scan_id, page, state, pupil_id, sheet, sheet_page, say) values (#{id}, #{p.page}, "
            + "#{p.state}, #{p.pupilId,jdbcType=BIGINT}, #{p.sheet,jdbcType=VARCHAR}, #{p.sheetPage,jdbcType=INTEGER}, #{p.say})")
    void keepPage(@Param("id") ScanId id, @Param("p") StoredPage page);

    @Update("update scan_page set state = #{state}, pupil_id = #{pupilId}, say = #{say} where scan_id = #{id} and page = #{page}")
    void nameOwner(ScanId id, int page, PageState state, PupilId pupilId, String say);

    @Select("select page, state, pupil_id, sheet, sheet_page, say from scan_page where scan_id = #{id} order by page")
    List<StoredPage> pages(ScanId id);

    /** Whether that page of that child is here already, in whichever scan of the pile. */
    @Select("select count(*) > 0 from scan_page p join scan s on s.id = p.scan_id where s.marking_id = #{markingId} "
            + "and p.pupil_id = #{pupilId} and p.sheet = #{sheet} and p.sheet_page = #{sheetPage} and p.state = 'read'")
    boolean isHere(MarkingId markingId, PupilId pupilId, String sheet, int sheetPage);

    @Insert("insert into scan_answer (scan_id, " + READING
            + ", picture) values (#{id}, #{r.page}, #{r.question}, #{r.said}, "
            + "#{r.ink}, #{r.sure}, #{r.doubtful}, #{r.slip,jdbcType=VARCHAR}, #{r.marksGiven,jdbcType=INTEGER}, "
            + "#{r.marksOf,jdbcType=INTEGER}, #{r.squares}, #{picture})")
    void keepReading(@Param("id") ScanId id, @Param("r") StoredReading reading, @Param("picture") byte[] picture);

    @Select("select " + READING + " from scan_answer where scan_id = #{id} order by page, question")
    List<StoredReading> readings(ScanId id);

    @Select("select " + READING
            + " from scan_answer where scan_id = #{id} and page = #{page} and question = #{question}")
    Optional<StoredReading> reading(ScanId id, int page, int question);

    @Select("select picture from scan_answer where scan_id = #{id} and page = #{page} and question = #{question}")
    Optional<Picture> picture(ScanId id, int page, int question);

    /** The picture of an answer, as long as it is kept. */
    record Picture(byte @Nullable [] picture) {}

    String OWN = "select m.id as marking_id, m.worked_on, p.sheet, a.question, a.picture from scan_answer a "
            + "join scan_page p on p.scan_id = a.scan_id and p.page = a.page join scan s on s.id = a.scan_id "
            + "join live_marking m on m.id = s.marking_id join marked_answer r on r.marking_id = m.id "
            + "and r.pupil_id = p.pupil_id and r.question = a.question where s.teacher_id = #{teacherId} "
            + "and p.pupil_id = #{pupilId} and p.state = 'read' and a.picture is not null";

    /** A question as a child wrote it. */
    record OwnRow(MarkingId markingId, LocalDate workedOn, String sheet, int question, byte[] picture) {}

    /** The newest answer of a child that is right and was given alone. */
    @Select(OWN
            + " and r.verdict = 'right' and r.how = '' order by m.worked_on desc, a.scan_id desc, a.page, a.question "
            + "fetch first row only")
    Optional<OwnRow> lastRight(TeacherId teacherId, PupilId pupilId);

    @Select(OWN + " order by a.scan_id desc, a.page, a.question fetch first #{most} rows only")
    List<OwnRow> ofPupil(TeacherId teacherId, PupilId pupilId, int most);

    @Update("update scan_answer set said = #{said}, doubtful = false where scan_id = #{id} and page = #{page} and question = #{question}")
    void confirm(ScanId id, int page, int question, String said);

    @Update("update scan_answer set picture = null where picture is not null and scan_id in "
            + "(select id from scan where dateadd(day, picture_days, begun_at) < #{now})")
    int forgetPictures(OffsetDateTime now);

    @Update("update scan set picture_days = #{days} where id = #{id}")
    void keepPictures(ScanId id, int days);

    @Update("update scan_answer set picture = null where scan_id = #{id}")
    void forgetPicturesOf(ScanId id);

    @Delete("delete from scan where id = #{id}")
    void delete(ScanId id);
}
