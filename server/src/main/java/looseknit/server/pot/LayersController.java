package looseknit.server.pot;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import looseknit.core.blend.Mix;
import looseknit.core.dry.TopDressing;
import looseknit.core.message.Message;
import looseknit.core.outlook.InThePot;
import looseknit.core.pot.Layer;
import looseknit.core.pot.Stability;
import looseknit.core.pot.Stack;
import looseknit.server.frame.Books;
import looseknit.server.need.PotBody;
import looseknit.server.reading.AskedBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Layers of mixes in a pot, and how firmly a pot stands. Nothing is stored. */
@RestController
@RequestMapping("/api/pots")
class LayersController {

    private final Books books;
    private final KnownSource knownSource;

    LayersController(final Books books, final KnownSource knownSource) {
        this.books = books;
        this.knownSource = knownSource;
    }

    /** A layer of a mix; the depth of the topmost is not used. */
    record LayerBody(@NotNull @Valid RecipeBody recipe, double depthCm) {}

    /** A pot and its layers from below. */
    record LayersAskedBody(
            @NotNull @Valid PotBody pot,
            @NotNull @Size(min = 1, max = Stack.MOST_LAYERS) List<@Valid LayerBody> layers) {}

    /** A layer as it stands; shares in per cent of its volume. */
    record LevelBody(
            double fromCm,
            double toCm,
            double litres,
            double airPercent,
            double waterPercent,
            double wetZoneCm,
            boolean overBreak) {}

    /** All layers as they stand. */
    record LayersBody(List<LevelBody> levels, double litres, double airPercent, double waterPercent, double wetKg) {}

    /** A pot with what grows in it; the plant's centre is measured from the rim. */
    record StandingAskedBody(
            @NotNull @Valid AskedBody asked,
            double plantKg,
            double plantCentreCm,
            @NotNull TopDressing dressing) {}

    /** How firmly it stands in one state. */
    record StandingBody(
            double kg, double centreCm, double tipsAtDeg, boolean firm, Message words, List<Stability.Load> loads) {
        static StandingBody of(final Stability stability) {
            return new StandingBody(
                    stability.kg(),
                    stability.centreCm(),
                    stability.tipsAtDeg(),
                    stability.firmness() == Stability.Firmness.STANDS,
                    stability.firmness().words(),
                    stability.loads());
        }
    }

    /** How firmly it stands wet and dry; below the first angle it is unsteady, below the second it falls in wind. */
    record StandingsBody(StandingBody wet, StandingBody dry, double unsteadyDeg, double fallsInWindDeg) {}

    /** How water stands in several layers of mix. */
    @PostMapping("/layers")
    LayersBody layers(@RequestBody @Valid final LayersAskedBody body) {
        final Stack stack = Stack.in(
                body.pot().toCore(books),
                body.layers().stream()
                        .map(layer -> new Layer(Mix.of(layer.recipe().toCore(books)), layer.depthCm()))
                        .toList());
        return new LayersBody(
                stack.levels().stream()
                        .map(level -> new LevelBody(
                                level.fromCm(),
                                level.fromCm() + level.column().heightCm(),
                                level.litres(),
                                100 * level.air(),
                                100 * level.water(),
                                level.wetZoneCm(),
                                level.overBreak()))
                        .toList(),
                stack.litres(),
                100 * stack.air(),
                100 * stack.water(),
                stack.wetKg());
    }

    /** How firmly a pot of mix stands. */
    @PostMapping("/standing")
    StandingsBody standing(@RequestBody @Valid final StandingAskedBody body) {
        final AskedBody asked = body.asked();
        final InThePot inThePot = new InThePot(
                asked.recipe().toCore(books),
                asked.briefToCore(books),
                knownSource.known(asked.blendId(), asked.recipe()));
        return new StandingsBody(
                StandingBody.of(inThePot.wet(body.plantKg(), body.plantCentreCm(), body.dressing())),
                StandingBody.of(inThePot.dry(body.plantKg(), body.plantCentreCm(), body.dressing())),
                Stability.UNSTEADY_DEG,
                Stability.FALLS_IN_WIND_DEG);
    }
}
