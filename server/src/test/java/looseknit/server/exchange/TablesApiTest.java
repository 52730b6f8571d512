package looseknit.server.exchange;

import static looseknit.server.ApiTest.Requests.ask;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import looseknit.server.ApiTest;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;

/** Tables of the demo are read by a reader of such tables, and have a line for each thing. */
@ApiTest
@ActiveProfiles("demo")
class TablesApiTest {

    @Autowired
    private MockMvc http;

    private List<CSVRecord> table(final Table table) throws Exception {
        final String text = http.perform(ask("/api/house/tables/" + table.file()))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
        return CSVFormat.RFC4180
                .builder()
                .setHeader()
                .setSkipHeaderRecord(true)
                .get()
                .parse(new StringReader(text))
                .getRecords();
    }

    @ParameterizedTest
    @EnumSource(Table.class)
    void eachLineHasEachColumn(final Table table) throws Exception {
        assertThat(table(table))
                .isNotEmpty()
                .allSatisfy(line -> assertThat(line.isConsistent()).isTrue());
        assertThat(table(table).get(0).toMap().keySet())
                .containsExactlyInAnyOrderElementsOf(
                        table.columns().stream().map(Table.Column::name).toList());
    }

    @Test
    void aLineSaysWhatThePageSays() throws Exception {
        final List<CSVRecord> pots = table(Table.POTS);
        final String first = http.perform(ask("/api/pottings/{id}", pots.get(0).get("id")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(pots.get(0).get("label")).isEqualTo(JsonPath.read(first, "$.label"));
        assertThat(pots.get(0).get("lot")).isEqualTo(JsonPath.read(first, "$.lot"));
        assertThat(Double.parseDouble(pots.get(0).get("top_cm")))
                .isEqualTo(JsonPath.<Double>read(first, "$.brief.pot.topCm"));
        assertThat(table(Table.BATCHES).get(0).get("recipe")).matches("[a-z0-9_]+:[0-9.]+(;[a-z0-9_]+:[0-9.]+)*");
        assertThat(table(Table.TESTS))
                .anySatisfy(line -> assertThat(line.get("wet_g")).isNotEmpty());
    }

    @Test
    void anotherTableThereIsNot() throws Exception {
        http.perform(ask("/api/house/tables/accounts"))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail", containsString("pots, looks, batches, tests")));
    }
}
