package bemble.server.classes;

import bemble.server.ids.ClassId;
import bemble.server.ids.PupilId;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import java.util.List;
import java.util.Optional;
import org.apache.ibatis.annotations.Delete;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Options;
import org.apache.ibatis.annotations.Options.FlushCachePolicy;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;
import org.jspecify.annotations.Nullable;

/** Classes and pupils; every class has a teacher. */
@Mapper
interface ClassMapper {
    String COLUMNS = "id, name, revision";

    @Select("select " + COLUMNS
            + " from school_class where teacher_id = #{teacherId} and deleted_at is null order by name, id")
    List<StoredClass> all(TeacherId teacherId);

    @Select("select " + COLUMNS
            + " from school_class where teacher_id = #{teacherId} and id = #{id} and deleted_at is null")
    Optional<StoredClass> find(TeacherId teacherId, ClassId id);

    @Select(value = "select " + COLUMNS
            + " from final table (insert into school_class (teacher_id, name) values (#{teacherId}, #{name}))", affectData = true)
    StoredClass add(TeacherId teacherId, String name);

    /** Takes the next revision of a class's list, unless another window has taken it. */
    @Update("update school_class set name = #{name}, revision = revision + 1 where teacher_id = #{teacherId} and id = #{id} "
            + "and deleted_at is null and revision = #{revision}")
    int change(TeacherId teacherId, ClassId id, String name, int revision);

    /** The list has changed by another way than the form. */
    @Update("update school_class set revision = revision + 1 where id = #{id}")
    void changed(ClassId id);

    @Update("update school_class set deleted_at = #{at,jdbcType=TIMESTAMP_WITH_TIMEZONE} where teacher_id = #{teacherId} and id = #{id}")
    int delete(TeacherId teacherId, ClassId id, @Nullable OffsetDateTime at);

    /** The codes under which pupils of a class write at screens just now. */
    @Select("select code from live_session where class_id = #{id} and ended_at is null")
    List<String> openAtScreens(ClassId id);

    @Update("update school_class set arriving = #{arriving}, deleted_at = #{at,jdbcType=TIMESTAMP_WITH_TIMEZONE} where id = #{id}")
    void arrive(ClassId id, boolean arriving, @Nullable OffsetDateTime at);

    @Select("select id from school_class where arriving")
    List<ClassId> arriving();

    @Delete("delete from marking where class_id = #{id}")
    void deletePiles(ClassId id);

    @Delete("delete from school_class where id = #{id}")
    void deleteForGood(ClassId id);

    /** A pupil with the class they are in. */
    record PupilIn(ClassId classId, PupilId id, String name) {}

    @Select("select p.class_id, p.id, p.name from pupil p join school_class c on c.id = p.class_id where c.teacher_id = #{teacherId} "
            + "and c.deleted_at is null and p.deleted_at is null order by p.place, p.id")
    List<PupilIn> pupilsOf(TeacherId teacherId);

    @Select("select id, name from pupil where class_id = #{classId} and deleted_at is null order by place, id")
    List<Pupil> pupils(ClassId classId);

    /** Who was taken out of a class, the latest first. */
    @Select("select id, name, deleted_at as left_at from pupil where class_id = #{classId} and deleted_at is not null "
            + "order by deleted_at desc, id desc")
    List<FormerPupil> former(ClassId classId);

    /** The class that a pupil is in, or was taken out of. */
    @Select("select c.id, c.name, c.revision from pupil p join school_class c on c.id = p.class_id where c.teacher_id = #{teacherId} "
            + "and p.id = #{pupilId} and c.deleted_at is null")
    Optional<StoredClass> ofPupil(TeacherId teacherId, PupilId pupilId);

    @Select("select id, name from pupil where id = #{id}")
    Pupil pupil(PupilId id);

    @Insert("insert into pupil (class_id, name, place) values (#{classId}, #{name}, #{place})")
    void addPupil(ClassId classId, String name, int place);

    @Select(value = "select id from final table (insert into pupil (class_id, name, place, deleted_at) values (#{classId}, #{name}, 0, #{leftAt}))", affectData = true)
    @Options(useCache = false, flushCache = FlushCachePolicy.TRUE)
    PupilId addFormer(ClassId classId, String name, OffsetDateTime leftAt);

    @Update("update pupil set name = #{name}, place = #{place}, deleted_at = null where class_id = #{classId} and id = #{id}")
    void changePupil(ClassId classId, PupilId id, String name, int place);

    @Update("update pupil set class_id = #{toClassId}, place = #{place} where id = #{id} and class_id = #{classId} and deleted_at is null")
    int movePupil(ClassId classId, PupilId id, ClassId toClassId, int place);

    /** Everything about a pupil goes with the row. */
    @Delete("delete from pupil where id = #{id} and class_id in (select id from school_class where teacher_id = #{teacherId})")
    int deletePupilForGood(TeacherId teacherId, PupilId id);

    @Update("update pupil set deleted_at = #{at} where class_id = #{classId} and id = #{id}")
    void deletePupil(ClassId classId, PupilId id, OffsetDateTime at);
}
