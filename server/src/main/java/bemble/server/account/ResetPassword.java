package bemble.server.account;

import bemble.server.start.CannotStart;
import bemble.server.start.DataFolder;
import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.Locale;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;

/** Sets a teacher's password anew, for whoever may write the data folder: the owner of the machine. */
public final class ResetPassword {
    private ResetPassword() {}

    /** @param arguments the data folder; name and password are asked for */
    public static void main(String[] arguments) {
        try {
            reset(DataFolder.open(Path.of(arguments[0])));
        } catch (CannotStart reason) {
            System.err.println(reason.getMessage());
            System.exit(1);
        } catch (IOException | SQLException failure) {
            System.err.println("The password stays as it was: " + failure.getMessage());
            System.exit(1);
        }
    }

    private static void reset(DataFolder folder) throws IOException, SQLException {
        Console console = System.console();
        BufferedReader lines = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8));
        System.out.print("Sign-in name: ");
        System.out.flush();
        String login = String.valueOf(lines.readLine()).strip().toLowerCase(Locale.ROOT);
        System.out.print("New password: ");
        System.out.flush();
        String password = console == null ? lines.readLine() : String.valueOf(console.readPassword());
        if (!Password.Rule.allows(password)) {
            throw new CannotStart(Password.WRONG_LENGTH + " Nothing was changed.");
        }
        String url = "jdbc:h2:file:" + folder.database() + ";IFEXISTS=TRUE";
        try (Connection connection = DriverManager.getConnection(url, "bemble", "");
                PreparedStatement update = connection.prepareStatement(
                        "update teacher set password_hash = ? where login = ?")) {
            update.setString(1, PasswordEncoderFactories.createDelegatingPasswordEncoder().encode(password));
            update.setString(2, login);
            if (update.executeUpdate() == 0) {
                throw new CannotStart("Nobody signs in here as “" + login + "”. Nothing was changed.");
            }
        }
        System.out.println("The new password of " + login + " is set. Sign in with it.");
    }
}
