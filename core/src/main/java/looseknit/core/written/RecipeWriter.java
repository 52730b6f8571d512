package looseknit.core.written;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.MassUnit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.measure.Require;
import looseknit.core.measure.VolumeUnit;

/** Writes a recipe as lines of text to paste elsewhere, so that {@link RecipeReader} reads the same recipe from them. */
public final class RecipeWriter {

    private static final double ROUNDED = 1e-9;

    /** Figures behind the point for parts and per cent, and for doses. */
    private static final int SHARE_DIGITS = 3;

    private static final int DOSE_DIGITS = 3;
    private static final double SOME_SCOOP_LITRES = 1;

    private final RecipeReader reader;

    /** What amounts count. */
    public enum Style {
        PARTS,
        PER_CENT,
        SCOOPS
    }

    /**
     * @param book materials and amendments that the text names
     */
    public RecipeWriter(final MaterialBook book) {
        this.reader = new RecipeReader(book, Set.of(), SOME_SCOOP_LITRES, OptionalDouble.empty());
    }

    /**
     * The recipe as lines, one for each material and dose that there is something of.
     *
     * @param us whether doses are ounces per gallon instead of grams per litre
     */
    public List<String> lines(final Recipe recipe, final Style style, final boolean us) {
        return Stream.concat(
                        parts(recipe, style),
                        recipe.doses().stream()
                                .filter(dose -> dose.gPerL() > 0)
                                .map(dose -> dose(dose.gPerL(), us) + " "
                                        + named(
                                                dose.amendment().name(),
                                                dose.amendment().id())))
                .toList();
    }

    private Stream<String> parts(final Recipe recipe, final Style style) {
        final List<Double> amounts = style == Style.PER_CENT
                ? perCents(recipe.scoopedShares())
                : recipe.parts().stream().map(Recipe.Part::amount).toList();
        return IntStream.range(0, amounts.size())
                .filter(i -> amounts.get(i) > 0)
                .mapToObj(i -> "%s %s %s"
                        .formatted(
                                figure(amounts.get(i), SHARE_DIGITS),
                                unit(style, amounts.get(i)),
                                named(
                                        recipe.parts().get(i).material().name(),
                                        recipe.parts().get(i).material().id())));
    }

    private static String unit(final Style style, final double amount) {
        final boolean one = Math.abs(amount - 1) < ROUNDED;
        return switch (style) {
            case PARTS -> one ? "part" : "parts";
            case PER_CENT -> "%";
            case SCOOPS -> one ? "scoop" : "scoops";
        };
    }

    /** Shares as per cents of one figure behind the point that make a hundred; what rounding leaves goes to the largest. */
    private static List<Double> perCents(final List<Double> shares) {
        final List<Double> rounded = new ArrayList<>();
        int largest = 0;
        double sum = 0;
        for (final double share : shares) {
            final double each = Math.max(share > 0 ? 0.1 : 0, Math.round(1000 * share) / 10.0);
            largest = share > shares.get(largest) ? rounded.size() : largest;
            sum += each;
            rounded.add(each);
        }
        rounded.set(largest, Math.round(10 * (rounded.get(largest) + 100 - sum)) / 10.0);
        return rounded;
    }

    private static String dose(final double gPerL, final boolean us) {
        return us
                ? figure(gPerL * VolumeUnit.US_GALLON.litres() / MassUnit.OUNCE.grams(), DOSE_DIGITS) + " oz per gallon"
                : figure(gPerL, DOSE_DIGITS) + " g per litre";
    }

    private static String figure(final double value, final int digits) {
        final double scale = Math.pow(10, digits);
        return Require.plain(Math.max(1, Math.round(value * scale)) / scale);
    }

    /** The name; in quotation marks where it would not be read back as it stands. */
    private String named(final String name, final String id) {
        final String plain = name.replace(",", "");
        return readsAs("2 parts " + plain).filter(id::equals).isPresent() ? plain : "“" + name + "”";
    }

    private Optional<String> readsAs(final String line) {
        try {
            final List<WrittenRecipe.Line> lines = reader.read(line).lines();
            return lines.size() == 1 && lines.get(0).known()
                    ? lines.get(0).choices().stream().findFirst().map(WrittenRecipe.Choice::id)
                    : Optional.empty();
        } catch (final OutOfRangeException unreadable) {
            return Optional.empty();
        }
    }
}
