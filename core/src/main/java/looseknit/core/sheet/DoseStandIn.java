package looseknit.core.sheet;

import java.util.ArrayList;
import java.util.List;
import looseknit.core.material.Amendment;
import looseknit.core.material.Amendment.Contents;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * What changes when something that is given by weight takes the place of another, gram for gram.
 *
 * @param other what stands in
 * @param changes what changes, the pH first; empty if nothing of note
 */
public record DoseStandIn(Amendment other, List<Message> changes) {

    /** Least ratios and differences worth a word. */
    private static final double STRONGER = 1.15;

    private static final double FASTER = 1.5;
    private static final double PERCENT_WORTH = 1;

    /** Less than this moves no pH that anybody would notice, relative to calcium carbonate. */
    private static final double NO_LIME = 0.02;

    /** Compares a stand-in with what it stands in for. */
    public static DoseStandIn of(final Amendment given, final Amendment other) {
        final List<Message> changes = new ArrayList<>();
        acidity(changes, given, other);
        content(
                changes,
                SheetSentence.N,
                given.contents().nPercent(),
                other.contents().nPercent());
        content(
                changes,
                SheetSentence.P2O5,
                given.contents().p2o5Percent(),
                other.contents().p2o5Percent());
        content(
                changes,
                SheetSentence.K2O,
                given.contents().k2oPercent(),
                other.contents().k2oPercent());
        content(
                changes,
                SheetSentence.CALCIUM,
                given.contents().caPercent(),
                other.contents().caPercent());
        content(
                changes,
                SheetSentence.MAGNESIUM,
                given.contents().mgPercent(),
                other.contents().mgPercent());
        if (feeds(given.contents()) && feeds(other.contents())) {
            feeding(changes, given.longevityWeeks(), other.longevityWeeks());
        }
        return new DoseStandIn(other, List.copyOf(changes));
    }

    private static void acidity(final List<Message> changes, final Amendment given, final Amendment other) {
        final double before = given.neutralising() * given.fineness();
        final double after = other.neutralising() * other.fineness();
        if (Math.abs(before) < NO_LIME || Math.abs(after) < NO_LIME) {
            if (Math.abs(after) >= NO_LIME) {
                changes.add((after > 0 ? SheetSentence.RAISES_PH : SheetSentence.LOWERS_PH).with());
            } else if (Math.abs(before) >= NO_LIME) {
                changes.add(SheetSentence.LEAVES_PH.with());
            }
            return;
        }
        final double ratio = after / before;
        if (ratio < 0) {
            changes.add((after > 0 ? SheetSentence.RAISES_PH_INSTEAD : SheetSentence.LOWERS_PH_INSTEAD).with());
        } else if (ratio >= STRONGER || ratio <= 1 / STRONGER) {
            changes.add(SheetSentence.MOVES_PH.with(Quantity.of(Dimension.NUMBER, ratio, 1)));
        }
        time(changes, SheetSentence.HALF_WORKED_IN, given.halfTimeWeeks(), other.halfTimeWeeks());
    }

    private static void content(
            final List<Message> changes, final SheetSentence name, final double before, final double after) {
        if (Math.abs(after - before) >= PERCENT_WORTH) {
            changes.add(SheetSentence.CONTENT_INSTEAD.with(
                    name.with(), Quantity.of(Dimension.NUMBER, after, 0), Quantity.of(Dimension.NUMBER, before, 0)));
        }
    }

    private static void feeding(final List<Message> changes, final double before, final double after) {
        if (before == 0 && after > 0) {
            changes.add(SheetSentence.FEEDS_OVER.with(weeks(after)));
        } else if (after == 0 && before > 0) {
            changes.add(SheetSentence.FEEDS_AT_ONCE.with(weeks(before)));
        } else if (before > 0) {
            time(changes, SheetSentence.FEEDS_FOR, before, after);
        }
    }

    private static void time(
            final List<Message> changes, final SheetSentence what, final double before, final double after) {
        if (after >= FASTER * before || before >= FASTER * after) {
            changes.add(SheetSentence.INSTEAD.with(what.with(), weeks(after).bare(), weeks(before)));
        }
    }

    private static Quantity weeks(final double weeks) {
        final boolean broken = weeks < 10 && weeks != Math.rint(weeks);
        return Quantity.of(Dimension.WEEKS, weeks, broken ? weeks < 1 ? 2 : 1 : 0);
    }

    private static boolean feeds(final Contents contents) {
        return contents.nPercent() + contents.p2o5Percent() + contents.k2oPercent() > 0;
    }
}
