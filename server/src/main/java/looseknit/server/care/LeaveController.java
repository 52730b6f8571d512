package looseknit.server.care;

import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.care.Leave;
import looseknit.core.message.Message;
import looseknit.server.need.PlaceBody;
import looseknit.server.pot.PotDrying;
import looseknit.server.pot.PottingBodies;
import looseknit.server.pot.PottingBody;
import looseknit.server.pot.PottingOfBatch;
import org.jspecify.annotations.Nullable;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Who will not make it while nobody is there, and what helps. */
@RestController
@RequestMapping("/api/leave")
class LeaveController {

    private static final int MOST_DAYS = 120;
    private static final int MOST_POTS = 1000;

    private final Rounds rounds;
    private final PottingBodies bodies;
    private final PotDrying drying;
    private final Clock clock;

    LeaveController(final Rounds rounds, final PottingBodies bodies, final PotDrying drying, final Clock clock) {
        this.rounds = rounds;
        this.bodies = bodies;
        this.drying = drying;
        this.clock = clock;
    }

    /**
     * A pot while nobody is there.
     *
     * @param wants how likely it wants water before somebody is back, 0 to 1
     * @param visitEveryDays how often somebody had to come [d]; 0 where nobody has to
     * @param wantsKg weight at which it wants water [kg]; null where that is not known
     */
    record LeavePotBody(
            UUID id,
            String label,
            @Nullable String place,
            double expectedDays,
            Leave.End end,
            double wants,
            int visitEveryDays,
            List<Message> helps,
            @Nullable Double wantsKg,
            @Nullable Message leafSign) {}

    /** A leave of some days with all pots, those first that fare worst. */
    record LeaveBody(LocalDate back, List<LeavePotBody> pots) {}

    @GetMapping
    LeaveBody leave(@RequestParam(defaultValue = "12") @Min(1) @Max(MOST_DAYS) final int days) {
        final LocalDate today = LocalDate.now(clock);
        return new LeaveBody(
                today.plusDays(days),
                rounds.here(MOST_POTS).getContent().stream()
                        .map(each -> body(
                                each,
                                Leave.of(
                                        each.potting().expectedDays().times(drying.waits(each.potting(), today)),
                                        days)))
                        .sorted(Comparator.comparing(LeavePotBody::end)
                                .thenComparing(LeavePotBody::wants)
                                .reversed())
                        .toList());
    }

    private LeavePotBody body(final PottingOfBatch of, final Leave leave) {
        final PottingBody potting = bodies.of(List.of(of)).get(0);
        return new LeavePotBody(
                potting.id(),
                potting.label(),
                Optional.ofNullable(potting.brief().place())
                        .map(PlaceBody::name)
                        .orElse(null),
                potting.expectedDays(),
                leave.end(),
                leave.wants(),
                leave.visitEveryDays(),
                leave.helps(),
                potting.wantsKg(),
                potting.leafSign());
    }
}
