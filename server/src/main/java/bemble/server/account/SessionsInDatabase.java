package bemble.server.account;

import java.util.Objects;
import javax.sql.DataSource;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.convert.support.GenericConversionService;
import org.springframework.core.serializer.support.DeserializingConverter;
import org.springframework.core.serializer.support.SerializingConverter;
import org.springframework.jdbc.datasource.DataSourceTransactionManager;
import org.springframework.session.config.SessionRepositoryCustomizer;
import org.springframework.session.jdbc.JdbcIndexedSessionRepository;
import org.springframework.transaction.TransactionDefinition;
import org.springframework.transaction.support.TransactionOperations;
import org.springframework.transaction.support.TransactionTemplate;

/** Keeps who is signed in, and who has come in at a device, in the database, so that it outlasts a restart. */
@Configuration
class SessionsInDatabase {
    private static final Logger LOG = LoggerFactory.getLogger(SessionsInDatabase.class);

    /** When somebody was last here is noted once a minute, not with every figure that is typed. */
    private static final String NOTED_ONCE_A_MINUTE = "update %TABLE_NAME% set session_id = ?1, last_access_time = ?2, "
            + "max_inactive_interval = ?3, expiry_time = ?4, principal_name = ?5 where primary_id = ?6 and "
            + "(last_access_time < ?2 - 60000 or session_id <> ?1 or max_inactive_interval <> ?3 "
            + "or principal_name is distinct from ?5)";

    /** A session is no save that anybody waits for: it is not forced to the disk, and is noted on a full one too. */
    @Bean
    TransactionOperations springSessionTransactionOperations(DataSource database) {
        TransactionTemplate alone = new TransactionTemplate(new DataSourceTransactionManager(database));
        alone.setPropagationBehavior(TransactionDefinition.PROPAGATION_REQUIRES_NEW);
        return alone;
    }

    @Bean
    SessionRepositoryCustomizer<JdbcIndexedSessionRepository> sessions() {
        return sessions -> {
            sessions.setUpdateSessionQuery(NOTED_ONCE_A_MINUTE);
            sessions.setConversionService(conversion());
        };
    }

    /** What a version before has kept and this one cannot read is gone, as if the session had ended; it stops no request. */
    private static GenericConversionService conversion() {
        GenericConversionService conversion = new GenericConversionService();
        SerializingConverter writes = new SerializingConverter();
        DeserializingConverter reads = new DeserializingConverter(SessionsInDatabase.class.getClassLoader());
        conversion.addConverter(Object.class, byte[].class, value -> Objects.requireNonNull(writes.convert(value)));
        conversion.addConverter(byte[].class, Object.class, bytes -> read(reads, bytes));
        return conversion;
    }

    @SuppressWarnings("NullAway") // The converter may give nothing, and the session then has no such thing.
    private static Object read(DeserializingConverter reads, byte[] bytes) {
        try {
            return reads.convert(bytes);
        } catch (RuntimeException unreadable) {
            LOG.info("A session of another version was ended");
            return null;
        }
    }
}
