package bemble.server.account;

import java.util.Optional;
import org.apache.ibatis.annotations.Insert;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;

/** Teachers and their passwords as stored. */
@Mapper
interface TeacherMapper {
    @Select("select id, login, name, password_hash from teacher where login = #{login}")
    Optional<Teacher> find(String login);

    @Select("select count(*) from teacher")
    int count();

    @Insert("insert into teacher (login, name, password_hash) values (#{login}, #{name}, #{passwordHash})")
    void add(String login, String name, String passwordHash);

    @Insert("insert into first_account (id, teacher_id) select 1, id from teacher where login = #{login}")
    void claimFirst(String login);
}
