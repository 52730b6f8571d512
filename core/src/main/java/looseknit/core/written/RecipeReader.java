package looseknit.core.written;

import static looseknit.core.measure.Require.text;
import static looseknit.core.measure.Require.within;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import looseknit.core.blend.DoseMeasure;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.RecipeSentence;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.material.Nature;
import looseknit.core.measure.Limit;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.message.TableText;
import looseknit.core.written.NameGuess.Guess;
import looseknit.core.written.NameGuess.Named;
import looseknit.core.written.WrittenAmount.Kind;
import looseknit.core.written.WrittenAmount.Per;
import looseknit.core.written.WrittenRecipe.Choice;
import looseknit.core.written.WrittenRecipe.Line;

/**
 * Reads a recipe that somebody wrote as text: parts, per cent, cups and spoons mixed, equal parts, ratios, the rest, doses by weight,
 * by spoon or as a dusting. Nothing is guessed silently: what is not certain is told.
 */
public final class RecipeReader {

    private static final int LONGEST = 4000;
    private static final int MOST_CHOICES = 8;

    /** A handful, where handfuls stand beside other volumes [L]. Common practice, no source. */
    public static final double HANDFUL_LITRES = 0.12;

    private final MaterialBook book;
    private final List<Named> things;
    private final double scoopLitres;
    private final OptionalDouble potLitres;

    /**
     * @param book materials and amendments that can be meant
     * @param atHand ids of the materials on the shelf, which are meant first where a name fits several
     * @param scoopLitres the person's own scoop [L], 0.01 to 20
     * @param potLitres mix that a pot takes, for what is given per pot [L]
     */
    public RecipeReader(
            final MaterialBook book,
            final Set<String> atHand,
            final double scoopLitres,
            final OptionalDouble potLitres) {
        this.book = book;
        this.scoopLitres = within("scoopLitres", scoopLitres, 0.01, 20, Limit.L);
        this.potLitres = potLitres;
        this.things = new ArrayList<>();
        book.materials().stream()
                .filter(Material::forRecipes)
                .forEach(each -> things.add(Named.of(
                        each.id(),
                        each.name(),
                        false,
                        liking(each, atHand),
                        each.is(Nature.NEVER),
                        OptionalDouble.of(each.grainSize().d50Mm()))));
        book.amendments()
                .forEach(each -> things.add(Named.of(
                        each.id(),
                        each.name(),
                        true,
                        0,
                        each.reaction() == Amendment.Reaction.HYDROXIDE,
                        OptionalDouble.empty())));
    }

    private static int liking(final Material material, final Set<String> atHand) {
        final boolean middling =
                !material.name().contains(", fine") && !material.name().contains(", coarse");
        return (atHand.contains(material.id()) ? 2 : 0) + (middling ? 1 : 0);
    }

    /**
     * Reads a recipe.
     *
     * @throws OutOfRangeException if there is no text, or it is longer than 4,000 letters or names more than 40 things
     */
    public WrittenRecipe read(final String written) {
        final List<WrittenAmount> amounts = new ArrayList<>();
        final List<Message> notes = new ArrayList<>();
        final String clean = text("recipe", written, LONGEST).replaceAll("[ \\u00a0]+", " ");
        final List<String> typed = pieces(clean, amounts, notes);
        final List<Guess> guesses = amounts.stream()
                .map(each -> NameGuess.of(each.name(), things, MOST_CHOICES))
                .toList();
        final boolean percent = amounts.stream().anyMatch(each -> each.unit().kind() == Kind.PERCENT);
        final Scale scale = scale(amounts, guesses);
        notes.addAll(scale.notes(percent, amounts));
        final List<Line> lines = new ArrayList<>();
        double sum = 0;
        for (int i = 0; i < amounts.size(); i++) {
            final Line line = isDose(guesses.get(i))
                    ? dose(typed.get(i), amounts.get(i), guesses.get(i), scale)
                    : part(typed.get(i), amounts.get(i), guesses.get(i), percent, scale);
            sum += line.dose() ? 0 : line.amount();
            lines.add(line);
        }
        return new WrittenRecipe(
                percent ? Recipe.Measure.PERCENT : Recipe.Measure.PARTS, withRest(lines, amounts, percent, sum), notes);
    }

    private List<String> pieces(final String clean, final List<WrittenAmount> amounts, final List<Message> notes) {
        final RecipePieces pieces = RecipePieces.of(clean);
        within("number of materials", pieces.pieces().size(), 1, Recipe.MOST_PARTS, Limit.NUMBER);
        pieces.pieces().forEach(each -> amounts.add(WrittenAmount.of(each.text())));
        amounts.replaceAll(each -> each.sharing(amounts));
        notes.addAll(pieces.notes());
        if (amounts.stream().noneMatch(WrittenAmount::said)) {
            notes.add(RecipeSentence.EQUAL_PARTS.with());
        }
        return pieces.pieces().stream().map(RecipePieces.Piece::typed).toList();
    }

