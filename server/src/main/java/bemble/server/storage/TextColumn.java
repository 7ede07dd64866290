package bemble.server.storage;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** Keeps a value as a text. */
abstract class TextColumn<V> extends BaseTypeHandler<V> {
    abstract String text(V value);

    abstract @Nullable V value(String text);

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, V value, JdbcType type) throws SQLException {
        statement.setString(at, text(value));
    }

    @Override
    public @Nullable V getNullableResult(ResultSet row, String column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public @Nullable V getNullableResult(ResultSet row, int column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public @Nullable V getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private @Nullable V read(@Nullable String text) {
        return text == null ? null : value(text);
    }
}
