package bemble.server.storage;

import bemble.core.problem.Coded;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;

/** Keeps what is one of a few under its name. */
public final class CodedColumn<E extends Enum<E>> extends BaseTypeHandler<E> {
    private final Map<String, E> byName;

    /** @param type an enum of {@link Coded} */
    public CodedColumn(Class<E> type) {
        byName = Arrays.stream(type.getEnumConstants())
                .collect(Collectors.toMap(each -> ((Coded) each).id(), Function.identity()));
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, E value, JdbcType type) throws SQLException {
        statement.setString(at, ((Coded) value).id());
    }

    @Override
    public E getNullableResult(ResultSet row, String column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public E getNullableResult(ResultSet row, int column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public E getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private E read(String name) {
        return name == null ? null : byName.get(name);
    }
}
