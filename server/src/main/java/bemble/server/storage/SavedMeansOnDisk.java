package bemble.server.storage;

import com.google.errorprone.annotations.concurrent.GuardedBy;
import com.zaxxer.hikari.HikariDataSource;
import java.sql.Connection;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.concurrent.atomic.AtomicLong;
import javax.sql.DataSource;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.jdbc.datasource.JdbcTransactionObjectSupport;
import org.springframework.stereotype.Component;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.TransactionSystemException;
import org.springframework.transaction.support.DefaultTransactionStatus;

/**
 * Commits, and then forces what was committed to the disk before anybody is told that it is saved. Saves that come
 * together share one forced write. Where the disk is full, the dead connections are let go, so that reading goes on.
 */
@Component("transactionManager")
class SavedMeansOnDisk extends DataSourceTransactionManager {
    private final AtomicLong asked = new AtomicLong();
    private final Object disk = new Object();
    private final Room room;
    @GuardedBy("disk")
    private long forced;

    SavedMeansOnDisk(DataSource dataSource, Room room) {
        super(dataSource);
        this.room = room;
    }

    @Override
    protected void doBegin(Object transaction, TransactionDefinition definition) {
        if (!definition.isReadOnly()) {
            room.isNeeded();
        }
        super.doBegin(transaction, definition);
    }

    @Override
    protected void doCommit(DefaultTransactionStatus status) {
        try {
            super.doCommit(status);
            if (!status.isReadOnly()) {
                force(((JdbcTransactionObjectSupport) status.getTransaction()).getConnectionHolder().getConnection());
            }
        } catch (RuntimeException failure) {
            if (ClosedByFullDisk.isCause(failure)) {
                letConnectionsGo();
            }
            throw failure;
        }
    }

    /** A connection that a full disk has killed has nothing left to take back; what killed it is what is told. */
    @Override
    protected void doRollback(DefaultTransactionStatus status) {
        try {
            super.doRollback(status);
        } catch (TransactionSystemException failure) {
            letConnectionsGo();
            if (!isClosed(
                    ((JdbcTransactionObjectSupport) status.getTransaction()).getConnectionHolder().getConnection())) {
                throw failure;
            }
        }
    }

    private static boolean isClosed(Connection connection) {
        try {
            return connection.isClosed();
        } catch (SQLException dead) {
            return true;
        }
    }

    /** Returns once everything committed before the call is on the disk. */
    private void force(Connection connection) {
        long mine = asked.incrementAndGet();
        synchronized (disk) {
            if (forced >= mine) {
                return;
            }
            long upTo = asked.get();
            try (Statement statement = connection.createStatement()) {
                statement.execute("checkpoint");
                statement.execute("checkpoint sync");
            } catch (SQLException failure) {
                throw new TransactionSystemException("could not force a save to the disk", failure);
            }
            forced = upTo;
        }
    }

    private void letConnectionsGo() {
        if (getDataSource() instanceof HikariDataSource pool && pool.getHikariPoolMXBean() != null) {
            pool.getHikariPoolMXBean().softEvictConnections();
        }
    }
}
