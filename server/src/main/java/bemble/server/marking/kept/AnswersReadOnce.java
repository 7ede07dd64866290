package bemble.server.marking.kept;

import bemble.core.style.HouseStyle;
import bemble.server.style.StyleText;
import java.sql.Connection;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import org.flywaydb.core.api.MigrationVersion;
import org.flywaydb.core.api.migration.Context;
import org.flywaydb.core.api.migration.JavaMigration;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Reads the answers that were kept as they were typed, each in the style of its teacher, so that later styles change nothing of them. */
@Component
public class AnswersReadOnce implements JavaMigration {
    private static final int AT_ONCE = 1000;

    private final StyleText styles;

    AnswersReadOnce(StyleText styles) {
        this.styles = styles;
    }

    @Override
    public MigrationVersion getVersion() {
        return MigrationVersion.fromVersion("24");
    }

    @Override
    public String getDescription() {
        return "answers read once";
    }

    @Override
    public @Nullable Integer getChecksum() {
        return null;
    }

    @Override
    public boolean canExecuteInTransaction() {
        return true;
    }

    @Override
    public void migrate(Context context) throws SQLException {
        Connection database = context.getConnection();
        try (Statement teachers = database.createStatement();
                ResultSet each = teachers.executeQuery("select t.id, s.choices from teacher t "
                        + "left join house_style s on s.teacher_id = t.id")) {
            while (each.next()) {
                String choices = each.getString("choices");
                read(database, each.getLong("id"),
                        choices == null ? HouseStyle.USUAL : HouseStyle.USUAL.with(styles.read(choices)));
            }
        }
    }

    private static void read(Connection database, long teacher, HouseStyle style) throws SQLException {
        try (PreparedStatement answers =
                database.prepareStatement("select a.marking_id, a.pupil_id, a.question, a.given, "
                        + "a.correction from marked_answer a join marking m on m.id = a.marking_id where m.teacher_id = ? "
                        + "and (a.given <> '' or a.correction <> '')");
                PreparedStatement keep = database.prepareStatement("update marked_answer set given = ?, correction = ? "
                        + "where marking_id = ? and pupil_id = ? and question = ?")) {
            answers.setLong(1, teacher);
            int waiting = 0;
            try (ResultSet each = answers.executeQuery()) {
                while (each.next()) {
                    String correction = each.getString("correction");
                    keep.setString(1, MarkedAnswer.meant(each.getString("given"), "", style));
                    keep.setString(2, MarkedAnswer.meant(correction, correction, style));
                    keep.setLong(3, each.getLong("marking_id"));
                    keep.setLong(4, each.getLong("pupil_id"));
                    keep.setInt(5, each.getInt("question"));
                    keep.addBatch();
                    if (++waiting % AT_ONCE == 0) {
                        keep.executeBatch();
                    }
                }
            }
            keep.executeBatch();
        }
    }
}
