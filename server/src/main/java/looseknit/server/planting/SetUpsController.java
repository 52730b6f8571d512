package looseknit.server.planting;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import looseknit.core.dry.TopDressing;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.message.TableText;
import looseknit.core.need.Brief;
import looseknit.core.need.Stage;
import looseknit.core.outlook.PotPortrait;
import looseknit.core.planting.PotForm;
import looseknit.core.planting.PottingPlan;
import looseknit.core.planting.SetUp;
import looseknit.core.planting.SetUpKind;
import looseknit.core.planting.Step;
import looseknit.core.planting.Template;
import looseknit.core.planting.UsualParts;
import looseknit.core.pot.Pot;
import looseknit.core.reading.PottedMix;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.message.Speech;
import looseknit.server.need.PotBody;
import looseknit.server.planting.SetUpBody.BallBody;
import looseknit.server.reading.AskedBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Set-ups of pots: what a pot reads like, templates by kind of plant, and the order of the work. Nothing is stored. */
@RestController
@RequestMapping("/api/planting")
class SetUpsController {

    private final Books books;
    private final KnownSource knownSource;
    private final Shelf shelf;
    private final Speech speech;

    SetUpsController(final Books books, final KnownSource knownSource, final Shelf shelf, final Speech speech) {
        this.books = books;
        this.knownSource = knownSource;
        this.shelf = shelf;
        this.speech = speech;
    }

    /** A mix in the pot of its brief, set up in some way. */
    record SectionAskedBody(
            @NotNull @Valid AskedBody asked, @NotNull @Valid SetUpBody setUp) {}

    /** A set-up that growers know, and whether it is usual for the plant that was asked about. */
    record SetUpKindBody(SetUpKind kind, Message name, Message forWhat, boolean usual) {}

    /** A kind of set-up for a pot in hand, and the root ball if it is known. */
    record TemplateAskedBody(
            @NotNull SetUpKind kind,
            @NotNull @Valid PotBody pot,
            @Valid @Nullable BallBody ball) {}

    /** A choice of a template with its reason, and whether the pot in hand suits it. */
    record TemplateChoiceBody(Message about, Message because, boolean suits) {}

    /** A set-up fitted to a pot. */
    record TemplateBody(SetUpKind kind, PotBody pot, SetUpBody setUp, List<TemplateChoiceBody> choices) {}

    /** What is to be potted up, for the order of the work. */
    record PottingPlanAskedBody(
            @NotNull SetUpKind kind,
            @NotNull @Valid AskedBody asked,
            @NotNull @Valid SetUpBody setUp,
            boolean several,
            @Valid @Nullable RootsBody roots) {}

    /** Something to do when potting up; to wait for so many minutes then. */
    record PottingTaskBody(Step step, Message words, boolean easilyForgotten, int waitMinutes) {}

    /** A vessel by its form and by its width at the rim or what it takes to the rim. */
    record VesselAskedBody(
            @NotNull PotForm form,
            @Nullable Double widthCm,
            @Nullable Double litres) {}

    /** A vessel of which mouth and height are known, and how much water it takes to the rim. */
    record MeasuredVesselBody(@NotNull @Valid PotBody pot, double litres) {}

    /** A dressing at its usual depth, and how high the pot is filled under it. */
    record DressedBody(TopDressing dressing, double depthCm, double fill) {}

    /**
     * What to begin with in a pot.
     *
     * @param start the set-up
     * @param ball a root ball of about the right size
     * @param ballOutOfIt the ball of a plant that has filled this pot
     * @param fill share of the height to which it is filled
     */
    record UsualPartsBody(
            SetUpBody start,
            SetUpBody.BallBody ball,
            SetUpBody.BallBody ballOutOfIt,
            List<SetUpBody.PoleBody> poles,
            List<DressedBody> dressings,
            double fill) {}

    /** A vessel with what it holds. */
    record VesselBody(PotBody pot, double litresToRim, double mixLitres) {
        static VesselBody of(final Pot pot) {
            return new VesselBody(PotBody.of(pot), pot.litresToRim(), pot.mixLitres());
        }
    }

    /** A pot cut open, with all its readings. */
    @PostMapping("/section")
    SectionBody section(@RequestBody @Valid final SectionAskedBody body) {
        return SectionBody.of(potted(body.asked()), body.setUp().toCore(books), shelf.pricesPerLitre())
                .orElseThrow(() -> new Refused(
                        "This pot cannot be read yet",
                        "Name a plant, a pot and a place: all three decide how it dries."));
    }

