package looseknit.server.need;

import java.util.List;
import looseknit.core.measure.Band;
import looseknit.core.measure.Require;
import looseknit.core.need.Needs;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Plants and what they need, read-only. */
@RestController
@RequestMapping("/api/plants")
class PlantsController {

    /** A plant as the Book shows it. */
    record PlantBody(
            String id,
            String name,
            String botanical,
            List<String> otherNames,
            String groupId,
            String groupName,
            BandBody airPercent,
            BandBody waterPercent,
            BandBody ph,
            BandBody nMgPerL,
            double mostEcDsPerM,
            String drying,
            double lifeYears,
            String roots,
            String poison,
            String note,
            String source) {}

    /** A wanted range. */
    record BandBody(double low, double high) {

        static BandBody of(final Band band, final double factor) {
            return new BandBody(band.low() * factor, band.high() * factor);
        }
    }

    @GetMapping
    List<PlantBody> plants() {
        return PlantBook.shipped().plants().stream().map(PlantsController::body).toList();
    }

    /** The plants whose names come closest to what was typed, best first. */
    @GetMapping("/closest")
    List<PlantBody> closest(@RequestParam final String name, @RequestParam(defaultValue = "5") final int most) {
        Require.within("most", most, 1, 50, "plants");
        return PlantBook.shipped().closest(Require.text("name", name, 200), most).stream()
                .map(PlantsController::body)
                .toList();
    }

    private static PlantBody body(final Plant plant) {
        final Needs needs = plant.needs();
        return new PlantBody(
                plant.id(),
                plant.name(),
                plant.botanical(),
                plant.otherNames(),
                plant.group().id(),
                plant.group().name(),
                BandBody.of(needs.air(), 100),
                BandBody.of(needs.water(), 100),
                BandBody.of(needs.ph(), 1),
                BandBody.of(needs.nitrogen(), 1),
                needs.mostEcDsPerM(),
                needs.trigger().because(),
                needs.lifeYears(),
                plant.group().roots(),
                plant.poison(),
                plant.note(),
                plant.source());
    }
}
