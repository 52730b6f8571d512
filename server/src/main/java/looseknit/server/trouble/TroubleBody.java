package looseknit.server.trouble;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import looseknit.core.message.Message;
import looseknit.core.trouble.Cause;
import looseknit.core.trouble.Sign;
import looseknit.server.pot.Pottings;
import org.jspecify.annotations.Nullable;

/**
 * Something that was wrong, as it travels.
 *
 * @param share how likely the cause was taken to be, 0 to 1
 */
record TroubleBody(
        UUID id,
        long revision,
        UUID pottingId,
        String label,
        LocalDate toldOn,
        List<Message> signs,
        Cause cause,
        Message words,
        double share,
        LocalDate lookOn,
        Trouble.@Nullable Outcome outcome,
        @Nullable LocalDate outcomeOn) {

    static TroubleBody of(final Trouble trouble, final Pottings pottings) {
        return new TroubleBody(
                trouble.getId(),
                trouble.revision(),
                trouble.pottingId(),
                pottings.get(trouble.pottingId()).label(),
                trouble.toldOn(),
                trouble.signs().stream().map(Sign::words).toList(),
                trouble.cause(),
                trouble.cause().words(),
                trouble.share(),
                trouble.lookOn(),
                trouble.outcome(),
                trouble.outcomeOn());
    }
}
