package looseknit.server.assay;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import java.util.stream.Stream;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.assay.LotTrait;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.server.blend.Blends;
import looseknit.server.frame.Books;
import looseknit.server.message.Speech;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Tests at the bench over HTTP. */
@RestController
@RequestMapping("/api")
class TestsController {

    private final Books books;
    private final Assays assays;
    private final Blends blends;
    private final Speech speech;

    TestsController(final Books books, final Assays assays, final Blends blends, final Speech speech) {
        this.books = books;
        this.assays = assays;
        this.blends = blends;
        this.speech = speech;
    }

    /** A test to store; the id is made by the caller, so that a repeated call stores nothing twice. */
    record NewTestBody(
            @NotNull UUID id,
            @NotNull LocalDate madeOn,
            @NotNull @Valid TestBody test) {}

    /** What a test showed, in the units in which people read it. */
    record FindingBody(Message name, String unit, double predicted, double measured, double sd, int decimals) {}

    /** A test that was made. */
    record MadeTestBody(UUID id, LocalDate madeOn, TestBody test, List<FindingBody> findings) {}

    /** How far a lot is believed to lie from its table, and how sure that is; shares in points of volume. */
    record LotBody(
            String materialId,
            String name,
            double air,
            double airSd,
            double airSdBefore,
            double ph,
            double phSd,
            double phSdBefore) {}

    /** Tests of a blend and what they have shown about its materials. */
    record TestsBody(List<MadeTestBody> tests, List<LotBody> lots) {}

    @GetMapping("/blends/{blendId}/tests")
    TestsBody of(@PathVariable final UUID blendId) {
        final Beliefs beliefs = assays.beliefs();
        return new TestsBody(
                assays.of(blendId).stream().map(this::body).toList(),
                blends.get(blendId).recipe().materials(books).stream()
                        .flatMap(TestsController::plain)
                        .map(material -> lot(beliefs, material))
                        .toList());
    }

    @PostMapping("/blends/{blendId}/tests")
    MadeTestBody make(@PathVariable final UUID blendId, @RequestBody @Valid final NewTestBody body) {
        return body(assays.make(body.id(), blendId, body.madeOn(), body.test()));
    }

    @DeleteMapping("/tests/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable final UUID id) {
        assays.remove(id);
    }

    @PostMapping("/tests/{id}/restore")
    MadeTestBody restore(@PathVariable final UUID id) {
        return body(assays.restore(id));
    }

    /** The material itself, or what it consists of if it is a mix. */
    private static Stream<Material> plain(final Material material) {
        return material.makeUp()
                .map(makeUp -> makeUp.constituents().stream().map(MakeUp.Constituent::material))
                .orElse(Stream.of(material));
    }

    private MadeTestBody body(final MadeTest test) {
        return new MadeTestBody(
                test.id(),
                test.madeOn(),
                test.test(),
                test.findings(books).stream().map(this::body).toList());
    }

    private FindingBody body(final Finding finding) {
        final Dimension dimension = finding.what().dimension();
        final MeasureSystem system = speech.system();
        return new FindingBody(
                finding.what().words(),
                dimension.unit(system),
                dimension.shown(finding.predicted(), system),
                dimension.shown(finding.measured(), system),
                dimension.difference(finding.sd(), system),
                dimension.decimals(finding.what().decimals(finding.measured()), system));
    }

    private static LotBody lot(final Beliefs beliefs, final Material material) {
        final Estimate air = beliefs.materialCorrection(LotTrait.AIR, material);
        final Estimate ph = beliefs.materialCorrection(LotTrait.PH, material);
        final double points = Dimension.SHARE.difference(1, MeasureSystem.METRIC);
        return new LotBody(
                material.id(),
                material.name(),
                points * air.value(),
                points * air.sd(),
                points * LotTrait.AIR.lotSd(material),
                ph.value(),
                ph.sd(),
                LotTrait.PH.lotSd(material));
    }
}
