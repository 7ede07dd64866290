package bemble.server.ids;

import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.function.LongFunction;
import java.util.function.ToLongFunction;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;

/** Keeps an id as the number it is. */
abstract class IdColumn<I> extends BaseTypeHandler<I> {
    private final LongFunction<I> made;
    private final ToLongFunction<I> number;

    IdColumn(LongFunction<I> made, ToLongFunction<I> number) {
        this.made = made;
        this.number = number;
    }

    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, I id, JdbcType type) throws SQLException {
        statement.setLong(at, number.applyAsLong(id));
    }

    @Override
    public I getNullableResult(ResultSet row, String column) throws SQLException {
        return id(row.getObject(column, Long.class));
    }

    @Override
    public I getNullableResult(ResultSet row, int column) throws SQLException {
        return id(row.getObject(column, Long.class));
    }

    @Override
    public I getNullableResult(CallableStatement call, int column) throws SQLException {
        return id(call.getObject(column, Long.class));
    }

    private I id(Long number) {
        return number == null ? null : made.apply(number);
    }
}
