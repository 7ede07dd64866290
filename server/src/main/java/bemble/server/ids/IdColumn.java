package bemble.server.ids;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.jspecify.annotations.Nullable;

/** Keeps an id as the number it is. */
abstract class IdColumn<T> extends BaseTypeHandler<T> {
    private final LongFunction<T> read;
    private final ToLongFunction<T> write;

    IdColumn(LongFunction<T> read, ToLongFunction<T> write) {
        this.read = read;
        this.write = write;
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, T id, JdbcType type) throws SQLException {
        statement.setLong(at, write.applyAsLong(id));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet row, String column) throws SQLException {
        return id(row.getObject(column, Long.class));
    }

    @Override
    public @Nullable T getNullableResult(ResultSet row, int column) throws SQLException {
        return id(row.getObject(column, Long.class));
    }

    @Override
    public @Nullable T getNullableResult(CallableStatement call, int column) throws SQLException {
        return id(call.getObject(column, Long.class));
    }

    private @Nullable T id(@Nullable Long number) {
        return number == null ? null : read.apply(number);
    }
}
