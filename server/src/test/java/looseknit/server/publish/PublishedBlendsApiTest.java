package looseknit.server.publish;

import static looseknit.server.ApiTest.Requests.ask;
import static looseknit.server.ApiTest.Requests.send;
import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.post;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javax.imageio.ImageIO;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.server.ApiTest;
import looseknit.server.paper.Paper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;

/** A blend as a text and as a code comes back as it went out, whatever is in it; what is no blend is told apart. */
@ApiTest
class PublishedBlendsApiTest {

    private static final MediaType MARKDOWN = MediaType.parseMediaType("text/markdown");

    @Autowired
    private MockMvc http;

    private ResultActions read(final MediaType type, final byte[] content) throws Exception {
        return http.perform(post("/api/shared-blends/read")
                .header("Sec-Fetch-Site", "same-origin")
                .contentType(type)
                .content(content));
    }

    private ResultActions readText(final String text) throws Exception {
        return read(MARKDOWN, text.getBytes(StandardCharsets.UTF_8));
    }

    private UUID blend(final String name, final String plant, final String parts, final String doses) throws Exception {
        final UUID id = UUID.randomUUID();
        http.perform(send("/api/blends", """
                {"id":"%s","name":"%s","brief":{"stage":"ESTABLISHED"%s},"recipe":{"measure":"PARTS","parts":[%s],"doses":[%s]}}""".formatted(
                                id, name, plant.isEmpty() ? "" : ",\"plantId\":\"%s\"".formatted(plant), parts, doses)))
                .andExpect(status().isOk());
        return id;
    }

    private static String part(final String material, final double amount) {
        return "{\"materialId\":\"%s\",\"amount\":%s}".formatted(material, amount);
    }

    private String text(final UUID id, final String units) throws Exception {
        return http.perform(ask("/api/shared-blends/{id}/text.md?units=" + units, id))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString(StandardCharsets.UTF_8);
    }

    /** Random blends of shipped and own materials, in either units, go out as text and as code, and come back the same. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6, 7, 8, 9, 10, 11, 12})
    void comesBackAsItWentOut(final long seed) throws Exception {
        final Random random = new Random(seed);
        final List<Material> materials = new ArrayList<>(MaterialBook.shipped().materials().stream()
                .filter(Material::forRecipes)
                .toList());
        Collections.shuffle(materials, random);
        final List<String> parts = IntStream.range(0, 2 + random.nextInt(5))
                .mapToObj(i -> part(materials.get(i).id(), (1 + random.nextInt(20)) / 2.0))
                .collect(Collectors.toList());
        if (seed % 3 == 0) {
            final String own = "own_of_seed_" + seed;
            http.perform(send("/api/own-materials", """
                    {"id":"%s","facts":{"name":"Of seed %d","mix":{"parts":[%s,%s],"certainty":"%s","fed":%s}}}""".formatted(
                                    own,
                                    seed,
                                    part(materials.get(10).id(), 3),
                                    part(materials.get(11).id(), 1),
                                    List.of("KNOWN", "ESTIMATED", "UNKNOWN").get((int) (seed % 3)),
                                    random.nextBoolean())))
                    .andExpect(status().isOk());
            parts.add(part(own, 2));
        }
        final String doses = random.nextBoolean()
                ? "{\"amendmentId\":\"dolomite\",\"gPerL\":%s}".formatted((1 + random.nextInt(12)) / 4.0)
                : "";
        final UUID id = blend("Number *%d* of # [many]".formatted(seed), "pothos", String.join(",", parts), doses);
        final String whole = http.perform(ask("/api/shared-blends/{id}", id))
                .andReturn()
                .getResponse()
                .getContentAsString();

        final String units = random.nextBoolean() ? "metric" : "us";
        final String back = readText(text(id, units))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<String>read(back, "$.blend.name")).isEqualTo(JsonPath.<String>read(whole, "$.name"));
        assertThat(JsonPath.<Object>read(back, "$.blend.recipe.parts"))
                .isEqualTo(JsonPath.<Object>read(whole, "$.recipe.parts"));
        // ounces a gallon are written with three figures behind the point: to a hundredth of a gram a litre
        final List<Double> dosesBack = JsonPath.read(back, "$.blend.recipe.doses[*].gPerL");
        final List<Double> dosesThere = JsonPath.read(whole, "$.recipe.doses[*].gPerL");
        assertThat(dosesBack).hasSameSizeAs(dosesThere);
        for (int i = 0; i < dosesThere.size(); i++) {
            assertThat(dosesBack.get(i)).isCloseTo(dosesThere.get(i), org.assertj.core.api.Assertions.within(0.01));
        }
        assertThat(JsonPath.<Object>read(back, "$.blend.materials"))
                .isEqualTo(JsonPath.<Object>read(whole, "$.materials"));
        assertThat(JsonPath.<String>read(back, "$.blend.brief.plantId")).isEqualTo("pothos");

        final byte[] code = http.perform(ask("/api/shared-blends/{id}/code.png", id))
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
        final String scanned = read(MediaType.IMAGE_PNG, code)
                .andExpect(status().isOk())
                .andReturn()
                .getResponse()
                .getContentAsString();
        assertThat(JsonPath.<Object>read(scanned, "$.blend")).isEqualTo(JsonPath.<Object>read(whole, "$"));
    }

    /** A mix that is here already, under whatever id, is not made a second time. */
    @Test
    void aMixThatIsHereAlreadyIsThatOne() throws Exception {
        http.perform(send("/api/own-materials", """
                {"id":"own_named_otherwise","facts":{"name":"Pier foliage","mix":{"parts":[%s,%s],"certainty":"ESTIMATED","fed":true}}}""".formatted(part("peat", 3), part("perlite_coarse", 1))))
                .andExpect(status().isOk());
        final UUID id = blend("Of the pier", "", part("own_named_otherwise", 2) + "," + part("bark_fine", 1), "");
        readText(text(id, "metric"))
                .andExpect(jsonPath("$.blend.materials[0].id").value("own_named_otherwise"))
                .andExpect(jsonPath("$.taken.fresh").isEmpty());
    }

