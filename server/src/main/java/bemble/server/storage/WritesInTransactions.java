package bemble.server.storage;

import java.lang.reflect.InvocationTargetException;
import org.apache.ibatis.cache.CacheKey;
import org.apache.ibatis.executor.Executor;
import org.apache.ibatis.mapping.BoundSql;
import org.apache.ibatis.mapping.MappedStatement;
import org.apache.ibatis.mapping.SqlCommandType;
import org.apache.ibatis.plugin.Interceptor;
import org.apache.ibatis.plugin.Intercepts;
import org.apache.ibatis.plugin.Invocation;
import org.apache.ibatis.plugin.Signature;
import org.apache.ibatis.session.ResultHandler;
import org.apache.ibatis.session.RowBounds;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionSynchronizationManager;
import org.springframework.transaction.support.TransactionTemplate;

/**
 * Lets no mapper write outside a transaction: where none is under way, the one statement is one. So whatever is written is refused on
 * a full disk and forced to the disk before anybody is told that it is saved, wherever it is written ({@link SavedMeansOnDisk}).
 */
@Component
@Intercepts({
    @Signature(type = Executor.class, method = "update", args = {MappedStatement.class, Object.class}),
    @Signature(type = Executor.class, method = "query", args = {MappedStatement.class, Object.class, RowBounds.class,
        ResultHandler.class}),
    @Signature(type = Executor.class, method = "query", args = {MappedStatement.class, Object.class, RowBounds.class,
        ResultHandler.class, CacheKey.class, BoundSql.class})})
class WritesInTransactions implements Interceptor {
    private final ObjectProvider<PlatformTransactionManager> transactions;

    /** @param transactions asked for when the first write comes: the mappers are made before they are */
    WritesInTransactions(ObjectProvider<PlatformTransactionManager> transactions) {
        this.transactions = transactions;
    }

    @Override
    public Object intercept(Invocation invocation) throws Throwable {
        if (!writes((MappedStatement) invocation.getArgs()[0])
                || TransactionSynchronizationManager.isActualTransactionActive()) {
            return invocation.proceed();
        }
        try {
            return new TransactionTemplate(transactions.getObject()).execute(status -> {
                try {
                    return invocation.proceed();
                } catch (InvocationTargetException | IllegalAccessException failure) {
                    throw new NotWritten(failure);
                }
            });
        } catch (NotWritten failure) {
            throw failure.getCause();
        }
    }

    /** An insert that returns its row is a query for MyBatis, and says that it changes data. */
    private static boolean writes(MappedStatement statement) {
        return statement.getSqlCommandType() != SqlCommandType.SELECT || statement.isDirtySelect();
    }

    private static final class NotWritten extends RuntimeException {
        private static final long serialVersionUID = 1L;

        NotWritten(Throwable cause) {
            super(cause);
        }
    }
}
