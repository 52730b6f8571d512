package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import looseknit.core.message.Dimension;
import looseknit.core.message.Listing;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.pot.Pot;

/** How one brief differs from another, in words. */
public final class BriefChanges {

    private BriefChanges() {}

    /** What was changed from one brief to the next; empty if they say the same. */
    public static List<Message> between(final Brief before, final Brief after) {
        final List<Message> said = new ArrayList<>();
        say(said, NeedSentence.CHANGED_FOR, plants(before), plants(after));
        say(
                said,
                NeedSentence.CHANGED_STAGE,
                before.stage().words(),
                after.stage().words());
        say(said, NeedSentence.CHANGED_POT, pot(before.pot()), pot(after.pot()));
        say(said, NeedSentence.CHANGED_PLACE, place(before.place()), place(after.place()));
        say(said, NeedSentence.CHANGED_WATERING, habit(before.habit()), habit(after.habit()));
        if (!before.wishes().equals(after.wishes())) {
            said.add(NeedSentence.OTHER_WISHES.with());
        }
        return List.copyOf(said);
    }

    private static void say(
            final List<Message> said, final NeedSentence what, final Message before, final Message after) {
        if (!before.equals(after)) {
            said.add(NeedSentence.CHANGED.with(what.with(), before, after));
        }
    }

    private static Message plants(final Brief brief) {
        return brief.plant().isEmpty()
                ? NeedSentence.NO_PLANT.with()
                : NeedSentence.PLANTS.with(
                        Listing.and(Stream.concat(brief.plant().stream(), brief.companions().stream())
                                .toList()));
    }

    private static Message pot(final Optional<Pot> pot) {
        return pot.map(each -> NeedSentence.A_POT.with(
                        Quantity.trimmed(Dimension.LENGTH, each.topCm(), 1), each.wall(), each.base()))
                .orElse(NeedSentence.NONE.with());
    }

    private static Message place(final Optional<Place> place) {
        return place.map(each -> NeedSentence.A_PLACE.with(
                        each.name(),
                        Quantity.trimmed(Dimension.TEMPERATURE, each.temperatureC(), 1),
                        Quantity.trimmed(Dimension.NUMBER, each.humidityPercent(), 1)))
                .orElse(NeedSentence.NONE.with());
    }

    private static Message habit(final Optional<Habit> habit) {
        return habit.map(each -> NeedSentence.A_HABIT.with(
                        each.amount(), Quantity.trimmed(Dimension.DAYS, each.everyDays(), 1), each.water()))
                .orElse(NeedSentence.NONE.with());
    }
}
