package looseknit.server.pot;

import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.core.outlook.Ahead;
import looseknit.core.outlook.Given;
import looseknit.server.frame.Refused;
import looseknit.server.message.Speech;
import looseknit.server.planting.SectionBody;
import looseknit.server.planting.SetUpBody;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** A pot as it stands, for its own page. */
@RestController
@RequestMapping("/api/pottings/{id}/portrait")
class PortraitController {

    private final Pottings pottings;
    private final PottingBodies bodies;
    private final PotDrying drying;
    private final PotWork work;
    private final Shelf shelf;
    private final Speech speech;
    private final Clock clock;

    PortraitController(
            final Pottings pottings,
            final PottingBodies bodies,
            final PotDrying drying,
            final PotWork work,
            final Shelf shelf,
            final Speech speech,
            final Clock clock) {
        this.pottings = pottings;
        this.bodies = bodies;
        this.drying = drying;
        this.work = work;
        this.shelf = shelf;
        this.speech = speech;
        this.clock = clock;
    }

    /** Something that is due, and why. */
    record PotDueBody(Ahead.Kind kind, Message what, LocalDate on, Message because) {}

    /** The mix as it is by now: years since it was filled, how far it has sunk, its air now and then, and the least that roots bear. */
    record MixNowBody(double years, double sunkCm, double airPercent, double airThenPercent, double leastAirPercent) {}

    /** Feed or lime that was given: what, when, how much [g], and what share is left. */
    record GivenBody(Message what, LocalDate on, @Nullable Double grams, double left, Message says) {
        static GivenBody of(final Given given) {
            return new GivenBody(
                    given.what(),
                    given.on(),
                    given.grams().isPresent() ? given.grams().getAsDouble() : null,
                    given.left(),
                    given.says());
        }
    }

    /** A plant of the same family: its mother, what came from it, what it came from by another pot. */
    record RelativeBody(
            UUID id,
            String label,
            Potting.State state,
            LocalDate pottedOn,
            Potting.@Nullable Origin origin,
            boolean mother) {}

    /**
     * A pot as it stands.
     *
     * @param recipe what is in it
     * @param today the day that it is
     * @param section the pot cut open
     * @param setUp what is in it besides its mix; that of a plain pot if nothing was told
     * @param leafSign what to look for at this plant; null if nothing is known
     * @param hint how dry it may get; null if nothing is known
     * @param now the mix by its age
     * @param ahead what comes beyond the next look
     * @param given feed and lime that it was given, and what is left of them
     * @param family where it came from and what came from it
     */
    record PortraitBody(
            PottingBody potting,
            RecipeBody recipe,
            LocalDate today,
            SectionBody section,
            SetUpBody setUp,
            @Nullable Message leafSign,
            @Nullable Message hint,
            MixNowBody now,
            List<PotDueBody> ahead,
            List<GivenBody> given,
            List<RelativeBody> family) {}

    @GetMapping
    PortraitBody get(@PathVariable final UUID id) {
        final Potting potting = pottings.get(id);
        final PotDrying.Read read = drying.read(potting);
        final LocalDate today = LocalDate.now(clock);
        final Optional<Plant> plant = read.potted().brief().plant();
        final Ahead.Now now = Ahead.now(read.potted(), read.setUp(), potting.pottedOn(), today);
        return new PortraitBody(
                bodies.of(potting),
                read.recipe(),
                today,
                SectionBody.of(read.potted(), read.setUp(), shelf.pricesPerLitre())
                        .orElseThrow(() -> new Refused(
                                "This pot cannot be drawn", "Its plant, pot or place is not known any more.")),
                Optional.ofNullable(potting.setUp()).orElseGet(() -> SetUpBody.of(read.setUp(), speech.wording())),
                plant.map(each -> each.growing().thirst())
                        .filter(each -> !each.isEmpty())
                        .map(TableText::message)
                        .orElse(null),
                plant.map(each -> each.needs().trigger().because()).orElse(null),
                new MixNowBody(now.years(), now.sunkCm(), 100 * now.air(), 100 * now.airThen(), 100 * now.leastAir()),
                Ahead.of(
                                read.potted(),
                                read.setUp(),
                                new Ahead.History(
                                        potting.pottedOn(),
                                        work.last(id, PotEvent.Kind.FED),
                                        work.last(id, PotEvent.Kind.TOPPED_UP),
                                        work.last(id, PotEvent.Kind.FLUSHED)),
                                today)
                        .stream()
                        .map(due -> new PotDueBody(due.kind(), due.kind().words(), due.on(), due.because()))
                        .toList(),
                Given.to(
                                read.potted(),
                                read.setUp()
                                        .mixLitres(read.potted().brief().pot().orElseThrow()),
                                potting.pottedOn(),
                                work.feeds(id),
                                today)
                        .stream()
                        .map(GivenBody::of)
                        .toList(),
                family(potting));
    }

    private List<RelativeBody> family(final Potting potting) {
        final List<RelativeBody> family = new ArrayList<>();
        if (potting.motherId() != null) {
            final Potting mother = pottings.get(potting.motherId());
            family.add(new RelativeBody(
                    mother.id(), mother.label(), mother.state(), mother.pottedOn(), potting.origin(), true));
        }
        pottings.from(potting.id()).stream()
                .map(PottingOfBatch::potting)
                .forEach(child -> family.add(new RelativeBody(
                        child.id(), child.label(), child.state(), child.pottedOn(), child.origin(), false)));
        return family;
    }
}
