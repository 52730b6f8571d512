package looseknit.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import looseknit.core.material.Amendment;
import looseknit.core.material.Amendment.Contents;

/**
 * What changes when something that is given by weight takes the place of another, gram for gram.
 *
 * @param other what stands in
 * @param changes what changes, the pH first; empty if nothing of note
 */
public record DoseStandIn(Amendment other, List<String> changes) {

    /** Least ratios and differences worth a word. */
    private static final double STRONGER = 1.15;

    private static final double FASTER = 1.5;
    private static final double PERCENT_WORTH = 1;

    /** Less than this moves no pH that anybody would notice, relative to calcium carbonate. */
    private static final double NO_LIME = 0.02;

    /** Compares a stand-in with what it stands in for. */
    public static DoseStandIn of(final Amendment given, final Amendment other) {
        final List<String> changes = new ArrayList<>();
        acidity(changes, given, other);
        content(changes, "N", given.contents().nPercent(), other.contents().nPercent());
        content(
                changes,
                "P₂O₅",
                given.contents().p2o5Percent(),
                other.contents().p2o5Percent());
        content(changes, "K₂O", given.contents().k2oPercent(), other.contents().k2oPercent());
        content(
                changes,
                "calcium",
                given.contents().caPercent(),
                other.contents().caPercent());
        content(
                changes,
                "magnesium",
                given.contents().mgPercent(),
                other.contents().mgPercent());
        if (feeds(given.contents()) && feeds(other.contents())) {
            feeding(changes, given.longevityWeeks(), other.longevityWeeks());
        }
        return new DoseStandIn(other, List.copyOf(changes));
    }

    private static void acidity(final List<String> changes, final Amendment given, final Amendment other) {
        final double before = given.neutralising() * given.fineness();
        final double after = other.neutralising() * other.fineness();
        if (Math.abs(before) < NO_LIME || Math.abs(after) < NO_LIME) {
            if (Math.abs(after) >= NO_LIME) {
                changes.add(after > 0 ? "raises the pH" : "lowers the pH");
            } else if (Math.abs(before) >= NO_LIME) {
                changes.add("leaves the pH alone");
            }
            return;
        }
        final double ratio = after / before;
        if (ratio < 0) {
            changes.add(after > 0 ? "raises the pH instead" : "lowers the pH instead");
        } else if (ratio >= STRONGER || ratio <= 1 / STRONGER) {
            changes.add(String.format(Locale.ROOT, "moves the pH %.1f times as far", ratio));
        }
        time(changes, "half has worked in", given.halfTimeWeeks(), other.halfTimeWeeks());
    }

    private static void content(
            final List<String> changes, final String name, final double before, final double after) {
        if (Math.abs(after - before) >= PERCENT_WORTH) {
            changes.add(String.format(Locale.ROOT, "%s %.0f instead of %.0f %%", name, after, before));
        }
    }

    private static void feeding(final List<String> changes, final double before, final double after) {
        if (before == 0 && after > 0) {
            changes.add("feeds over %s weeks instead of at once".formatted(weeks(after)));
        } else if (after == 0 && before > 0) {
            changes.add("feeds at once instead of over %s weeks".formatted(weeks(before)));
        } else if (before > 0) {
            time(changes, "feeds for", before, after);
        }
    }

    private static void time(final List<String> changes, final String what, final double before, final double after) {
        if (after >= FASTER * before || before >= FASTER * after) {
            changes.add(String.format(Locale.ROOT, "%s %s instead of %s weeks", what, weeks(after), weeks(before)));
        }
    }

    private static String weeks(final double weeks) {
        return weeks < 10 && weeks != Math.rint(weeks)
                ? String.format(Locale.ROOT, weeks < 1 ? "%.2f" : "%.1f", weeks)
                : String.format(Locale.ROOT, "%.0f", weeks);
    }

    private static boolean feeds(final Contents contents) {
        return contents.nPercent() + contents.p2o5Percent() + contents.k2oPercent() > 0;
    }
}
