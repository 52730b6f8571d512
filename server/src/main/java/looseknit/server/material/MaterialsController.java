package looseknit.server.material;

import java.util.List;
import looseknit.core.material.Amendment;
import looseknit.core.material.Book;
import looseknit.core.material.Form;
import looseknit.core.material.Hazard;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialClass;
import looseknit.core.material.Role;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Materials and amendments, read-only. */
@RestController
@RequestMapping("/api")
class MaterialsController {

    /** A material as the Book shows it. Half-life is null for what does not rot. */
    record MaterialBody(
            String id,
            String name,
            String grade,
            List<Role> roles,
            List<String> roleWords,
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
            String does,
            String source) {}

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
            String does,
            String source) {}

    @GetMapping("/materials")
    List<MaterialBody> materials() {
        return Book.shipped().materials().stream()
                .filter(Material::forRecipes)
                .map(MaterialsController::body)
                .toList();
    }

    @GetMapping("/amendments")
    List<AmendmentBody> amendments() {
        return Book.shipped().amendments().stream()
                .map(MaterialsController::body)
                .toList();
    }

    private static MaterialBody body(final Material material) {
        return new MaterialBody(
                material.id(),
                material.name(),
                material.grade(),
                material.roles(),
                material.roles().stream().map(Role::words).toList(),
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
                material.does(),
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
                amendment.does(),
                amendment.source());
    }
}
