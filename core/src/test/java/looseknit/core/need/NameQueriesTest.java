package looseknit.core.need;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import looseknit.core.measure.CsvTable;
import looseknit.core.name.NameIndex;
import org.junit.jupiter.api.Test;

/** What growers type in five ways of English, and which plant has to come first. The table is of our own making, no source. */
class NameQueriesTest {

    private static final double RIGHT = 0.97;

    private record Query(String typed, String first, String dialect) {

        private String found() {
            final NameIndex.Found<Plant> found = PlantBook.shipped().named(typed, 5);
            return found.sure() || found.hits().stream().anyMatch(hit -> hit.how() == NameIndex.How.MISTYPED)
                    ? found.hits().get(0).thing().id()
                    : "none";
        }

        private boolean right() {
            return found().equals(first);
        }
    }

    private static final List<Query> QUERIES = CsvTable.resource(
            NameQueriesTest.class,
            "name-queries.csv",
            row -> new Query(row.filled("typed"), row.filled("first"), row.filled("dialect")));

    @Test
    void whatIsMeantComesFirst() {
        final List<String> wrong = QUERIES.stream()
                .filter(query -> !query.right())
                .map(query -> "%s: %s, found %s".formatted(query.typed(), query.first(), query.found()))
                .toList();

        assertThat(QUERIES).hasSizeGreaterThanOrEqualTo(300);
        assertThat(1 - wrong.size() / (double) QUERIES.size())
                .as("right of %d; wrong: %s", QUERIES.size(), wrong)
                .isGreaterThanOrEqualTo(RIGHT);
    }

    @Test
    void everyWayOfEnglishIsUnderstood() {
        final Map<String, List<Query>> dialects = QUERIES.stream().collect(Collectors.groupingBy(Query::dialect));

        assertThat(dialects).containsKeys("British", "North American", "Indian", "South-East Asian", "Australian");
        dialects.forEach((dialect, queries) -> assertThat(
                        queries.stream().filter(Query::right).count() / (double) queries.size())
                .as(dialect)
                .isGreaterThan(0.9));
    }
}
