package bemble.server.marking;

import bemble.server.ids.MarkingId;
import bemble.server.ids.PupilId;
import java.time.OffsetDateTime;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** What was typed into piles, by the key that came with it. */
@Mapper
interface TypedLineMapper {
    /** @param changed what it changed, as JSON */
    record StoredLine(String entryKey, MarkingId markingId, PupilId pupilId, String line, String changed,
            boolean takenBack) {}

    @Select("select entry_key, marking_id, pupil_id, line, changed, taken_back from typed_line where entry_key = #{key} and marking_id = #{markingId}")
    @Options(useCache = false, flushCache = Options.FlushCachePolicy.TRUE)
    Optional<StoredLine> find(MarkingId markingId, String key);

    /** An entry with that key, in whichever pile. */
    @Select("select entry_key, marking_id, pupil_id, line, changed, taken_back from typed_line where entry_key = #{key}")
    Optional<StoredLine> withKey(String key);

    @Insert("insert into typed_line (entry_key, marking_id, pupil_id, line, changed, typed_at) "
            + "values (#{line.entryKey}, #{line.markingId}, #{line.pupilId}, #{line.line}, #{line.changed}, #{now})")
    void add(StoredLine line, OffsetDateTime now);

    @Update("update typed_line set taken_back = true where entry_key = #{key} and not taken_back")
    int takeBack(String key);

    @Delete("delete from typed_line where marking_id = #{markingId} and typed_at < #{before}")
    void forget(MarkingId markingId, OffsetDateTime before);
}
