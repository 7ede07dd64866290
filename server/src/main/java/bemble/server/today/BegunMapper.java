package bemble.server.today;

import bemble.server.ids.TeacherId;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What a teacher has begun with. */
@Mapper
interface BegunMapper {
    /** Each whether there is one at all: a problem worked, a set, a pile, a paper written, a house style. */
    record Begun(boolean worked, boolean sheet, boolean pile, boolean paper, boolean style) {}

    @Select("""
            select exists(select 1 from log_entry where teacher_id = #{teacherId} and written is null) as worked,
                exists(select 1 from practice_set where teacher_id = #{teacherId}) as sheet,
                exists(select 1 from marking where teacher_id = #{teacherId}) as pile,
                exists(select 1 from log_entry where teacher_id = #{teacherId} and written is not null) as paper,
                exists(select 1 from house_style where teacher_id = #{teacherId}) as style""")
    Begun of(TeacherId teacherId);
}
