package looseknit.server.frame;

import static looseknit.server.ApiTest.Requests.ask;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.entry;

import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.http.HttpStatus;
import org.springframework.test.context.TestPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Whatever can be asked for is answered in a house in which there is nothing yet. */
@ApiTest
@TestPropertySource(properties = "looseknit.data=target")
class EmptyHouseApiTest {

    @Autowired
    private MockMvc http;

    @Autowired
    @Qualifier("requestMappingHandlerMapping")
    private RequestMappingHandlerMapping mappings;

    private List<String> paths() {
        return mappings.getHandlerMethods().keySet().stream()
                .filter(each -> each.getMethodsCondition().getMethods().contains(RequestMethod.GET))
                .flatMap(each -> each.getPatternValues().stream())
                .filter(path -> path.startsWith("/api/") && !path.contains("{"))
                .sorted()
                .toList();
    }

    @Test
    void everythingIsAnswered() throws Exception {
        final Map<String, Integer> answered = new TreeMap<>();
        for (final String path : paths()) {
            answered.put(path, http.perform(ask(path)).andReturn().getResponse().getStatus());
        }
        assertThat(answered)
                .allSatisfy((path, status) ->
                        assertThat(status).as(path).isLessThan(HttpStatus.INTERNAL_SERVER_ERROR.value()));
        assertThat(answered)
                .hasSizeGreaterThan(40)
                .contains(entry("/api/year", 200), entry("/api/hand", 200), entry("/api/today", 200));
    }
}
