package looseknit.server.device;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.assay.Assay.Salts.Extract;
import looseknit.core.assay.AssaySentence;
import looseknit.core.device.Calibration;
import looseknit.core.device.Drift;
import looseknit.core.measure.Estimate;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.server.device.Sitting.Medium;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The simulated instruments over HTTP. */
@RestController
@RequestMapping("/api/devices")
class DevicesController {

    private final Bench bench;

    DevicesController(final Bench bench) {
        this.bench = bench;
    }

    /**
     * The probe is pushed into something; the id is made by the caller, so that a repeated call begins nothing twice.
     *
     * @param damped whether the sample was wetted and packed for it
     */
    record NewSittingBody(
            @NotNull UUID id,
            @NotNull Medium medium,
            @Nullable UUID batchId,
            boolean damped) {}

    /** A showing: acidity after some seconds, with what the buffers have told taken out. */
    record ShowingBody(double seconds, double ph) {}

    /**
     * A probe that sits in something.
     *
     * @param refused why it cannot be read; null if it can
     * @param end where the curve goes; null as long as it says nothing
     * @param endOff how far that may be off, one standard deviation
     * @param foreseen whether it is known so well that it may be taken before it is reached
     * @param now where it is
     * @param water how moist it is there [vol/vol]
     * @param says what to make of it
     * @param kept whether a buffer's reading was kept
     */
    record SittingBody(
            UUID id,
            Sitting.Medium medium,
            @Nullable UUID batchId,
            double seconds,
            List<ShowingBody> curve,
            @Nullable Message refused,
            boolean settled,
            @Nullable Double end,
            @Nullable Double endOff,
            boolean foreseen,
            double now,
            double water,
            @Nullable Message says,
            boolean kept) {}

    /** How the probe is set. */
    record CalibrationBody(boolean set, boolean wornOut, Message says) {}

    /** What is put on the scale. */
    record OnTheScaleBody(@NotNull UUID batchId, double containerL, double heightCm, boolean dried) {}

    /** What the scale shows [g]. */
    record GramsBody(double grams) {}

    /** The water that the meter is put into. */
    record InTheWaterBody(@NotNull UUID batchId, @NotNull Extract extract) {}

    /** What the meter shows [dS/m]. */
    record SaltsBody(double dsPerM) {}

    @PostMapping("/probe/sittings")
    SittingBody push(@RequestBody @Valid final NewSittingBody body) {
        return body(bench.push(body.id(), body.medium(), body.batchId(), body.damped()));
    }

    @GetMapping("/probe/sittings/{id}")
    SittingBody sitting(@PathVariable final UUID id) {
        return body(bench.get(id));
    }

    /** Keeps what a buffer reads, to set the probe by. */
    @PutMapping("/probe/sittings/{id}/kept")
    SittingBody keep(@PathVariable final UUID id) {
        return body(bench.keep(id));
    }

    @GetMapping("/probe/calibration")
    CalibrationBody calibration() {
        final Optional<Calibration> set = bench.calibration();
        return new CalibrationBody(
                set.isPresent(),
                set.map(Calibration::wornOut).orElse(false),
                set.map(each -> each.wornOut()
                                ? AssaySentence.WORN_OUT.with(Quantity.of(Dimension.SHARE, each.slope(), 0))
                                : AssaySentence.CALIBRATED.with(
                                        Quantity.of(Dimension.SHARE, each.slope(), 0),
                                        Quantity.of(Dimension.PH, each.offset(), 2)
                                                .bare()))
                        .orElseGet(AssaySentence.NOT_CALIBRATED::with));
    }

    @PostMapping("/scale")
    GramsBody weigh(@RequestBody @Valid final OnTheScaleBody body) {
        return new GramsBody(bench.grams(
                body.batchId(),
                Require.within("test.containerL", body.containerL(), 0.05, 50, Limit.L),
                Require.within("test.heightCm", body.heightCm(), 3, 60, Limit.CM),
                body.dried()));
    }

    @PostMapping("/salts")
    SaltsBody salts(@RequestBody @Valid final InTheWaterBody body) {
        return new SaltsBody(bench.dsPerM(body.batchId(), body.extract()));
    }

    private SittingBody body(final Sitting sitting) {
        final List<Drift.Point> curve = bench.curve(sitting);
        final Drift.State state = Drift.of(curve);
        final Calibration set = sitting.medium() == Sitting.Medium.MIX
                ? bench.calibration().orElse(Calibration.NONE)
                : Calibration.NONE;
        final Optional<Message> refused = sitting.sample().refused();
        final double seconds = curve.get(curve.size() - 1).seconds();
        final Estimate end = set.corrected(state.end());
        return new SittingBody(
                sitting.getId(),
                sitting.medium(),
                sitting.batchId(),
                seconds,
                refused.isPresent()
                        ? List.of()
                        : curve.stream()
                                .map(each -> new ShowingBody(each.seconds(), set.corrected(each.value())))
                                .toList(),
                refused.orElse(null),
                refused.isEmpty() && state.settled(),
                state.says() && refused.isEmpty() ? end.value() : null,
                state.says() && refused.isEmpty() ? end.sd() : null,
                refused.isEmpty() && state.foreseen(),
                set.corrected(state.now()),
                sitting.probe().at(seconds).water(),
                refused.isPresent() ? null : says(state, end, seconds),
                sitting.kept() != null);
    }

    private static Message says(final Drift.State state, final Estimate end, final double seconds) {
        if (state.settled()) {
            return AssaySentence.SETTLED.with(Quantity.trimmed(Dimension.NUMBER, seconds / 60, 1));
        }
        return state.says()
                ? AssaySentence.ON_THE_WAY.with(
                        Quantity.of(Dimension.PH, end.value(), 2), Quantity.of(Dimension.NUMBER, end.sd(), 2))
                : AssaySentence.WAIT_FOR_IT.with();
    }
}
