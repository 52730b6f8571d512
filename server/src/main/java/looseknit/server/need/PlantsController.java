package looseknit.server.need;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.ArrayList;
import java.util.List;
import looseknit.core.measure.Band;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Growing;
import looseknit.core.need.NeedSentence;
import looseknit.core.need.Needs;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.server.frame.Books;
import looseknit.server.frame.NotThere;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** Plants and what they need: those of the Book, and the person's own. */
@RestController
@RequestMapping("/api")
class PlantsController {

    private final Books books;
    private final OwnPlants own;

    PlantsController(final Books books, final OwnPlants own) {
        this.books = books;
        this.own = own;
    }

    /**
     * A plant as the Book shows it.
     *
     * @param differs what differs from its group, in words
     * @param own what was told of it, if it is the person's own; null otherwise
     * @param ownRevision how that stands
     */
    record PlantBody(
            String id,
            String name,
            String botanical,
            List<String> otherNames,
            String groupId,
            String groupName,
            String kindId,
            String kindName,
            @Nullable String family,
            Plant.Breadth breadth,
            BandBody airPercent,
            BandBody waterPercent,
            BandBody easyWaterPercent,
            BandBody ph,
            BandBody nMgPerL,
            double mostEcDsPerM,
            Message drying,
            Message dryingWords,
            int usualDays,
            double lifeYears,
            Message light,
            double tempLowC,
            double tempHighC,
            Message water,
            Message texture,
            double rootDepthCm,
            double spread,
            TableText thirst,
            TableText planting,
            Message rest,
            double repotYears,
            Message repotting,
            double heightOverWidth,
            TableText roots,
            TableText acidity,
            TableText food,
            TableText poison,
            TableText trade,
            TableText note,
            List<String> differs,
            @Nullable OwnPlantBody own,
            @Nullable Long ownRevision,
            String source) {}

    /**
     * A plant in the list.
     *
     * @param kindName what it is with others that differ from their group in the same way; the group's name where there is no such kind
     * @param own whether it is the person's own
     */
    record PlantEntryBody(
            String id,
            String name,
            String botanical,
            List<String> otherNames,
            String groupId,
            String groupName,
            String kindName,
            Plant.Breadth breadth,
            int usualDays,
            boolean own) {

        static PlantEntryBody of(final Plant plant) {
            return new PlantEntryBody(
                    plant.id(),
                    plant.name(),
                    plant.botanical(),
                    plant.otherNames(),
                    plant.group().id(),
                    plant.group().name(),
                    plant.kind().name(),
                    plant.breadth(),
                    plant.needs().trigger().usualDays(),
                    plant.id().startsWith(OwnPlants.PREFIX));
        }
    }

    /** A wanted range. */
    record BandBody(double low, double high) {

        static BandBody of(final Band band, final double factor) {
            return new BandBody(band.low() * factor, band.high() * factor);
        }
    }

    /** All plants of the Book by their names, those of the person's own last. */
    @GetMapping("/plants")
    List<PlantEntryBody> plants() {
        return books.plants().plants().stream()
                .filter(each -> !books.retired().contains(each.id()))
                .map(PlantEntryBody::of)
                .toList();
    }

    @GetMapping("/plants/{id}")
    PlantBody plant(@PathVariable final String id) {
        return books.plants().plant(id).map(this::body).orElseThrow(() -> new NotThere("plant"));
    }

    /**
     * Stores an own plant, or changes it.
     *
     * @param revision how the plant stood that is changed; none for a new one
     */
    @PutMapping("/own-plants/{id}")
    PlantBody put(
            @PathVariable final String id,
            @RequestBody @Valid @NotNull final OwnPlantBody body,
            @RequestParam(required = false) final @Nullable Long revision) {
        own.put(id, body, revision, stands -> body(stands.toCore(id, PlantBook.shipped())));
        return body(body.toCore(id, PlantBook.shipped()));
    }

    @DeleteMapping("/own-plants/{id}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable final String id) {
        own.remove(id);
    }

    @PostMapping("/own-plants/{id}/restore")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void restore(@PathVariable final String id) {
        own.restore(id);
    }

    private PlantBody body(final Plant plant) {
        final Needs needs = plant.needs();
        final Growing growing = plant.growing();
        return new PlantBody(
                plant.id(),
                plant.name(),
                plant.botanical(),
                plant.otherNames(),
                plant.group().id(),
                plant.group().name(),
                plant.kind().id(),
                plant.kind().name(),
                plant.family()
                        .map(each -> "%s, %s".formatted(each.id(), each.name()))
                        .orElse(null),
                plant.breadth(),
                BandBody.of(needs.air(), 100),
                BandBody.of(needs.water(), 100),
                BandBody.of(needs.easyWater(), 100),
                BandBody.of(needs.ph(), 1),
                BandBody.of(needs.nitrogen(), 1),
                needs.mostEcDsPerM(),
                needs.trigger().because(),
                needs.trigger().words(),
                needs.trigger().usualDays(),
                needs.lifeYears(),
                growing.lightLow() == growing.lightHigh()
                        ? growing.lightLow().words()
                        : NeedSentence.LIGHT_FROM_TO.with(growing.lightLow(), growing.lightHigh()),
                growing.tempLowC(),
                growing.tempHighC(),
                growing.minerals().words(),
                growing.texture().words(),
                growing.rootDepthCm(),
                needs.spread(),
                growing.thirst(),
                growing.planting(),
                growing.rest().words(),
                growing.repotYears(),
                growing.repotting().words(),
                growing.heightOverWidth(),
                plant.group().roots(),
                plant.group().acidity(),
                plant.group().food(),
                plant.poison(),
                plant.trade(),
                plant.note(),
                differs(plant),
                plant.id().startsWith(OwnPlants.PREFIX) ? own.facts(plant.id()).orElse(null) : null,
                plant.id().startsWith(OwnPlants.PREFIX)
                        ? own.revision(plant.id()).orElse(null)
                        : null,
                plant.source());
    }

    /** In what a plant differs from its group. */
    private static List<String> differs(final Plant plant) {
        final Needs needs = plant.needs();
        final Needs group = plant.group().needs();
        final Growing growing = plant.growing();
        final Growing usual = plant.group().growing();
        final List<String> differs = new ArrayList<>();
        add(differs, "air", needs.air(), group.air());
        add(differs, "pH", needs.ph(), group.ph());
        add(differs, "food", needs.nitrogen(), group.nitrogen());
        add(differs, "drying", needs.trigger(), group.trigger());
        add(differs, "width", needs.spread(), group.spread());
        add(
                differs,
                "light",
                List.of(growing.lightLow(), growing.lightHigh()),
                List.of(usual.lightLow(), usual.lightHigh()));
        add(
                differs,
                "warmth",
                growing.tempLowC() * 1000 + growing.tempHighC(),
                usual.tempLowC() * 1000 + usual.tempHighC());
        add(differs, "water", growing.minerals(), usual.minerals());
        add(differs, "root depth", growing.rootDepthCm(), usual.rootDepthCm());
        add(differs, "life", needs.lifeYears(), group.lifeYears());
        add(differs, "thirst", growing.thirst(), usual.thirst());
        add(differs, "planting", growing.planting(), usual.planting());
        add(differs, "rest", growing.rest(), usual.rest());
        add(differs, "repotting", growing.repotYears(), usual.repotYears());
        add(differs, "height", growing.heightOverWidth(), usual.heightOverWidth());
        return List.copyOf(differs);
    }

    private static void add(final List<String> differs, final String what, final Object own, final Object usual) {
        if (!own.equals(usual)) {
            differs.add(what);
        }
    }
}