    private static boolean isDose(final Guess guess) {
        return guess.known() && guess.candidates().get(0).dose();
    }

    private Line part(
            final String typed,
            final WrittenAmount amount,
            final Guess guess,
            final boolean percent,
            final Scale scale) {
        final List<Choice> choices = choices(guess, false);
        if (choices.isEmpty()) {
            return new Line(typed, 0, false, choices, false, false, RecipeSentence.NO_SUCH_MATERIAL.with());
        }
        final Kind kind = amount.unit().kind();
        final boolean odd =
                percent && (kind == Kind.VOLUME || kind == Kind.MASS || kind == Kind.HANDFUL || kind == Kind.PART);
        final double value = percent || kind == Kind.REST || kind == Kind.DUSTING || kind == Kind.VAGUE
                ? percent ? amount.perCent() : amount.value()
                : scale.parts(amount, book.material(choices.get(0).id()).orElseThrow());
        final String name = choices.get(0).name().toLowerCase(Locale.ROOT);
        final Message says;
        if (!guess.known()) {
            says = RecipeSentence.NOT_CALLED.with(amount.name());
        } else if (odd) {
            says = RecipeSentence.AMONG_PER_CENTS.with(amount.unit().word());
        } else if (kind == Kind.DUSTING) {
            says = RecipeSentence.DUSTING_AS_PART.with();
        } else if (kind == Kind.VAGUE) {
            says = RecipeSentence.HOW_MUCH.with((int) Math.round(amount.value()));
        } else if (!guess.certain() && !guess.question().isEmpty()) {
            says = RecipeSentence.ASKED.with(guess.question(), name);
        } else if (!guess.certain()) {
            says = (choices.size() == 1 ? RecipeSentence.TAKEN_AS : RecipeSentence.WHICH_ONE).with(name);
        } else if (amount.range()) {
            says = RecipeSentence.MIDDLE_OF_RANGE.with();
        } else {
            says = TableText.said("");
        }
        return new Line(
                typed,
                Math.round(value * 1000) / 1000.0,
                false,
                choices,
                guess.known(),
                guess.certain() && !odd && kind != Kind.DUSTING && kind != Kind.VAGUE,
                says);
    }

    private Line dose(final String typed, final WrittenAmount amount, final Guess guess, final Scale scale) {
        final List<Choice> choices = choices(guess, true);
        final Amendment amendment = book.amendment(choices.get(0).id()).orElseThrow();
        final DoseMeasure measure = new DoseMeasure(amendment);
        final Kind kind = amount.unit().kind();
        if (kind == Kind.DUSTING) {
            return new Line(
                    typed,
                    DoseMeasure.DUSTING_G_PER_L,
                    true,
                    choices,
                    true,
                    false,
                    RecipeSentence.DUSTING_AS_DOSE.with(
                            Quantity.trimmed(Dimension.DOSE, DoseMeasure.DUSTING_G_PER_L, 1)));
        }
        if (kind != Kind.MASS && kind != Kind.VOLUME) {
            return new Line(
                    typed,
                    amendment.usualLowGPerL(),
                    true,
                    choices,
                    true,
                    false,
                    RecipeSentence.WEIGHED_NOT_SCOOPED.with(amendment));
        }
        final double grams = kind == Kind.MASS
                ? amount.value() * amount.unit().size()
                : measure.grams(amount.value() * amount.unit().size());
        final OptionalDouble per = amount.per() == Per.LITRE
                ? OptionalDouble.of(1)
                : amount.per() == Per.OPEN && scale.totalLitres() > 0
                        ? OptionalDouble.of(scale.totalLitres())
                        : potLitres;
        if (per.isEmpty()) {
            return new Line(typed, clamp(grams), true, choices, true, false, RecipeSentence.FOR_HOW_MUCH.with());
        }
        final Message says = amount.per() == Per.LITRE
                ? TableText.said("")
                : amount.per() == Per.POT || scale.totalLitres() == 0
                        ? RecipeSentence.FOR_ONE_POT.with(Quantity.trimmed(Dimension.VOLUME, per.getAsDouble(), 1))
                        : RecipeSentence.FOR_WHAT_THE_REST_MAKES.with(
                                Quantity.trimmed(Dimension.VOLUME, per.getAsDouble(), 1));
        return new Line(
                typed,
                clamp(grams / per.getAsDouble()),
                true,
                choices,
                true,
                guess.certain()
                        && amount.per() != Per.OPEN
                        && !amount.unit().word().equals(WrittenAmount.SOME_SPOON),
                says);
    }

