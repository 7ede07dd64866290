package bemble.server.marking.kept;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Param;
import org.apache.ibatis.annotations.Select;
import org.jspecify.annotations.Nullable;

/** Who was away when a class worked, and what they have answered since. */
@Mapper
public interface AbsenceMapper {
    String OF_THESE = "in <foreach collection='pupilIds' item='id' open='(' separator=',' close=')'>#{id}</foreach> ";

    /** A paper of a pupil who was away. */
    record Absence(PupilId pupilId, MarkingId markingId, LocalDate workedOn) {}

    /** @param from the first day that is looked at */
    @Select("<script>select p.pupil_id, p.marking_id, m.worked_on from marked_paper p join live_marking m on m.id = p.marking_id "
            + "where p.absent and m.worked_on &gt;= #{from} and p.pupil_id " + OF_THESE
            + "order by m.worked_on, p.marking_id, p.pupil_id</script>")
    List<Absence> absences(@Param("pupilIds") Collection<PupilId> pupilIds, @Param("from") LocalDate from);

    /** A question that a pupil has answered; the sheet is told where the pile has several. */
    record Answered(PupilId pupilId, MarkingId markingId, @Nullable String sheet, int question, LocalDate workedOn) {}

    /** @param from the first day that is looked at */
    @Select("<script>select a.pupil_id, a.marking_id, p.sheet, a.question, m.worked_on from marked_answer a "
            + "join live_marking m on m.id = a.marking_id "
            + "left join marked_paper p on p.marking_id = a.marking_id and p.pupil_id = a.pupil_id "
            + "where m.worked_on &gt;= #{from} and a.pupil_id " + OF_THESE
            + "order by m.worked_on, a.marking_id, a.pupil_id, a.question</script>")
    List<Answered> answeredSince(@Param("pupilIds") Collection<PupilId> pupilIds, @Param("from") LocalDate from);
}
