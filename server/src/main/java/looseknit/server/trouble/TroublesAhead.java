package looseknit.server.trouble;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.server.pot.Pottings;
import org.springframework.data.domain.PageRequest;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Troubles that are to be looked at again, for whoever keeps a calendar. */
@Component
@Transactional(readOnly = true)
public class TroublesAhead {

    private static final int MOST = 200;

    private final TroubleRepository troubles;
    private final Pottings pottings;

    TroublesAhead(final TroubleRepository troubles, final Pottings pottings) {
        this.troubles = troubles;
        this.pottings = pottings;
    }

    /** A trouble and when to look again. */
    public record Again(UUID pottingId, String label, Message cause, LocalDate lookOn) {}

    /** Those up to a day, soonest first. */
    public List<Again> until(final LocalDate day) {
        return troubles.toSee(day, PageRequest.of(0, MOST)).stream()
                .map(each -> new Again(
                        each.pottingId(),
                        pottings.get(each.pottingId()).label(),
                        each.cause().words(),
                        each.lookOn()))
                .toList();
    }
}
