package looseknit.server.house;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.UUID;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.web.servlet.MockMvc;

/** The house over HTTP, on a store in a file: a backup is made while it runs, counted, and had as a file. */
@SpringBootTest(
        properties = {
            "looseknit.data=${java.io.tmpdir}/loose-knit-house-${random.uuid}",
            "spring.datasource.url=jdbc:h2:file:${java.io.tmpdir}/loose-knit-store-${random.uuid}/looseknit"
        })
@AutoConfigureMockMvc
class HouseApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private House house;

    @Test
    void isBackedUpCheckedAndHadAsAFile() throws Exception {
        Files.createDirectories(house.folder());
        final UUID blend = UUID.randomUUID();
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"Cellar mix\",\"brief\":{\"stage\":\"ESTABLISHED\"},\"recipe\":{\"measure\":\"PARTS\",\"parts\":[{\"materialId\":\"peat\",\"amount\":1}],\"doses\":[]}}"
                                .formatted(blend)))
                .andExpect(status().isOk());
        http.perform(send("/api/house/check", ""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.problem").doesNotExist())
                .andExpect(jsonPath("$.rows").value(greaterThan(1)));
        final String made = http.perform(send("/api/house/backups", ""))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.why").value("BY_HAND"))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final String name = JsonPath.read(made, "$.name");

        http.perform(ask("/api/house"))
                .andExpect(jsonPath("$.backups", hasSize(1)))
                .andExpect(jsonPath("$.check.rows").value(greaterThan(1)));
        final byte[] file = http.perform(ask("/api/house/backups/{name}", name))
                .andExpect(status().isOk())
                .andExpect(content().contentType("application/zip"))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        final Path kept = Files.write(Files.createTempDirectory("kept").resolve(name), file);
        final Map<String, Long> rows = Backups.count(kept);
        assertThat(rows).containsEntry("BLEND", 1L);
        assertThat(rows.values().stream().mapToLong(Long::longValue).sum())
                .isEqualTo(JsonPath.<Integer>read(made, "$.rows").longValue());
    }

    @Test
    void nothingIsHadFromElsewhere() throws Exception {
        for (final String name : new String[] {"..%2F..%2Fetc%2Fpasswd", "looseknit-1999-01-01T000000-daily.zip"}) {
            http.perform(ask("/api/house/backups/" + name)).andExpect(status().is4xxClientError());
        }
        http.perform(send("/api/house/backups/nothing.zip/restore", "")).andExpect(status().isNotFound());
        assertThat(house.folder().resolve("restored")).doesNotExist();
    }
}
