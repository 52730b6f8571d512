package looseknit.server.planting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Clock;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import looseknit.core.message.Message;
import looseknit.core.need.Plant;
import looseknit.core.need.Stage;
import looseknit.core.planting.Newcomer;
import looseknit.core.planting.Placing;
import looseknit.core.planting.PotChoice;
import looseknit.core.planting.RootCheck;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import looseknit.server.need.PotBody;
import looseknit.server.reading.AskedBody;
import looseknit.server.reading.KnownSource;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What is decided before a plant is potted up: whether now, what its roots say, which pot, and where plants stand in it. Nothing is stored. */
@RestController
@RequestMapping("/api/planting")
class BeforePottingController {

    private static final int MOST_POTS = 60;

    private final Books books;
    private final KnownSource knownSource;
    private final Clock clock;

    BeforePottingController(final Books books, final KnownSource knownSource, final Clock clock) {
        this.books = books;
        this.knownSource = knownSource;
        this.clock = clock;
    }

    /** A plant that is to be potted up; the day it came is null for a plant of the house. */
    record NewcomerBody(
            @NotNull String plantId,
            @Nullable LocalDate arrivedOn,
            boolean suffered,
            boolean flowering,
            boolean southern) {}

    /** From when it may be repotted, and what speaks for and against; whether a better season is named. */
    record WhenToPotBody(LocalDate from, boolean shouldWait, boolean betterSeason, List<Message> words) {}

    /** Roots of a plant in a stage. */
    record RootsAskedBody(
            @NotNull String plantId,
            @NotNull Stage stage,
            @NotNull @Valid RootsBody roots) {}

    /** What it comes to, what to do, the stage it is potted in, and how much of the ball is left. */
    record RootsFoundBody(
            RootCheck.State state, Message words, List<Message> actions, Stage stage, boolean broke, double left) {}

    /** Pots to choose among for a ball. */
    record PotChoiceAskedBody(
            @NotNull @Valid AskedBody asked,
            SetUpBody.@NotNull @Valid BallBody ball,
            @NotNull @Size(min = 1, max = MOST_POTS) List<@Valid @NotNull PotBody> pots) {}

    /** A pot as it suits; its tilt is null where it hangs. */
    record PotChoiceBody(
            PotBody pot,
            double timesTheBall,
            double depthToGrowCm,
            PotChoice.Fit fit,
            Message words,
            double days,
            double lowDays,
            double highDays,
            @Nullable Double tipsAtDeg) {}

    /** Plants or bulbs to place in a pot. */
    record PlacingAskedBody(
            @NotNull @Valid PotBody pot,
            int count,
            double widthCm,
            double wallCm,
            Placing.@NotNull Pattern pattern,
            Placing.@NotNull Facing facing) {}

    /** A place from the middle of the mouth, and where a tip or bud looks. */
    record SpotBody(double x, double y, double facingDeg) {}

    /** Places that were moved by hand. */
    record MovedAskedBody(
            @NotNull @Valid PotBody pot,
            @NotNull @Size(min = 1, max = Placing.MOST) List<@NotNull SpotBody> spots) {}

    /** Places, the smallest distances between them and to the wall, and how many would fit. */
    record PlacingBody(List<SpotBody> spots, double apartCm, double fromWallCm, int most) {}

    /** Whether a plant may be potted up yet. */
    @PostMapping("/newcomer")
    WhenToPotBody newcomer(@RequestBody @Valid final NewcomerBody body) {
        final LocalDate today = LocalDate.now(clock);
        final Newcomer.Advice advice = new Newcomer(
                        Optional.ofNullable(body.arrivedOn()), body.suffered(), body.flowering(), body.southern())
                .on(today, plant(body.plantId()));
        return new WhenToPotBody(advice.from(), advice.from().isAfter(today), advice.better(), advice.words());
    }

    /** What roots say. */
    @PostMapping("/roots")
    RootsFoundBody roots(@RequestBody @Valid final RootsAskedBody body) {
        final RootCheck roots = body.roots().toCore();
        final Plant plant = plant(body.plantId());
        return new RootsFoundBody(
                roots.state(plant),
                roots.state(plant).words(),
                roots.actions(plant),
                roots.stage(plant, body.stage()),
                roots.broke(),
                roots.left(plant));
    }

    /** Which pot suits. */
    @PostMapping("/choice")
    List<PotChoiceBody> choice(@RequestBody @Valid final PotChoiceAskedBody body) {
        final AskedBody asked = body.asked();
        return PotChoice.among(
                        body.pots().stream().map(pot -> pot.toCore(books)).toList(),
                        body.ball().toCore(),
                        asked.recipe().toCore(books),
                        asked.briefToCore(books),
                        knownSource.known(asked.blendId(), asked.recipe()))
                .stream()
                .map(each -> new PotChoiceBody(
                        PotBody.of(each.pot()),
                        each.timesTheBall(),
                        each.depthToGrowCm(),
                        each.fit(),
                        each.fit().words(),
                        each.days().value(),
                        Math.max(0, each.days().low80()),
                        each.days().high80(),
                        Double.isNaN(each.tipsAtDeg()) ? null : each.tipsAtDeg()))
                .toList();
    }

    /** Where they stand. */
    @PostMapping("/placing")
    PlacingBody placing(@RequestBody @Valid final PlacingAskedBody body) {
        final var pot = body.pot().toCore(books);
        return body(
                Placing.of(pot, body.count(), body.widthCm(), body.wallCm(), body.pattern(), body.facing()),
                Placing.mostIn(pot, body.widthCm(), body.wallCm(), body.pattern()));
    }

    /** What is between places that were moved by hand. */
    @PostMapping("/placing/moved")
    PlacingBody moved(@RequestBody @Valid final MovedAskedBody body) {
        return body(
                Placing.in(
                        body.pot().toCore(books),
                        body.spots().stream()
                                .map(spot -> new Placing.Spot(spot.x(), spot.y(), spot.facingDeg()))
                                .toList()),
                body.spots().size());
    }

    private static PlacingBody body(final Placing placing, final int most) {
        return new PlacingBody(
                placing.spots().stream()
                        .map(spot -> new SpotBody(spot.x(), spot.y(), spot.facingDeg()))
                        .toList(),
                placing.apartCm(),
                placing.fromWallCm(),
                most);
    }

    private Plant plant(final String id) {
        return books.plants()
                .plant(id)
                .orElseThrow(() -> new UnknownName("plantId", "plant", id, "Pick one from the Book."));
    }
}
