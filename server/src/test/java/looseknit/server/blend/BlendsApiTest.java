package looseknit.server.blend;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.brief;
import static looseknit.server.ApiTest.Requests.change;
import static looseknit.server.ApiTest.Requests.recipe;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.delete;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@ApiTest
class BlendsApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    private Blends blends;

    @Test
    void storesABlendOnceHoweverOftenItIsSent() throws Exception {
        final UUID id = UUID.randomUUID();

        create(id, "Cellar mix");
        create(id, "Cellar mix");

        http.perform(ask("/api/blends"))
                .andExpect(jsonPath("$.cards[?(@.blend.id == '%s')]".formatted(id), hasSize(1)))
                .andExpect(jsonPath("$.cards[?(@.blend.id == '%s')].plantName".formatted(id), hasItem("Peace lily")));
    }

    @Test
    void refusesAChangeThatIsBasedOnAnOldRevisionAndShowsWhatStands() throws Exception {
        final UUID id = UUID.randomUUID();
        create(id, "Cellar mix");
        final long revision = revision(id);

        http.perform(change("/api/blends/{id}", changed(revision, "First", 4), id))
                .andExpect(status().isOk());
        http.perform(change("/api/blends/{id}", changed(revision, "Second", 5), id))
                .andExpect(status().isConflict())
                .andExpect(jsonPath("$.detail", containsString("Nothing is lost")))
                .andExpect(jsonPath("$.current.name").value("First"))
                .andExpect(jsonPath("$.current.recipe.parts[0].amount").value(4.0));
    }

    @Test
    void letsAHalfDoneBlendStandButNotAnImpossibleOne() throws Exception {
        final UUID id = UUID.randomUUID();
        create(id, "Cellar mix");

        http.perform(change(
                        "/api/blends/{id}",
                        changed(revision(id), "Cellar mix", 0).replace(":2}", ":0}"),
                        id))
                .andExpect(status().isOk());
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"\"}", id))
                .andExpect(status().isUnprocessableContent());
        http.perform(change("/api/blends/{id}", changed(revision(id), "x".repeat(2000), 1), id))
                .andExpect(status().isUnprocessableContent())
                .andExpect(
                        jsonPath("$.detail").value("The name is 2000 characters long. Allowed: 1 to 120 characters."));
        http.perform(change("/api/blends/{id}", changed(revision(id), "Cellar mix", -1), id))
                .andExpect(status().isUnprocessableContent());
        http.perform(ask("/api/blends/{id}", id)).andExpect(jsonPath("$.name").value("Cellar mix"));
    }

    @Test
    void keepsAVersionOnlyWhenSomethingChanged() throws Exception {
        final UUID id = UUID.randomUUID();
        create(id, "Cellar mix");

        keep(id, 1);
        keep(id, 1);
        http.perform(change("/api/blends/{id}", changed(revision(id), "Cellar mix", 7), id))
                .andExpect(status().isOk());
        http.perform(ask("/api/blends/{id}", id))
                .andExpect(jsonPath("$.changedSinceKept").value(true));
        keep(id, 2);
        http.perform(ask("/api/blends/{id}/versions", id))
                .andExpect(jsonPath("$", hasSize(2)))
                .andExpect(jsonPath("$[0].recipe.parts[0].amount").value(7.0))
                .andExpect(jsonPath("$[1].recipe.parts[0].amount").value(3.0));
    }

    @Test
    void keepsOneVersionWhenTwoHandsKeepAtOnce() throws Exception {
        final UUID id = UUID.randomUUID();
        create(id, "Cellar mix");
        final ExecutorService hands = Executors.newFixedThreadPool(4);
        final List<Callable<Integer>> keeps = new ArrayList<>();
        for (int i = 0; i < 8; i++) {
            keeps.add(() -> blends.keep(id, "").number());
        }
        for (final Future<Integer> kept : hands.invokeAll(keeps)) {
            assertThat(kept.get()).isEqualTo(1);
        }
        hands.shutdown();
        assertThat(blends.versions(id)).hasSize(1);
    }

    @Test
    void takesADeletionBack() throws Exception {
        final UUID id = UUID.randomUUID();
        create(id, "Cellar mix");

        http.perform(delete("/api/blends/{id}", id)).andExpect(status().isNoContent());
        http.perform(ask("/api/blends")).andExpect(jsonPath("$.cards[*].blend.id", not(hasItem(id.toString()))));
        http.perform(send("/api/blends/{id}/restore", "", id)).andExpect(status().isOk());
        http.perform(ask("/api/blends")).andExpect(jsonPath("$.cards[*].blend.id", hasItem(id.toString())));
    }

    @Test
    void saysSoWhenThereIsNoSuchBlend() throws Exception {
        http.perform(ask("/api/blends/{id}", UUID.randomUUID()))
                .andExpect(status().isNotFound())
                .andExpect(jsonPath("$.detail").value("This blend does not exist, or no longer does."));
        http.perform(ask("/api/blends/not-an-id")).andExpect(status().isBadRequest());
    }

    private void create(final UUID id, final String name) throws Exception {
        http.perform(send(
                        "/api/blends",
                        "{\"id\":\"%s\",\"name\":\"%s\",\"brief\":%s,\"recipe\":%s}"
                                .formatted(id, name, brief(), recipe("peat", 3))))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.brief.pot.wall").value("PLASTIC"));
    }

    private long revision(final UUID id) {
        return blends.get(id).revision();
    }

    private void keep(final UUID id, final int number) throws Exception {
        http.perform(send("/api/blends/{id}/versions", "{\"note\":\"better\"}", id))
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.number").value(number));
    }

    private static String changed(final long revision, final String name, final double amount) {
        return "{\"revision\":%d,\"name\":\"%s\",\"brief\":%s,\"recipe\":%s}"
                .formatted(revision, name, brief(), recipe("peat", amount));
    }
}
