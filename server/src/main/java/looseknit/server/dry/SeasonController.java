package looseknit.server.dry;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.dry.Season;
import looseknit.core.dry.Season.Way;
import looseknit.core.dry.Sun;
import looseknit.core.dry.TopDressing;
import looseknit.core.outlook.InThePot;
import looseknit.server.frame.Books;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Seasons of watering. Nothing is stored. */
@RestController
@RequestMapping("/api")
class SeasonController {

    private final Books books;
    private final KnownSource knownSource;

    SeasonController(final Books books, final KnownSource knownSource) {
        this.books = books;
        this.knownSource = knownSource;
    }

    /**
     * How a pot is watered over a season.
     *
     * @param latitudeDeg latitude for light that changes with the season; null for light that stays
     * @param startDay day of the year on which it begins, 1 to 366
     */
    record SeasonPlanBody(
            int days,
            double everyDays,
            double scatterDays,
            @NotNull Way way,
            double rainMmPerWeek,
            double saucerL,
            @NotNull TopDressing dressing,
            @Nullable Double latitudeDeg,
            int startDay,
            long seed) {

        Season.Plan toCore() {
            return new Season.Plan(
                    days,
                    everyDays,
                    scatterDays,
                    way,
                    rainMmPerWeek,
                    saucerL,
                    Optional.ofNullable(latitudeDeg).map(latitude -> new Sun(latitude, startDay)),
                    seed);
        }
    }

    /** A mix; the blend that it is of, so that tests of it count, is null for a recipe on its own. */
    record MixBody(
            @NotNull @Valid RecipeBody recipe, @Nullable UUID blendId) {}

    /** One or two mixes in the same pot, place and hand. */
    record SeasonAskedBody(
            @NotNull @Size(min = 1, max = 2) List<@Valid MixBody> mixes,
            @NotNull @Valid BriefBody brief,
            @NotNull @Valid SeasonPlanBody plan) {}

    /** A season of one mix; water in litres, shares in per cent. */
    record SeasonBody(
            List<Double> gonePercent,
            List<Boolean> watered,
            List<Season.State> states,
            int tooWetDays,
            int rightDays,
            int tooDryDays,
            int waterings,
            @Nullable Double goneBeforeWateringPercent,
            double triggerPercent,
            Season.Account account) {

        static SeasonBody of(final Season season, final double trigger) {
            return new SeasonBody(
                    season.days().stream().map(day -> 100 * day.gone()).toList(),
                    season.days().stream().map(Season.Day::watered).toList(),
                    season.days().stream().map(Season.Day::state).toList(),
                    season.daysIn(Season.State.TOO_WET),
                    season.daysIn(Season.State.RIGHT),
                    season.daysIn(Season.State.TOO_DRY),
                    season.waterings(),
                    season.meanGoneBeforeWatering().isPresent()
                            ? 100 * season.meanGoneBeforeWatering().getAsDouble()
                            : null,
                    100 * trigger,
                    season.account());
        }
    }

    /** Simulates a season for each mix, watered on the same days. */
    @PostMapping("/season")
    List<SeasonBody> season(@RequestBody @Valid final SeasonAskedBody body) {
        final Season.Plan plan = body.plan().toCore();
        final List<SeasonBody> seasons = new ArrayList<>();
        for (final MixBody mix : body.mixes()) {
            final Season.Subject subject = new InThePot(
                            mix.recipe().toCore(books),
                            body.brief().toCore(books),
                            knownSource.known(mix.blendId(), mix.recipe()))
                    .forSeason(body.plan().dressing());
            seasons.add(
                    SeasonBody.of(Season.of(plan, subject), subject.trigger().depletion()));
        }
        return seasons;
    }
}
