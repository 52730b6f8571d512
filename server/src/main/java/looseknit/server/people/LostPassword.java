package looseknit.server.people;

import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.PreparedStatement;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import looseknit.core.measure.OutOfRangeException;
import looseknit.server.house.CannotStart;
import looseknit.server.house.DataFolder;

/** A new password for somebody who forgot it, set on the machine itself while no server runs on the house. */
public final class LostPassword {

    private LostPassword() {}

    /**
     * Sets it, and says so.
     *
     * @throws CannotStart if there is nobody of this name, or the password will not do
     */
    public static String set(final Path data, final String name, final String password) {
        final DataFolder folder = DataFolder.hold(data);
        try (Connection store = store(data);
                PreparedStatement change = store.prepareStatement(
                        "UPDATE account SET password = ?, revision = revision + 1 WHERE lower(name) = lower(?)")) {
            change.setString(1, Passwords.encoded(name, password));
            change.setString(2, name);
            if (change.executeUpdate() == 0) {
                throw new CannotStart(
                        "Nobody in this house is called %s.".formatted(name), "There are: %s.".formatted(names(store)));
            }
            return "%s signs in with the new password from now on.".formatted(name);
        } catch (final SQLException e) {
            throw new CannotStart(
                    "The password was not changed (%s).".formatted(e.getMessage()),
                    "Is there a house that was shared in %s?".formatted(data));
        } catch (final OutOfRangeException e) {
            throw new CannotStart("The password was not changed. " + e.getMessage(), "Try another one.");
        } finally {
            folder.release();
        }
    }

    /** The store of a house: a file, or on the database server that the settings name. */
    private static Connection store(final Path data) throws SQLException {
        final String server = System.getenv("LOOSEKNIT_DATABASE");
        return server == null || server.isBlank()
                ? DriverManager.getConnection(
                        "jdbc:h2:file:" + data.resolve("looseknit") + ";IFEXISTS=TRUE", "looseknit", "")
                : DriverManager.getConnection(
                        server, System.getenv("LOOSEKNIT_DATABASE_USER"), System.getenv("LOOSEKNIT_DATABASE_PASSWORD"));
    }

    private static String names(final Connection store) throws SQLException {
        final List<String> names = new ArrayList<>();
        try (PreparedStatement read = store.prepareStatement("SELECT name FROM account ORDER BY name");
                ResultSet rows = read.executeQuery()) {
            while (rows.next()) {
                names.add(rows.getString(1));
            }
        }
        return names.isEmpty() ? "nobody yet" : String.join(", ", names);
    }
}
