package bemble.server.reports;

import bemble.server.ids.TeacherId;
import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** What teachers made of their pages, as JSON, a row a page. */
@Mapper
interface OwnWordsMapper {
    @Select("select content from page_words where teacher_id = #{teacherId} and page = #{page}")
    Optional<String> find(TeacherId teacherId, String page);

    @Insert("merge into page_words (teacher_id, page, content) key (teacher_id, page) values (#{teacherId}, #{page}, #{content})")
    void save(TeacherId teacherId, String page, String content);
}