    /** The sheet says what to mind of the doses too. */
    @Test
    void limeIsAmongWhatToMind() throws Exception {
        final String slaked = "{\"amendmentId\":\"hydrated_lime\",\"gPerL\":1}";
        final String plain = text(blend("Plain", "", part("granite_grit", 1), ""), "metric");
        final String limed = text(blend("Limed", "", part("granite_grit", 1), slaked), "metric");
        assertThat(plain).doesNotContain("burn eyes");
        assertThat(limed).contains("burn eyes");
    }

    @Test
    void aTextThatSomebodyWroteByHandIsReadAndWhatWasGuessedIsTold() throws Exception {
        readText("""
                Granny's *tray* mix
                ===================

                > never lime it

                <script>alert(1)</script>

                1. two parts **peat**
                2. one part `perlite`

                Water it in.
                """)
                .andExpect(status().isOk())
                .andExpect(jsonPath("$.blend.name").value("Granny's tray mix"))
                .andExpect(jsonPath("$.blend.note").value("never lime it"))
                .andExpect(jsonPath("$.blend.recipe.parts.length()").value(2))
                .andExpect(jsonPath("$.blend.recipe.parts[0].materialId").value("peat"))
                .andExpect(jsonPath("$.notes[0]", containsString("perlite")));
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "just words | no recipe in this text",
                "'- 3 parts moon dust' | names nothing that is known here",
                "'- ' | no recipe in this text"
            })
    void aTextWithoutARecipeIsToldApart(final String text, final String why) throws Exception {
        readText("# A mix\n\n" + text)
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString(why)));
    }

    @Test
    void aTextWithoutEndIsRefused() throws Exception {
        readText("- 3 parts peat\n".repeat(4000))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("letters")));
        readText(">".repeat(19_900) + "\n\n- 1 part peat\n- 1 part grit").andExpect(status().isOk());
    }

    @Test
    void aPictureOfAnythingElseIsRefused() throws Exception {
        final ByteArrayOutputStream blank = new ByteArrayOutputStream();
        ImageIO.write(new BufferedImage(300, 300, BufferedImage.TYPE_INT_RGB), "png", blank);
        read(MediaType.IMAGE_PNG, blank.toByteArray())
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("no code in this picture")));
        read(MediaType.IMAGE_PNG, "not a picture".getBytes(StandardCharsets.UTF_8))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("JPEG and PNG")));
        read(MediaType.IMAGE_PNG, Paper.qrPng("https://example.org/", 300))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("not that of a blend")));
        read(MediaType.IMAGE_PNG, Paper.qrPng(BlendCode.MARK + "AAAA", 300))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("damaged")));
    }

    /** A code that unpacks to more than a blend can be, and one whose blend is hostile. */
    @Test
    void aHostileCodeIsRefused() throws Exception {
        final String bomb = BlendCode.text(new byte[200_000]);
        assertThat(bomb.length()).isLessThan(BlendCode.MOST_LETTERS);
        read(MediaType.IMAGE_PNG, Paper.qrPng(bomb, 600))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("damaged")));
        final String whole = http.perform(ask("/api/shared-blends/{id}", blend("Plain", "", part("peat", 1), "")))
                .andReturn()
                .getResponse()
                .getContentAsString();
        for (final var change : Map.of("\"Plain\"", "\"<script>\"", "\"amount\":1.0", "\"amount\":1e300")
                .entrySet()) {
            final String hostile = BlendCode.text(
                    whole.replace(change.getKey(), change.getValue()).getBytes(StandardCharsets.UTF_8));
            read(MediaType.IMAGE_PNG, Paper.qrPng(hostile, 900)).andExpect(status().isUnprocessableContent());
        }
        final String torn =
                BlendCode.text(whole.replace("\"recipe\"", "\"recip\"").getBytes(StandardCharsets.UTF_8));
        read(MediaType.IMAGE_PNG, Paper.qrPng(torn, 900)).andExpect(status().isUnprocessableContent());
    }

    /** What schema.org asks of a HowTo: its type, a name, steps with a text, supplies with an amount. */
    @Test
    void theHowToIsOne() throws Exception {
        final UUID id = blend("Sill mix", "pothos", part("peat", 3) + "," + part("perlite_coarse", 1), "");
        final String howTo = http.perform(ask("/api/shared-blends/{id}/how-to.jsonld", id))
                .andExpect(status().isOk())
                .andExpect(header().string("Content-Type", "application/ld+json"))
                .andExpect(jsonPath("$['@context']").value("https://schema.org"))
                .andExpect(jsonPath("$['@type']").value("HowTo"))
                .andExpect(jsonPath("$.name").value("Sill mix"))
                .andExpect(jsonPath("$.supply[0]['@type']").value("HowToSupply"))
                .andExpect(jsonPath("$.supply[0].requiredQuantity.value").value(3.0))
                .andReturn()
                .getResponse()
                .getContentAsString();
        final List<Map<String, Object>> steps = JsonPath.read(howTo, "$.step");
        assertThat(steps).hasSizeGreaterThan(3).allSatisfy(step -> {
            assertThat(step).containsEntry("@type", "HowToStep").containsKey("position");
            assertThat(step.get("text").toString()).isNotBlank();
        });
        assertThat(steps.toString().toLowerCase(Locale.ROOT)).contains("add 3 parts sphagnum peat");
    }

    @Test
    void whatIsTooMuchForACodeSaysSo() throws Exception {
        final StringBuilder parts = new StringBuilder(part("peat", 1));
        for (int i = 0; i < 38; i++) {
            final String own = "own_much_" + UUID.randomUUID().toString().replace('-', '_');
            http.perform(send(
                            "/api/own-materials",
                            "{\"id\":\"%s\",\"facts\":{\"name\":\"%s\",\"plain\":{\"matter\":\"DENSE_STONE\",\"fromMm\":1,\"toMm\":3}}}"
                                    .formatted(own, UUID.randomUUID() + " " + UUID.randomUUID())))
                    .andExpect(status().isOk());
            parts.append(',').append(part(own, 1));
        }
        http.perform(ask("/api/shared-blends/{id}/code.png", blend("Much", "", parts.toString(), "")))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("more than a code holds")));
    }
}
