package bemble.server.style;

import java.util.Optional;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

@Mapper
interface StyleMapper {
    @Select("select choices from house_style where teacher_id = #{teacherId}")
    Optional<String> find(long teacherId);

    @Update("merge into house_style (teacher_id, choices) key (teacher_id) values (#{teacherId}, #{choices})")
    void save(long teacherId, String choices);
}
