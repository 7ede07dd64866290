package bemble.server.rules;

import bemble.core.problem.Operation;
import bemble.server.ids.TeacherId;
import java.time.OffsetDateTime;
import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.apache.ibatis.annotations.Select;
import org.apache.ibatis.annotations.Update;

/** The rules that were given a name; those that were taken off the list stay to be brought back. */
@Mapper
interface KeptRuleMapper {
    record StoredRule(long id, String rule, Operation operation, String name) {}

    @Select("select id, rule, operation, name from kept_rule where deleted_at is null order by name, id")
    List<StoredRule> all();

    @Update("merge into kept_rule (rule, operation, name, kept_by, deleted_at) key (rule, operation) "
            + "values (#{rule}, #{operation}, #{name}, #{teacherId}, null)")
    void keep(String rule, Operation operation, String name, TeacherId teacherId);

    @Update("update kept_rule set deleted_at = #{now} where id = #{id} and deleted_at is null")
    int delete(long id, OffsetDateTime now);

    @Update("update kept_rule set deleted_at = null where id = #{id}")
    int restore(long id);
}
