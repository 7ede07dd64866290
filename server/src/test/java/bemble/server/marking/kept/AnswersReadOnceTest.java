package bemble.server.marking.kept;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.anyString;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import bemble.server.style.StyleText;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Map;
import java.util.TreeMap;
import org.flywaydb.core.api.migration.Context;
import org.junit.jupiter.api.Test;

/** Answers that were kept as they were typed are read once, in the style of the teacher whose pile it is. */
class AnswersReadOnceTest {
    @Test
    void eachIsReadInTheStyleOfItsTeacher() throws SQLException {
        try (Connection database = DriverManager.getConnection("jdbc:h2:mem:read-once");
                Statement statement = database.createStatement()) {
            for (String line : new String[] {"create table teacher (id bigint)",
                "create table house_style (teacher_id bigint, choices varchar(200))",
                "create table marking (id bigint, teacher_id bigint)",
                "create table marked_answer (marking_id bigint, pupil_id bigint, question int, given varchar(130), "
                        + "correction varchar(130))",
                "insert into teacher values (1), (2)", "insert into house_style values (2, 'comma')",
                "insert into marking values (10, 1), (20, 2)",
                "insert into marked_answer values (10, 5, 1, '3.45', ''), (10, 5, 2, '1,250', '1,350'), (10, 5, 3, '4r2', ''), "
                        + "(10, 5, 4, '', ''), (20, 6, 1, '3,45', '3,54'), (20, 6, 2, '1.5.2', 'no')"}) {
                statement.execute(line);
            }
            StyleText styles = mock(StyleText.class);
            when(styles.read(anyString())).thenReturn(Map.of("point", "comma", "grouping", "separator"));
            Context context = mock(Context.class);
            when(context.getConnection()).thenReturn(database);
            new AnswersReadOnce(styles).migrate(context);
            Map<String, String> read = new TreeMap<>();
            try (ResultSet rows = statement.executeQuery("select * from marked_answer")) {
                while (rows.next()) {
                    read.put(rows.getLong("marking_id") + "/" + rows.getInt("question"),
                            rows.getString("given") + " | " + rows.getString("correction"));
                }
            }
            assertThat(read).containsExactlyEntriesOf(new TreeMap<>(Map.of("10/1", "3.45 | ", "10/2", "1250 | 1350",
                    "10/3", "4 r 2 | ", "10/4", " | ", "20/1", "3.45 | 3.54", "20/2", " | no")));
        }
    }
}