    /** All set-ups to choose from; those are marked that are usual for a plant in a stage, if one is named. */
    @GetMapping("/kinds")
    List<SetUpKindBody> kinds(
            @RequestParam @Nullable final String plant, @RequestParam(defaultValue = "ESTABLISHED") final Stage stage) {
        final Set<SetUpKind> usual = Optional.ofNullable(plant)
                .flatMap(id -> books.plants().plant(id))
                .map(each -> SetUpKind.usualFor(each, stage))
                .orElse(Set.of());
        return Arrays.stream(SetUpKind.values())
                .map(kind -> new SetUpKindBody(kind, kind.words(), kind.forWhat(), usual.contains(kind)))
                .toList();
    }

    /** A set-up fitted to a pot, with a reason for each choice. */
    @PostMapping("/template")
    TemplateBody template(@RequestBody @Valid final TemplateAskedBody body) {
        final Template template = Template.of(
                body.kind(),
                body.pot().toCore(books),
                Optional.ofNullable(body.ball()).map(SetUpBody.BallBody::toCore),
                books.materials());
        return new TemplateBody(
                template.kind(),
                PotBody.of(template.pot()),
                SetUpBody.of(template.setUp(), speech.wording()),
                template.choices().stream()
                        .map(choice ->
                                new TemplateChoiceBody(choice.aspect().words(), choice.because(), choice.suits()))
                        .toList());
    }

    /** What to begin with when something is added to a pot. */
    @PostMapping("/usual")
    UsualPartsBody usual(@RequestBody @Valid final PotBody body) {
        final Pot pot = body.toCore(books);
        final UsualParts usual = UsualParts.of(pot);
        return new UsualPartsBody(
                SetUpBody.of(usual.start(), speech.wording()),
                SetUpBody.BallBody.of(usual.ball()),
                SetUpBody.BallBody.of(usual.ballOutOfIt()),
                usual.poles().stream().map(SetUpBody.PoleBody::of).toList(),
                usual.dressings().stream()
                        .map(each -> new DressedBody(each.dressing(), each.depthCm(), each.fill()))
                        .toList(),
                pot.fill());
    }

    /** What is done, in order. */
    @PostMapping("/plan")
    List<PottingTaskBody> plan(@RequestBody @Valid final PottingPlanAskedBody body) {
        final Brief brief = body.asked().briefToCore(books);
        final Pot pot = brief.pot()
                .orElseThrow(
                        () -> new OutOfRangeException("the pot", "not told", TableText.said("a pot with its size")));
        final SetUp setUp = body.setUp().toCore(books).checkedIn(pot);
        final double kg = PotPortrait.of(potted(body.asked()), setUp)
                .map(portrait -> portrait.kg().watered())
                .orElse(0.0);
        return PottingPlan.of(
                        body.kind(),
                        pot,
                        setUp,
                        new PottingPlan.Subject(
                                brief.plant(),
                                body.several(),
                                Optional.ofNullable(body.roots()).map(RootsBody::toCore),
                                kg))
                .tasks()
                .stream()
                .map(task -> new PottingTaskBody(task.step(), task.words(), task.easilyForgotten(), task.waitMinutes()))
                .toList();
    }

    /** A vessel of usual proportions. */
    @PostMapping("/vessel")
    VesselBody vessel(@RequestBody @Valid final VesselAskedBody body) {
        if (body.litres() != null) {
            return VesselBody.of(body.form().byVolume(body.litres()));
        }
        if (body.widthCm() == null) {
            throw new OutOfRangeException(
                    "the vessel", "not told", TableText.said("its width at the rim, or what it takes to the rim"));
        }
        return VesselBody.of(body.form().byWidth(body.widthCm()));
    }

    /** A vessel of odd walls, by the water that it takes. */
    @PostMapping("/vessel/measured")
    VesselBody measured(@RequestBody @Valid final MeasuredVesselBody body) {
        return VesselBody.of(body.pot().toCore(books).measuredByWater(body.litres()));
    }

    private PottedMix potted(final AskedBody asked) {
        return new PottedMix(
                asked.recipe().toCore(books),
                asked.briefToCore(books),
                knownSource.known(asked.blendId(), asked.recipe()));
    }
}
