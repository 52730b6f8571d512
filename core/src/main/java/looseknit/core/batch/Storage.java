package looseknit.core.batch;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.MaterialClass;
import looseknit.core.material.Nature;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;

/**
 * How a mixed heap is stored and how long it keeps. Common practice put into figures by judgement, no source.
 *
 * @param weeks how long it keeps before something in it goes stale
 * @param advice what to do, and why
 */
public record Storage(double weeks, List<Message> advice) {

    /** A damp mix with rotting matter. */
    private static final double LIVELY_WEEKS = 12;

    /** An organic mix that only ages. */
    private static final double ORGANIC_WEEKS = 52;

    /** A mineral one. */
    private static final double MINERAL_WEEKS = 260;

    /** Coated granules feed the bin, not the plant, from the day they are damp. */
    private static final double FED_WEEKS = 4;

    private static final int DAYS_IN_WEEK = 7;

    public Storage {
        advice = List.copyOf(advice);
    }

    /** The day until which it keeps when it was mixed on a day. */
    public LocalDate until(final LocalDate mixedOn) {
        return mixedOn.plusDays(Math.round(weeks * DAYS_IN_WEEK));
    }

    /** Storage of a recipe. */
    public static Storage of(final Recipe recipe) {
        final boolean organic = recipe.parts().stream()
                .anyMatch(part -> part.amount() > 0 && part.material().materialClass() == MaterialClass.O);
        final boolean lively = recipe.parts().stream()
                .anyMatch(part -> part.amount() > 0 && part.material().is(Nature.RICH));
        final Optional<Amendment> feed = recipe.doses().stream()
                .map(Recipe.Dose::amendment)
                .filter(each ->
                        each.kind() == Amendment.Kind.FEED && each.contents().nPercent() > 0)
                .findFirst();
        final double base = lively ? LIVELY_WEEKS : organic ? ORGANIC_WEEKS : MINERAL_WEEKS;
        final double weeks = feed.isPresent() ? Math.min(FED_WEEKS, base) : base;
        final List<Message> advice = new ArrayList<>();
        advice.add(BatchSentence.STORE_FLAT.with());
        final Quantity keeps = Quantity.of(Dimension.WEEKS, weeks, 0);
        advice.add(
                feed.isPresent()
                        ? BatchSentence.KEEPS_FED.with(feed.get(), keeps)
                        : organic ? BatchSentence.KEEPS_WEEKS.with(keeps) : BatchSentence.KEEPS_OPENED.with());
        if (organic) {
            advice.add(BatchSentence.STORE_DAMP.with());
            advice.add(BatchSentence.STORE_MOULD.with());
        }
        return new Storage(weeks, advice);
    }
}
