package bemble.server.storage;

import org.apache.ibatis.type.MappedTypes;
import bemble.core.problem.Problem;
import bemble.core.problem.ProblemText;
import java.sql.CallableStatement;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import org.apache.ibatis.type.BaseTypeHandler;
import org.apache.ibatis.type.JdbcType;
import org.springframework.stereotype.Component;

/** Keeps a problem as its line of text. */
@Component
@MappedTypes({Problem.class, Problem.Addition.class, Problem.Subtraction.class, Problem.Multiplication.class,
    Problem.Division.class, Problem.SquareRoot.class})
final class ProblemColumn extends BaseTypeHandler<Problem> {
    @Override
    public void setNonNullParameter(PreparedStatement statement, int at, Problem problem, JdbcType type)
            throws SQLException {
        statement.setString(at, problem.text());
    }

    @Override
    public Problem getNullableResult(ResultSet row, String column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public Problem getNullableResult(ResultSet row, int column) throws SQLException {
        return read(row.getString(column));
    }

    @Override
    public Problem getNullableResult(CallableStatement call, int column) throws SQLException {
        return read(call.getString(column));
    }

    private static Problem read(String text) {
        return text == null ? null : ProblemText.kept(text);
    }
}
