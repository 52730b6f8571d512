package looseknit.core.need;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.pot.Pot;

/** How one brief differs from another, in words. */
public final class BriefChanges {

    private BriefChanges() {}

    /** What was changed from one brief to the next; empty if they say the same. */
    public static List<String> between(final Brief before, final Brief after) {
        final List<String> said = new ArrayList<>();
        say(said, "for", plants(before), plants(after));
        say(said, "stage", before.stage().words(), after.stage().words());
        say(said, "pot", pot(before.pot()), pot(after.pot()));
        say(said, "place", place(before.place()), place(after.place()));
        say(said, "watering", habit(before.habit()), habit(after.habit()));
        if (!before.wishes().equals(after.wishes())) {
            said.add("other wishes");
        }
        return List.copyOf(said);
    }

    private static void say(final List<String> said, final String what, final String before, final String after) {
        if (!before.equals(after)) {
            said.add("%s %s → %s".formatted(what, before, after));
        }
    }

    private static String plants(final Brief brief) {
        return brief.plant().isEmpty()
                ? "no plant"
                : Stream.concat(brief.plant().stream(), brief.companions().stream())
                        .map(plant -> plant.name().toLowerCase(Locale.ROOT))
                        .collect(Collectors.joining(" and "));
    }

    private static String pot(final Optional<Pot> pot) {
        return pot.map(each -> "%s cm %s, %s"
                        .formatted(
                                plain(each.topCm()),
                                each.wall().words(),
                                each.base().words()))
                .orElse("none");
    }

    private static String place(final Optional<Place> place) {
        return place.map(each -> "%s (%s °C, %s %%)"
                        .formatted(each.name(), plain(each.temperatureC()), plain(each.humidityPercent())))
                .orElse("none");
    }

    private static String habit(final Optional<Habit> habit) {
        return habit.map(each -> "%s, every %s days, %s"
                        .formatted(
                                each.amount().words(),
                                plain(each.everyDays()),
                                each.water().words()))
                .orElse("none");
    }

    private static String plain(final double value) {
        return String.format(Locale.ROOT, "%.1f", value).replaceFirst("\\.0$", "");
    }
}