    private static double clamp(final double gPerL) {
        return Math.min(100, Math.round(gPerL * 100) / 100.0);
    }

    /** The scale of a recipe: one part is one of the largest unit of volume in it; weights count as litres. */
    private Scale scale(final List<WrittenAmount> amounts, final List<Guess> guesses) {
        double unit = 0;
        double total = 0;
        String word = "";
        for (int i = 0; i < amounts.size(); i++) {
            final Optional<Material> material = material(guesses.get(i));
            if (material.isEmpty()) {
                continue;
            }
            final WrittenAmount.Unit written = amounts.get(i).unit();
            final boolean volume = written.kind() == Kind.VOLUME;
            final double size = volume ? written.size() : written.kind() == Kind.MASS ? 1 : 0;
            if (size > unit) {
                unit = size;
                word = volume ? written.word() : "litres";
            }
            total += litres(amounts.get(i), material.get(), scoopLitres);
        }
        return new Scale(unit, unit > 0 ? total : 0, scoopLitres, word);
    }

    /** The material that a guess means first; none for a dose, or where nothing comes near. */
    private Optional<Material> material(final Guess guess) {
        return guess.candidates().stream()
                .filter(each -> !isDose(guess) && !each.dose())
                .findFirst()
                .flatMap(each -> book.material(each.id()));
    }

    private static double litres(final WrittenAmount amount, final Material material, final double scoopLitres) {
        return amount.value()
                * switch (amount.unit().kind()) {
                    case VOLUME -> amount.unit().size();
                    case HANDFUL -> HANDFUL_LITRES;
                    case MASS -> amount.unit().size() / material.physics().bulkDensityGPerL();
                    default -> scoopLitres;
                };
    }

    /** Gives what is called the rest its share. */
    private static List<Line> withRest(
            final List<Line> lines, final List<WrittenAmount> amounts, final boolean percent, final double sum) {
        final List<Line> all = new ArrayList<>();
        final long rests =
                amounts.stream().filter(each -> each.unit().kind() == Kind.REST).count();
        final double missing = Math.max(0, 100 - (sum - rests));
        for (int i = 0; i < lines.size(); i++) {
            final Line line = lines.get(i);
            if (amounts.get(i).unit().kind() != Kind.REST || line.dose()) {
                all.add(line);
            } else if (percent) {
                final double share = missing / rests;
                all.add(new Line(
                        line.typed(),
                        Math.round(share * 1000) / 1000.0,
                        false,
                        line.choices(),
                        line.known(),
                        line.certain() && share > 0,
                        share > 0 ? line.says() : RecipeSentence.NOTHING_LEFT.with()));
            } else {
                all.add(new Line(
                        line.typed(),
                        1,
                        false,
                        line.choices(),
                        line.known(),
                        false,
                        RecipeSentence.REST_OF_WHAT.with()));
            }
        }
        return all;
    }

    private static List<Choice> choices(final Guess guess, final boolean dose) {
        return guess.candidates().stream()
                .filter(each -> each.dose() == dose)
                .map(each -> new Choice(each.id(), each.name()))
                .toList();
    }

    /**
     * How amounts in different units become parts.
     *
     * @param unitLitres litres of one part; 0 if nothing is written as a volume
     * @param totalLitres all the materials together [L]; 0 if parts stay parts
     * @param scoopLitres the person's own scoop [L]
     * @param word what one part is
     */
    private record Scale(double unitLitres, double totalLitres, double scoopLitres, String word) {

        private double litres(final WrittenAmount amount, final Material material) {
            return RecipeReader.litres(amount, material, scoopLitres);
        }

        double parts(final WrittenAmount amount, final Material material) {
            return unitLitres == 0 ? amount.value() : litres(amount, material) / unitLitres;
        }

        List<Message> notes(final boolean percent, final List<WrittenAmount> amounts) {
            final boolean bare = amounts.stream()
                    .anyMatch(each -> each.said()
                            && (each.unit().kind() == Kind.PLAIN
                                    || each.unit().kind() == Kind.FRACTION
                                    || each.unit().kind() == Kind.PART));
            if (percent) {
                return bare ? List.of(RecipeSentence.BARE_AS_PER_CENT.with()) : List.of();
            }
            if (unitLitres == 0) {
                return List.of();
            }
            final Message unit = RecipeSentence.PART_STANDS_FOR.with(word);
            return bare
                    ? List.of(
                            unit, RecipeSentence.BARE_AS_SCOOP.with(Quantity.trimmed(Dimension.VOLUME, scoopLitres, 2)))
                    : List.of(unit);
        }
    }
}
