package looseknit.core.need;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import looseknit.core.measure.CsvTable;
import looseknit.core.measure.CsvTable.Row;
import looseknit.core.message.Named;

/** Leads from what somebody sees of a plant to the kinds that look so. Common practice put into a table by judgement, no source. */
public final class KindsByLooks {

    private static final List<Look> LOOKS = CsvTable.resource(KindsByLooks.class, "questions.csv", KindsByLooks::look);

    /** What the first of a kind's looks counts, against the ones that are rarer with it. */
    private static final double USUAL = 1;

    private static final double RARER = 0.8;

    /** Kinds that count less than the best by more than this are not worth showing; nor those with less than half of the answers. */
    private static final double CLOSE = 1;

    private static final double LEAST_SHARE = 0.5;

    private KindsByLooks() {}

    private record Look(String kind, List<List<? extends Named>> looks) {}

    /**
     * A kind that may be meant.
     *
     * @param agrees answers that fit it
     * @param against answers that do not
     */
    public record Likely(PlantKind kind, List<Named> agrees, List<Named> against) {

        public Likely {
            agrees = List.copyOf(agrees);
            against = List.copyOf(against);
        }
    }

    private record Weighed(Likely likely, double weight) {}

    private static Look look(final Row row) {
        return new Look(
                row.filled("kind"),
                List.of(
                        row.someOf("grows", Looks.Grows.class),
                        row.someOf("leaf", Looks.Leaf.class),
                        row.someOf("roots", Looks.Roots.class),
                        row.someOf("from", Looks.From.class)));
    }

    /** The kinds that look most like it, best first; none if nothing was answered. */
    public static List<Likely> of(final Looks seen, final PlantBook book, final int most) {
        final List<Named> answers = seen.answers();
        if (answers.isEmpty()) {
            return List.of();
        }
        final List<Weighed> weighed = book.kinds().stream()
                .flatMap(kind -> LOOKS.stream()
                        .filter(look -> look.kind().equals(kind.id()))
                        .map(look -> weighed(kind, look, answers)))
                .sorted(Comparator.comparingDouble(each -> -each.weight()))
                .toList();
        final double best = weighed.get(0).weight();
        return weighed.stream()
                .filter(each -> each.weight() > best - CLOSE && each.weight() >= LEAST_SHARE * answers.size())
                .limit(most)
                .map(Weighed::likely)
                .toList();
    }

    private static Weighed weighed(final PlantKind kind, final Look look, final List<Named> answers) {
        final List<Named> agrees = new ArrayList<>();
        final List<Named> against = new ArrayList<>();
        double weight = 0;
        for (final Named answer : answers) {
            final boolean usual =
                    look.looks().stream().anyMatch(some -> some.get(0).equals(answer));
            final boolean fits = look.looks().stream().anyMatch(some -> some.contains(answer));
            weight += usual ? USUAL : fits ? RARER : 0;
            (fits ? agrees : against).add(answer);
        }
        return new Weighed(new Likely(kind, agrees, against), weight);
    }
}
