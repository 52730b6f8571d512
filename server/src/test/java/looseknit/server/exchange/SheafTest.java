package looseknit.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.eq;
import static org.mockito.Mockito.doAnswer;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.times;
import static org.mockito.Mockito.verify;

import java.sql.PreparedStatement;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.Test;

class SheafTest {

    private static final UUID ONE = new UUID(1, 1);
    private static final UUID TWO = new UUID(2, 2);

    private final PreparedStatement insert = mock(PreparedStatement.class);
    private final List<@Nullable Object> second = new ArrayList<>();

    SheafTest() throws SQLException {
        doAnswer(call -> second.add(call.getArgument(1))).when(insert).setObject(eq(2), any());
    }

    @Test
    void rowsOfOneWholeLieTogetherInTheirOrder() throws SQLException {
        final Sheaf sheaf = new Sheaf(insert, 0);
        sheaf.add(new Object[] {TWO, "a"});
        sheaf.add(new Object[] {ONE, "b"});
        sheaf.add(new Object[] {TWO, "c"});
        sheaf.add(new Object[] {ONE, "d"});
        sheaf.store();
        assertThat(second).containsExactly("b", "d", "a", "c");
        verify(insert, times(4)).addBatch();

        sheaf.store();
        assertThat(second).as("nothing is stored twice").hasSize(4);
    }

    @Test
    void rowsThatArePartsOfNothingStayAsTheyCome() throws SQLException {
        final Sheaf sheaf = new Sheaf(insert, -1);
        sheaf.add(new Object[] {TWO, "a"});
        sheaf.add(new Object[] {ONE, "b"});
        sheaf.store();
        assertThat(second).containsExactly("a", "b");
    }

    @Test
    void aFewHeavyRowsAreStoredAsEarlyAsManyLightOnes() {
        final Sheaf sheaf = new Sheaf(insert, -1);
        final String text = "x".repeat(2_000_000);
        int heavy = 1;
        while (!sheaf.add(new Object[] {ONE, text})) {
            heavy++;
        }
        assertThat(heavy).isEqualTo(8);

        final Sheaf light = new Sheaf(insert, -1);
        int many = 1;
        while (!light.add(new Object[] {ONE, "x"})) {
            many++;
        }
        assertThat(many).isEqualTo(50_000);
    }
}
