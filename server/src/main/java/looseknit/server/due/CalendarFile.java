package looseknit.server.due;

import java.io.IOException;
import java.io.StringWriter;
import java.io.UncheckedIOException;
import java.util.Objects;
import java.util.Optional;
import looseknit.core.message.Message;
import looseknit.core.message.Wording;
import looseknit.server.message.PaperWords;
import net.fortuna.ical4j.data.CalendarOutputter;
import net.fortuna.ical4j.model.Calendar;
import net.fortuna.ical4j.model.component.VEvent;
import net.fortuna.ical4j.model.property.Description;
import net.fortuna.ical4j.model.property.ProdId;
import net.fortuna.ical4j.model.property.Uid;
import net.fortuna.ical4j.model.property.immutable.ImmutableCalScale;
import net.fortuna.ical4j.model.property.immutable.ImmutableMethod;
import net.fortuna.ical4j.model.property.immutable.ImmutableVersion;
import org.springframework.stereotype.Component;

/** The calendar as an iCalendar file: whole days, each entry with a name of its own that stays when its day moves. */
@Component
class CalendarFile {

    /** The file. */
    String of(final DueCalendar.Days days, final Wording wording) {
        final Calendar calendar = new Calendar();
        calendar.add(new ProdId("-//Loose Knit//Calendar//EN"));
        calendar.add(ImmutableVersion.VERSION_2_0);
        calendar.add(ImmutableCalScale.GREGORIAN);
        calendar.add(ImmutableMethod.PUBLISH);
        for (final DueCalendar.Entry entry : days.entries()) {
            final VEvent event =
                    new VEvent(entry.on(), wording.of(PaperWords.WHAT_IS_DUE.with(entry.label(), what(entry))));
            event.add(new Uid("%s-%s@loose-knit".formatted(entry.kind(), entry.subject())));
            Optional.ofNullable(entry.because()).map(wording::of).ifPresent(words -> event.add(new Description(words)));
            calendar.add(event);
        }
        return text(calendar);
    }

    /** What is due, also of an entry that has no words of its own. */
    static Message what(final DueCalendar.Entry entry) {
        return Objects.requireNonNullElseGet(entry.what(), () -> switch (entry.kind()) {
            case SHELF_LOW -> PaperWords.RUNNING_LOW.words();
            case OLD_BAG -> PaperWords.OPEN_FOR_LONG.words();
            default -> PaperWords.TEST.words();
        });
    }

    private static String text(final Calendar calendar) {
        try (StringWriter writer = new StringWriter()) {
            new CalendarOutputter(false).output(calendar, writer);
            return writer.toString();
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
