package looseknit.server.material;

import java.util.List;
import looseknit.core.material.Amendment;
import looseknit.core.material.Form;
import looseknit.core.material.Grains;
import looseknit.core.material.Hazard;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.MaterialClass;
import looseknit.core.material.Nature;
import looseknit.core.material.Role;
import looseknit.core.material.Section;
import looseknit.core.message.Message;
import looseknit.core.sheet.DoseStandIn;
import looseknit.core.sheet.MaterialSheet;
import looseknit.core.sheet.StandIn;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import looseknit.server.message.Speech;
import looseknit.server.reading.HeldBody;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Materials and amendments to name in recipes. */
@RestController
@RequestMapping("/api")
class MaterialsController {

    private final Books books;
    private final Speech speech;

    MaterialsController(final Books books, final Speech speech) {
        this.books = books;
        this.speech = speech;
    }

    /**
     * A material as the Book shows it. Half-life is null for what does not rot.
     *
     * @param shape outline of its grains
     * @param otherGradeIds other grades of the same stuff, the finest first
     * @param section where lists of materials have it
     * @param own whether it is the person's own
     * @param never whether it is there only to say why not
     * @param measured whether figures of the lot in use stand for the Book's
     */
    record MaterialBody(
            String id,
            String name,
            Message grade,
            double d10Mm,
            double d50Mm,
            double d90Mm,
            Grains.Shape shape,
            List<String> otherGradeIds,
            List<Role> roles,
            List<Message> roleWords,
            Section section,
            MaterialClass materialClass,
            Form form,
            double packLitres,
            List<Hazard> hazards,
            double bulkDensityGPerL,
            double totalPorosityPercent,
            double waterAt10CmPercent,
            double waterAt50CmPercent,
            double waterAt100CmPercent,
            double ph,
            double bufferMeqPerLPerPh,
            double cecMeqPerL,
            double ecDsPerM,
            double nMgPerL,
            double pMgPerL,
            double kMgPerL,
            @Nullable Double halfLifeYears,
            Message does,
            Message gradeAdvice,
            Message prepare,
            Message notFor,
            boolean own,
            boolean mix,
            boolean never,
            boolean measured,
            Message source) {}

    /** What may stand in, and what changes litre for litre or gram for gram. */
    record StandInBody(String id, String name, List<Message> changes) {}

    /** All that is known of a material; air and water of a drained column of 10 cm. */
    record SheetBody(
            MaterialBody material,
            double drainedAirPercent,
            double drainedWaterPercent,
            List<HeldBody> curve,
            List<SheetLineBody> lines,
            List<StandInBody> standIns,
            List<ConstituentBody> constituents,
            @Nullable Message certainty) {}

    /** An amendment as the Book shows it. */
    record AmendmentBody(
            String id,
            String name,
            Amendment.Kind kind,
            double neutralising,
            double fineness,
            double halfTimeWeeks,
            Amendment.Contents contents,
            double longevityWeeks,
            double usualLowGPerL,
            double usualHighGPerL,
            List<Hazard> hazards,
            Message does,
            Message prepare,
            Message notFor,
            List<StandInBody> standIns,
            Message source) {}

    @GetMapping("/materials")
    List<MaterialBody> materials() {
        return listed().stream().map(MaterialsController::body).toList();
    }

    private List<Material> listed() {
        return books.materials().materials().stream()
                .filter(Material::forRecipes)
                .filter(each -> !books.retired().contains(each.id()))
                .toList();
    }

    @GetMapping("/materials/{id}/sheet")
    SheetBody sheet(@PathVariable final String id) {
        final MaterialBook book = books.materials();
        final Material material = book.material(id).orElseThrow(() -> new NotThere("material"));
        final MaterialSheet.Drained drained = MaterialSheet.drained(material);
        return new SheetBody(
                body(material),
                100 * drained.air(),
                100 * drained.water(),
                MaterialSheet.curve(material).stream().map(HeldBody::of).toList(),
                MaterialSheet.of(material).stream()
                        .map(line -> SheetLineBody.of(line, speech.system()))
                        .toList(),
                material.advice().standIns().stream()
                        .flatMap(other -> book.material(other).stream())
                        .map(other -> new StandInBody(
                                other.id(),
                                other.name(),
                                StandIn.of(material, other).changes()))
                        .toList(),
                ConstituentBody.of(material, book),
                material.makeUp().map(each -> each.certainty().words()).orElse(null));
    }

    @GetMapping("/amendments")
    List<AmendmentBody> amendments() {
        return books.materials().amendments().stream()
                .map(MaterialsController::body)
                .toList();
    }

    private static MaterialBody body(final Material material) {
        final @Nullable Material shipped =
                MaterialBook.shipped().material(material.id()).orElse(null);
        return new MaterialBody(
                material.id(),
                material.name(),
                material.grade(),
                material.grainSize().d10Mm(),
                material.grainSize().d50Mm(),
                material.grainSize().d90Mm(),
                Grains.shape(material),
                Grains.otherGrades(material, MaterialBook.shipped()).stream()
                        .map(Material::id)
                        .toList(),
                material.roles(),
                material.roles().stream().map(Role::words).toList(),
                Section.of(material, shipped == null),
                material.materialClass(),
                material.form(),
                material.packL(),
                material.hazards(),
                material.physics().bulkDensityGPerL(),
                100 * material.physics().totalPorosity(),
                100 * material.retention().at(10),
                100 * material.retention().at(50),
                100 * material.retention().at(100),
                material.chemistry().ph(),
                material.chemistry().bufferMeqPerLPerPh(),
                material.chemistry().cecMeqPerL(),
                material.chemistry().ecDsPerM(),
                material.chemistry().nutrients().nMgPerL(),
                material.chemistry().nutrients().pMgPerL(),
                material.chemistry().nutrients().kMgPerL(),
                material.decays() ? material.halfLifeYears() : null,
                material.advice().does(),
                material.advice().grade(),
                material.advice().prepare(),
                material.advice().notFor(),
                shipped == null,
                material.makeUp().isPresent(),
                material.natures().contains(Nature.NEVER),
                shipped != null && !shipped.doubt().equals(material.doubt()),
                material.source());
    }

    private static AmendmentBody body(final Amendment amendment) {
        return new AmendmentBody(
                amendment.id(),
                amendment.name(),
                amendment.kind(),
                amendment.neutralising(),
                amendment.fineness(),
                amendment.halfTimeWeeks(),
                amendment.contents(),
                amendment.longevityWeeks(),
                amendment.usualLowGPerL(),
                amendment.usualHighGPerL(),
                amendment.hazards(),
                amendment.advice().does(),
                amendment.advice().prepare(),
                amendment.advice().notFor(),
                amendment.advice().standIns().stream()
                        .flatMap(id -> MaterialBook.shipped().amendment(id).stream())
                        .map(other -> new StandInBody(
                                other.id(),
                                other.name(),
                                DoseStandIn.of(amendment, other).changes()))
                        .toList(),
                amendment.source());
    }
}
