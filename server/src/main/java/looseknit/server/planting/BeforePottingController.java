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
import looseknit.core.planting.Placing.Facing;
import looseknit.core.planting.Placing.Pattern;
import looseknit.core.planting.Placing.Spacing;
import looseknit.core.planting.PotChoice;
import looseknit.core.planting.RootCheck;
import looseknit.core.pot.Pot;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import looseknit.server.need.PotBody;
import looseknit.server.planting.SetUpBody.BallBody;
import looseknit.server.planting.SetUpBody.PlacesBody;
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

    /** Pots to choose among for a ball, of which a share is left once its roots are cut. */
    record PotChoiceAskedBody(
            @NotNull @Valid AskedBody asked,
            @NotNull @Valid BallBody ball,
            double left,
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

    /** Plants or bulbs to place in a pot, each so wide. */
    record PlacingAskedBody(
            @NotNull @Valid PotBody pot,
            @NotNull Spacing spacing,
            int count,
            double ownCm,
            double wallCm,
            @NotNull Pattern pattern,
            @NotNull Facing facing) {}

    /** Places as they stand in a pot, perhaps moved by hand. */
    record PlacedAskedBody(
            @NotNull @Valid PotBody pot, @NotNull @Valid PlacesBody places) {}

    /** The mouth of a pot from above, inside at the surface of the mix. */
    record MouthBody(boolean round, double wideCm, double deepCm) {}

    /**
     * Places in a pot.
     *
     * @param roomCm width that each has for itself [cm]
     * @param apartCm smallest distance between two of them [cm]
     * @param freeToWallCm smallest room between one and the wall [cm]
     * @param crowded whether some stand closer than the room that each is to have
     * @param most how many would fit so; null where they were moved by hand
     * @param depth how deep they are set
     */
    record PlacingBody(
            List<SetUpBody.SpotBody> spots,
            MouthBody mouth,
            double roomCm,
            double apartCm,
            double freeToWallCm,
            boolean crowded,
            @Nullable Integer most,
            Message depth) {}

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
                        body.left(),
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
        final Pot pot = body.pot().toCore(books);
        final double roomCm = body.spacing().roomCm(body.ownCm());
        return body(
                pot,
                Placing.of(pot, body.count(), roomCm, body.wallCm(), body.pattern(), body.facing()),
                body.spacing(),
                body.ownCm(),
                body.wallCm(),
                Placing.mostIn(pot, roomCm, body.wallCm(), body.pattern()));
    }

    /** What is between places as they stand. */
    @PostMapping("/placing/placed")
    PlacingBody placed(@RequestBody @Valid final PlacedAskedBody body) {
        final Pot pot = body.pot().toCore(books);
        final SetUpBody.PlacesBody places = body.places();
        return body(
                pot,
                Placing.in(
                        pot,
                        places.spots().stream().map(SetUpBody.SpotBody::toCore).toList()),
                places.spacing(),
                places.ownCm(),
                places.wallCm(),
                null);
    }

    private static PlacingBody body(
            final Pot pot,
            final Placing placing,
            final Placing.Spacing spacing,
            final double ownCm,
            final double wallCm,
            final @Nullable Integer most) {
        final Placing.Seen mouth = Placing.Seen.of(pot);
        return new PlacingBody(
                placing.spots().stream().map(SetUpBody.SpotBody::of).toList(),
                new MouthBody(mouth.round(), mouth.wideCm(), mouth.deepCm()),
                spacing.roomCm(ownCm),
                placing.apartCm(),
                placing.freeToWallCm(ownCm),
                placing.crowds(spacing.roomCm(ownCm), wallCm),
                most,
                spacing.depth());
    }

    private Plant plant(final String id) {
        return books.plants()
                .plant(id)
                .orElseThrow(() -> new UnknownName("plantId", "plant", id, "Pick one from the Book."));
    }
}
