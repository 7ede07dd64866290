package bemble.server.ids;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.springframework.stereotype.Component;

/** Keeps a teacher's id as the number it is. */
@Component
final class TeacherIdColumn extends BaseTypeHandler<TeacherId> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, TeacherId id, JdbcType type)
            throws SQLException {
        statement.setLong(at, id.value());
    }

    @Override
    public TeacherId getNullableResult(ResultSet row, String column) throws SQLException {
        return id(row.getObject(column, Long.class));
    }

    @Override
    public TeacherId getNullableResult(ResultSet row, int column) throws SQLException {
        return id(row.getObject(column, Long.class));
    }

    @Override
    public TeacherId getNullableResult(CallableStatement call, int column) throws SQLException {
        return id(call.getObject(column, Long.class));
    }

    private static TeacherId id(Long number) {
        return number == null ? null : new TeacherId(number);
    }
}
