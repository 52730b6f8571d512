package looseknit.server.frame;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.StringReader;
import java.util.List;
import looseknit.core.measure.CsvTable;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class CsvTest {

    private static String cell(final String written) {
        return written.split("\n", -1)[1];
    }

    @ParameterizedTest
    @ValueSource(
            strings = {
                "=1+1",
                "+cmd|' /C calc'!A0",
                "-2+3",
                "@SUM(A1)",
                "plain, with a comma",
                "'quoted'",
                "-3.2",
                "it's"
            })
    void nothingRunsInASpreadsheetAndAllComesBackAsItWas(final String text) {
        final String written = Csv.of(List.of("name"), List.of(List.of(text)));
        final char first = cell(written).replace("\"", "").charAt(0);

        assertThat("=+@".indexOf(first)).isNegative();
        assertThat(first == '-' && !text.equals("-3.2")).isFalse();
        assertThat(CsvTable.read("a table", new StringReader(written), row -> row.text("name")))
                .containsExactly(text);
    }
}
