package looseknit.server.demo;

import static looseknit.server.ApiTest.Requests.ask;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;

import java.nio.charset.StandardCharsets;
import java.util.UUID;
import looseknit.server.ApiTest;
import looseknit.server.blend.Blends;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.DefaultApplicationArguments;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;

@ApiTest
@ActiveProfiles("demo")
class DemoLoaderTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private DemoLoader loader;

    @Autowired
    private Blends blends;

    @Test
    void fillsEveryViewOnFirstStart() throws Exception {
        http.perform(ask("/api/blends")).andExpect(jsonPath("$.cards", hasSize(greaterThan(11))));
        http.perform(ask("/api/batches")).andExpect(jsonPath("$.batches", hasSize(greaterThan(5))));
        http.perform(ask("/api/pottings")).andExpect(jsonPath("$.pottings", hasSize(greaterThan(29))));
        http.perform(ask("/api/today"))
                .andExpect(jsonPath("$.due", hasSize(greaterThan(0))))
                .andExpect(jsonPath("$.toMix", hasSize(greaterThan(0))));
        http.perform(ask(
                        "/api/blends/{id}/tests",
                        UUID.nameUUIDFromBytes("blend fern".getBytes(StandardCharsets.UTF_8))))
                .andExpect(jsonPath("$.tests", hasSize(5)));
        http.perform(ask("/api/places")).andExpect(jsonPath("$[*].place.name", hasItem("cistern cellar")));
    }

    @Test
    void fillsOnlyAnEmptyStore() throws Exception {
        final int before = blends.all().size();

        loader.run(new DefaultApplicationArguments());

        assertThat(blends.all()).hasSize(before);
    }
}
