package looseknit.server;

import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.get;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.put;

import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.boot.webmvc.test.autoconfigure.AutoConfigureMockMvc;
import org.springframework.http.MediaType;
import org.springframework.test.context.ContextConfiguration;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;

/** A test of the whole server over HTTP, on a store of its own in memory. */
@Target(ElementType.TYPE)
@Retention(RetentionPolicy.RUNTIME)
@SpringBootTest(properties = "spring.datasource.url=jdbc:h2:mem:${random.uuid};DB_CLOSE_DELAY=-1")
@AutoConfigureMockMvc
@ContextConfiguration(initializers = ServerStore.class)
public @interface ApiTest {

    /** Requests and bodies that several tests need. */
    final class Requests {

        private Requests() {}

        public static MockHttpServletRequestBuilder ask(final String path, final Object... parts) {
            return get(path, parts);
        }

        public static MockHttpServletRequestBuilder send(final String path, final String body, final Object... parts) {
            return post(path, parts).contentType(MediaType.APPLICATION_JSON).content(body);
        }

        public static MockHttpServletRequestBuilder change(
                final String path, final String body, final Object... parts) {
            return put(path, parts).contentType(MediaType.APPLICATION_JSON).content(body);
        }

        public static String recipe(final String materialId, final double amount) {
            return """
                    {"measure":"PARTS","parts":[{"materialId":"%s","amount":%s},{"materialId":"perlite_coarse","amount":2}],"doses":[]}""".formatted(materialId, amount);
        }

        public static String brief() {
            return """
                    {"plantId":"peace_lily","stage":"ESTABLISHED",
                     "pot":{"shape":"ROUND","topCm":14,"bottomCm":10.5,"heightCm":13,"wall":"PLASTIC","base":"ON_FEET","baseCm":0,"layerCm":0},
                     "place":{"name":"landing","temperatureC":20,"humidityPercent":50,"light":"MEDIUM","draught":"STILL"},
                     "habit":{"everyDays":6,"amount":"THOROUGHLY","hand":"STEADY","water":"RAIN"}}""";
        }

        public static String fill(final int count, final double topCm) {
            return """
                    [{"count":%d,"rootBallLitres":0.1,"pot":{"shape":"ROUND","topCm":%s,"bottomCm":10,"heightCm":13,"wall":"CLAY","base":"ON_FEET","baseCm":0,"layerCm":0}}]""".formatted(count, topCm);
        }
    }
}
