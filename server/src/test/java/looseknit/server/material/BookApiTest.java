package looseknit.server.material;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.change;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.everyItem;
import static org.hamcrest.Matchers.greaterThan;
import static org.hamcrest.Matchers.hasItem;
import static org.hamcrest.Matchers.hasItems;
import static org.hamcrest.Matchers.hasSize;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.test.web.servlet.MockMvc;

@ApiTest
class BookApiTest {

    @Autowired
    private MockMvc http;

    @Test
    void listsMaterialsForRecipesWithTheirSources() throws Exception {
        http.perform(ask("/api/materials"))
                .andExpect(jsonPath("$", hasSize(greaterThan(20))))
                .andExpect(jsonPath("$[*].id", hasItems("peat", "coir_pith", "orch_med", "loam")))
                .andExpect(jsonPath("$[*].id", not(hasItem("humus"))))
                .andExpect(jsonPath("$[?(!(@.id =~ /own_.*/))].source", everyItem(containsString("from memory"))))
                .andExpect(jsonPath("$[?(@.id == 'peat')].grade").value("0.15–6 mm"))
                .andExpect(jsonPath("$[?(@.id == 'perlite_med')].halfLifeYears").isEmpty());
        http.perform(ask("/api/amendments")).andExpect(jsonPath("$[*].id", hasItems("lime", "dolomite", "granules")));
    }

    @Test
    void listsPlantsOfEveryGroup() throws Exception {
        http.perform(ask("/api/plants"))
                .andExpect(jsonPath("$", hasSize(greaterThan(11))))
                .andExpect(jsonPath("$[*].groupId", hasItems("desert", "bark_orchid", "carnivorous", "palm")))
                .andExpect(
                        jsonPath("$[?(@.id == 'velvet_anthurium')].groupName").value("aroids"));
        http.perform(ask("/api/plants/velvet_anthurium"))
                .andExpect(jsonPath("$.family").value("Araceae, arum family"))
                .andExpect(jsonPath("$.kindName").value("anthuriums that sit on trees"))
                .andExpect(jsonPath("$.thirst", containsString("hang")));
        http.perform(ask("/api/plants/no_such_plant")).andExpect(status().isNotFound());
    }

    @Test
    void remembersAPlaceUnderItsName() throws Exception {
        final String attic =
                "{\"name\":\"attic\",\"temperatureC\":%s,\"humidityPercent\":40,\"light\":\"SUN\",\"draught\":\"STILL\"}";

        http.perform(change("/api/places", attic.formatted("28"))).andExpect(status().isOk());
        http.perform(change("/api/places?revision=0", attic.formatted("31"))).andExpect(status().isOk());
        http.perform(ask("/api/places"))
                .andExpect(jsonPath("$[?(@.place.name == 'attic')]", hasSize(1)))
                .andExpect(jsonPath("$[?(@.place.name == 'attic')].place.temperatureC")
                        .value(31.0))
                .andExpect(jsonPath("$[?(@.place.name == 'attic')].own").value(true))
                .andExpect(jsonPath("$[*].own", hasItem(false)));
        http.perform(change("/api/places", attic.formatted("99")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail").value("The temperature of the place is 99. Allowed: -10 to 50 °C."));
    }
}
