package looseknit.server.reading;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import looseknit.core.assay.Seepage;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.need.Property;
import looseknit.core.outlook.InThePot;
import looseknit.core.outlook.Outlook;
import looseknit.core.reading.Knowledge;
import looseknit.core.reading.MonteCarlo;
import looseknit.server.frame.Books;
import looseknit.server.message.Speech;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** What becomes of a blend, and how sure its readings are. Nothing is stored. */
@RestController
@RequestMapping("/api")
class OutlookController {

    private final Books books;
    private final KnownSource knownSource;
    private final Speech speech;

    OutlookController(final Books books, final KnownSource knownSource, final Speech speech) {
        this.books = books;
        this.knownSource = knownSource;
        this.speech = speech;
    }

    /** A blend with the water and feed that it gets. */
    record OutlookAskedBody(
            @NotNull @Valid AskedBody asked,
            double alkalinityMeqPerL,
            double litresPerLWeek,
            double feedAcidMeqPerLWeek) {}

    /** A week with its pH and 80 % interval. */
    record WeekBody(double week, double ph, double low80, double high80) {}

    /** A month with what was set free so far [mg/L]. */
    record MonthBody(
            int month,
            double nMgPerL,
            double pMgPerL,
            double kMgPerL,
            double caMgPerL,
            double mgMgPerL,
            double sMgPerL) {}

    /** A year with the lowest air so far and the height left, in per cent. */
    record YearBody(double year, double airPercent, double heightPercent) {}

    /** Days from a thorough watering to a state of dryness. */
    record DryBody(Message words, double days, boolean wanted) {}

    /**
     * What becomes of the blend.
     *
     * @param easyFromCm suction from which water counts as easily used [cm]
     * @param easyToCm suction up to which it does [cm]
     */
    record OutlookBody(
            List<HeldBody> curve,
            double easyFromCm,
            double easyToCm,
            List<WeekBody> weeks,
            List<MonthBody> months,
            List<YearBody> years,
            double leastAirPercent,
            List<Message> over,
            List<Message> partings,
            List<DryBody> drying,
            double secondsPerCm,
            Message sinksIn) {}

    /** A blend of which readings are drawn by chance. */
    record ChanceAskedBody(@NotNull @Valid AskedBody asked, int draws, long seed) {}

    /** How the draws of a reading compare with its quick interval, in the unit in which people read it. */
    record ChanceBody(
            Property quality,
            Message label,
            String unit,
            int decimals,
            double quickLow80,
            double quickHigh80,
            double drawnLow80,
            double drawnHigh80,
            double coveragePercent) {}

    /** What becomes of a blend over weeks, months and years. */
    @PostMapping("/outlook")
    OutlookBody outlook(@RequestBody @Valid final OutlookAskedBody body) {
        final AskedBody asked = body.asked();
        final Knowledge known = knownSource.known(asked.blendId(), asked.recipe());
        final Outlook outlook = Outlook.of(
                asked.recipe().toCore(books),
                asked.briefToCore(books),
                known,
                new Acidity.Drift(
                        body.alkalinityMeqPerL(),
                        body.litresPerLWeek(),
                        Acidity.Drift.USUAL_LEACHING,
                        body.feedAcidMeqPerLWeek()));
        final InThePot inThePot = new InThePot(asked.recipe().toCore(books), asked.briefToCore(books), known);
        final Seepage seepage = inThePot.seepage();
        return new OutlookBody(
                outlook.curve().stream().map(HeldBody::of).toList(),
                Mix.EASY_FROM_CM,
                Mix.EASY_TO_CM,
                outlook.weeks().stream()
                        .map(week -> new WeekBody(
                                week.week(),
                                week.ph().value(),
                                week.ph().low80(),
                                week.ph().high80()))
                        .toList(),
                outlook.months().stream().map(OutlookController::month).toList(),
                outlook.years().stream()
                        .map(year -> new YearBody(year.year(), 100 * year.air(), 100 * year.settledTo()))
                        .toList(),
                100 * outlook.leastAir(),
                outlook.over(),
                outlook.partings(),
                inThePot.daysToEach().entrySet().stream()
                        .map(entry -> new DryBody(
                                entry.getKey().words(), entry.getValue(), entry.getKey() == inThePot.trigger()))
                        .toList(),
                seepage.secondsPerCm(),
                seepage.speed().words());
    }

    /** Draws every uncertain input by chance and compares with the quick intervals. */
    @PostMapping("/chance")
    List<ChanceBody> chance(@RequestBody @Valid final ChanceAskedBody body) {
        final AskedBody asked = body.asked();
        return MonteCarlo.check(
                        asked.recipe().toCore(books),
                        asked.briefToCore(books),
                        knownSource.known(asked.blendId(), asked.recipe()),
                        body.draws(),
                        body.seed())
                .stream()
                .map(each -> chance(each, speech.system()))
                .toList();
    }

    private static MonthBody month(final Outlook.Month month) {
        return new MonthBody(
                month.month(),
                month.released().nMgPerL(),
                month.released().pMgPerL(),
                month.released().kMgPerL(),
                month.released().caMgPerL(),
                month.released().mgMgPerL(),
                month.released().sMgPerL());
    }

    private static ChanceBody chance(final MonteCarlo.Check check, final MeasureSystem system) {
        final Property property = check.property();
        final Dimension dimension = property.dimension();
        return new ChanceBody(
                property,
                property.words(),
                dimension.unit(system),
                dimension.decimals(property.decimals(check.quick().value()), system),
                dimension.shown(check.quickLow80(), system),
                dimension.shown(check.quickHigh80(), system),
                dimension.shown(check.low80(), system),
                dimension.shown(check.high80(), system),
                100 * check.coverage());
    }
}
