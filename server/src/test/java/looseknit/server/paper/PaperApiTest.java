package looseknit.server.paper;

import static looseknit.server.ApiTest.Requests.ask;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.jsonPath;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import com.jayway.jsonpath.JsonPath;
import java.util.List;
import looseknit.server.ApiTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.http.MediaType;
import org.springframework.test.context.ActiveProfiles;
import org.springframework.test.web.servlet.MockMvc;

/** What goes on paper, from the demo: read back as a reader and as a scanner would. */
@ApiTest
@ActiveProfiles("demo")
class PaperApiTest {

    private static final double POINT_MM = 0.4;

    @Autowired
    private MockMvc http;

    private byte[] pdf(final String path, final Object... variables) throws Exception {
        return http.perform(ask(path, variables))
                .andExpect(status().isOk())
                .andExpect(content().contentType(MediaType.APPLICATION_PDF))
                .andReturn()
                .getResponse()
                .getContentAsByteArray();
    }

    private List<String> pots(final int count) throws Exception {
        final List<String> ids = JsonPath.read(
                http.perform(ask("/api/pottings"))
                        .andExpect(status().isOk())
                        .andReturn()
                        .getResponse()
                        .getContentAsString(),
                "$..[?(@.plantName)].id");
        return ids.subList(0, count);
    }

    private String blend(final String name) throws Exception {
        return JsonPath.<List<String>>read(
                        http.perform(ask("/api/blends/names"))
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        "$.names[?(@.name == '%s')].id".formatted(name))
                .get(0);
    }

    @ParameterizedTest
    @EnumSource(LabelSheet.class)
    void labelsOfEachSizeAreReadAndScanned(final LabelSheet sheet) throws Exception {
        final Printed printed = Printed.of(pdf("/api/pot-labels.pdf?ids=%s&label=%s&size=LETTER&note=Look again"
                .formatted(String.join(",", pots(3)), sheet)));
        final boolean letter = sheet.paper(Paper.Size.LETTER) == Paper.Size.LETTER;

        assertThat(printed.pages()).isEqualTo(1);
        assertThat(printed.widthMm()).isCloseTo(letter ? 215.9 : 210, within(POINT_MM));
        assertThat(printed.embedded()).isTrue();
        assertThat(printed.text()).contains("Look again", "potted ");
        assertThat(printed.codes()).hasSize(3).allMatch(code -> code.contains(", lot "));
    }

    /** Every label lies on its paper, and none on another. */
    @ParameterizedTest
    @EnumSource(LabelSheet.class)
    void labelsLieOnTheirPaper(final LabelSheet sheet) {
        for (final Paper.Size size : Paper.Size.values()) {
            final Paper.Size paper = sheet.paper(size);
            final int last = sheet.labels() - 1;
            assertThat(sheet.leftOf(last) + sheet.width()).isLessThanOrEqualTo(paper.widthMm() + 0.01);
            assertThat(sheet.topOf(last) + sheet.height()).isLessThanOrEqualTo(paper.heightMm() + 0.01);
            for (int i = 1; i < sheet.labels(); i++) {
                final boolean sameRow = sheet.topOf(i) - sheet.topOf(i - 1) < 1;
                assertThat(sameRow ? sheet.leftOf(i) - sheet.leftOf(i - 1) : sheet.topOf(i) - sheet.topOf(i - 1))
                        .isGreaterThanOrEqualTo((sameRow ? sheet.width() : sheet.height()) - 0.01);
            }
        }
    }

    @Test
    void aBegunSheetGoesOnWhereItStopped() throws Exception {
        final String ids = String.join(",", pots(3));
        assertThat(Printed.of(pdf("/api/pot-labels.pdf?ids=%s&label=MM_99X68&first=6".formatted(ids)))
                        .pages())
                .isEqualTo(1);
        assertThat(Printed.of(pdf("/api/pot-labels.pdf?ids=%s&label=MM_99X68&first=7".formatted(ids)))
                        .pages())
                .isEqualTo(2);
        http.perform(ask("/api/pot-labels.pdf?ids=%s&label=MM_99X68&first=9".formatted(ids)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("1 to 8")));
        http.perform(ask("/api/pot-labels.pdf?ids=%s&label=huge".formatted(ids)))
                .andExpect(status().isUnprocessableContent())
                .andExpect(jsonPath("$.detail", containsString("MM_63X38")));
    }

    @ParameterizedTest
    @CsvSource({
        "Fern, 30, 30",
        "Golden pothos by the door of the drying loft, 30, 11",
        "Unbelievablylongsinglewordthatneverends, 40, 9"
    })
    void aNameIsAsLargeAsItsRoomAllows(final String name, final double widthMm, final int points) {
        assertThat(Labels.nameSize(name, widthMm, 20)).isEqualTo(points);
    }

    @Test
    void aBatchHasLabelsForEachOfItsBags() throws Exception {
        final String batch = JsonPath.<List<String>>read(
                        http.perform(ask("/api/batches"))
                                .andReturn()
                                .getResponse()
                                .getContentAsString(),
                        "$..[?(@.lot)].id")
                .get(0);
        final Printed printed = Printed.of(pdf("/api/batches/{id}/labels.pdf?label=IN_4X3&copies=2&units=us", batch));
        assertThat(printed.codes()).hasSize(2).allMatch(code -> code.contains("lot "));
        assertThat(printed.text()).contains("%");
    }

    @Test
    void theWeekHasABoxForEachDay() throws Exception {
        final Printed printed = Printed.of(pdf("/api/calendar/week.pdf?size=letter"));
        assertThat(printed.widthMm()).isCloseTo(215.9, within(POINT_MM));
        assertThat(printed.text()).contains("Also due").containsPattern("(Mon|Tue|Wed|Thu|Fri|Sat|Sun) \\d+");
    }

    @Test
    void theYearIsTheSameInWords() throws Exception {
        final String year =
                http.perform(ask("/api/year")).andReturn().getResponse().getContentAsString();
        final Printed printed = Printed.of(pdf("/api/year/page.pdf?currency=€"));
        assertThat(printed.text())
                .contains("The year " + JsonPath.<Integer>read(year, "$.year"))
                .contains(JsonPath.<List<String>>read(year, "$.mixed[*].name"))
                .contains("€");
        assertThat(Printed.of(pdf("/api/year/page.pdf?units=us")).text()).contains(" gal");
    }

    @Test
    void theSheetOfABlendCarriesItsCode() throws Exception {
        final Printed printed = Printed.of(pdf("/api/shared-blends/{id}/sheet.pdf", blend("Slipway rescue")));
        assertThat(printed.pages()).isEqualTo(1);
        assertThat(printed.text())
                .contains("Slipway rescue", "Perlite, coarse", "Quay foliage mix:", "Expected", "10 L");
        assertThat(printed.codes()).singleElement().asString().startsWith("LOOSE-KNIT-BLEND-1:");
        assertThat(Printed.of(pdf("/api/shared-blends/{id}/sheet.pdf?units=us", blend("Slipway rescue")))
                        .text())
                .contains(" gal")
                .doesNotContain(" L\n");
    }
}
