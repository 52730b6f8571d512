package looseknit.server.house;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.file.Files;
import java.util.UUID;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.test.annotation.DirtiesContext;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** With a full disk everything can still be read, whoever writes is told why not, and with room again it goes on; what was answered before is there. */
@SpringBootTest
@AutoConfigureMockMvc
@DirtiesContext
class FullDiskTest {

    @Autowired
    private MockMvc http;

    @DynamicPropertySource
    static void onADiskOfItsOwn(final DynamicPropertyRegistry settings) throws IOException {
        FullDisk.mount();
        final String store =
                "jdbc:h2:file:full:" + Files.createTempDirectory("full").resolve("looseknit") + ";WRITE_DELAY=0";
        settings.add("spring.datasource.url", () -> store);
    }

    @AfterEach
    void room() {
        FullDisk.FULL.set(false);
    }

    private ResultActions blend(final String name) throws Exception {
        return http.perform(send(
                "/api/blends",
                "{\"id\":\"%s\",\"name\":\"%s\",\"brief\":{\"stage\":\"ESTABLISHED\"},\"recipe\":%s}"
                        .formatted(UUID.randomUUID(), name, recipe("peat", 2))));
    }

    @Test
    void readingGoesOnAndWritingAsSoonAsThereIsRoom() throws Exception {
        blend("Before").andExpect(status().isOk());
        FullDisk.FULL.set(true);
        for (int i = 0; i < 3; i++) {
            blend("Meanwhile")
                    .andExpect(status().isInsufficientStorage())
                    .andExpect(jsonPath("$.detail", containsString("Is the disk full")));
            http.perform(ask("/api/blends/names"))
                    .andExpect(status().isOk())
                    .andExpect(jsonPath("$.names[*].name", hasItem("Before")))
                    .andExpect(jsonPath("$.names[*].name", not(hasItem("Meanwhile"))));
        }
        FullDisk.FULL.set(false);
        blend("After").andExpect(status().isOk());
        http.perform(ask("/api/blends/names"))
                .andExpect(jsonPath("$.names[*].name", hasItem("Before")))
                .andExpect(jsonPath("$.names[*].name", hasItem("After")));
    }
}
