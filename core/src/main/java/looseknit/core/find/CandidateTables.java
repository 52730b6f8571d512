package looseknit.core.find;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.IntStream;
import looseknit.core.assay.LotTrait;
import looseknit.core.blend.Ingredients;
import looseknit.core.blend.Packing;
import looseknit.core.blend.PlainMaterials;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.pot.PotTable;
import looseknit.core.reading.Drying;
import looseknit.core.reading.MixTables;
import looseknit.core.reading.Situation;

/**
 * Everything about the candidates of a question that does not depend on the recipe, laid out so that any recipe of them is read in less
 * than a microsecond. Mixes are opened into plain materials. Immutable; a {@link CandidateReader} belongs to one thread.
 */
final class CandidateTables {

    final Question question;
    final TargetTable aims;
    final Dosing dosing;
    final Situation situation;
    final MixTables mixes;
    /** Plain materials; the last is humus. */
    final List<Material> plain;
    /** Places of the plain materials of each candidate; the last row is the fixed base. */
    final int[][] places;
    /** Poured litres of each of them in a part of the candidate; the last row is the fixed base as it is. */
    final double[][] amounts;
    /** Parts as they are written of the fixed base. */
    final double fixedParts;

    final double fixedCost;
    final double[] price;
    final double[] leastShare;
    final double[] mostShare;
    final boolean shared;

    final Ingredients pairs;
    final Ingredients classes;
    /** How far, for both packings, grains of a part of each candidate slip into those of each other, the fixed base last. */
    final double[][][] slips;
    /** For both packings, what a part of each candidate adds to the {@link ConservedSums}, the fixed base last. */
    final double[][][] sums;
    /** What each material carries of a poured litre of each other, by whole materials. */
    final double[][] carried;
    /** What a poured litre of each material takes up at virtual packing, by whole materials. */
    final double[] virtual;
    /** Tables by packing, and by whether a drainage layer breaks the pull of the mix. */
    final PotTable[][] tables;

    final Optional<DryTable> dry;
    /** What a mix must be made of; nothing if anything may be. */
    final Optional<UsualBounds> usual;
    /** How far tests have shown each material to be off; nothing if nothing was tested. */
    final Optional<Map<LotTrait, double[]>> corrections;

    CandidateTables(final Question question) {
        this(question, drying(question));
    }

    private static Optional<DryTable> drying(final Question question) {
        return Drying.of(question.brief()).map(DryTable::new);
    }

    /**
     * @param drying days to dry of the brief's pot, worked out before
     */
    CandidateTables(final Question question, final Optional<DryTable> drying) {
        this.question = question;
        final Brief brief = question.brief();
        this.aims = new TargetTable(question.targets());
        this.situation = Situation.of(brief);
        this.dosing = new Dosing(aims, question.doses(), situation.temperatureC());
        final int n = question.candidates().size();
        final Map<Material, Integer> found = new LinkedHashMap<>();
        this.places = new int[n + 1][];
        this.amounts = new double[n + 1][];
        for (int j = 0; j < n; j++) {
            open(j, List.of(new Recipe.Part(question.candidates().get(j).material(), 1)), found);
        }
        open(n, question.fixed(), found);
        this.fixedParts =
                question.fixed().stream().mapToDouble(Recipe.Part::amount).sum();
        this.price = question.candidates().stream()
                .mapToDouble(CandidateTables::price)
                .toArray();
        this.leastShare = question.candidates().stream()
                .mapToDouble(Candidate::leastShare)
                .toArray();
        this.mostShare =
                question.candidates().stream().mapToDouble(Candidate::mostShare).toArray();
        this.shared = question.candidates().stream().anyMatch(each -> each.must() || each.mostShare() < 1);
        this.fixedCost = question.fixed().stream()
                .mapToDouble(part -> part.amount() * price(question, part.material()))
                .sum();
        this.mixes = new MixTables(List.copyOf(found.keySet()), List.of(Packing.Form.values()), brief.pot());
        this.plain = mixes.materials();
        this.pairs = mixes.ingredients(Packing.Form.PAIRS);
        this.classes = mixes.ingredients(Packing.Form.CLASSES);
        this.tables = new PotTable[][] {
            mixes.tables(Packing.Form.PAIRS).toArray(PotTable[]::new),
            mixes.tables(Packing.Form.CLASSES).toArray(PotTable[]::new)
        };
        this.slips = new double[][][] {slips(pairs), slips(classes)};
        final int count = plain.size();
        this.carried = new double[count][count];
        this.virtual = new double[count];
        for (int i = 0; i < count; i++) {
            virtual[i] = pairs.settled(i) * pairs.virtualPerBulk(i);
        }
        for (int i = 0; i < count; i++) {
            for (int j = 0; j < count; j++) {
                carried[i][j] = pairs.carriedShare(i, j) * virtual[j];
            }
        }
        this.dry = aims.wanted(Property.DRY_DAYS) ? drying : Optional.empty();
        this.usual =
                question.usual().isEmpty() ? Optional.empty() : Optional.of(new UsualBounds(this, question.usual()));
        this.corrections = mixes.corrections(question.known().beliefs());
        this.sums = new double[][][] {ConservedSums.perPart(this, 0, pairs), ConservedSums.perPart(this, 1, classes)};
    }

    /** How far tests have shown a material to be off. */
    double off(final LotTrait trait, final int place) {
        return corrections
                .map(each -> Objects.requireNonNull(each.get(trait))[place])
                .orElse(0.0);
    }

    private static double price(final Question question, final Material material) {
        return question.candidates().stream()
                .filter(each -> each.material().equals(material))
                .findFirst()
                .map(CandidateTables::price)
                .orElse(0.0);
    }

    /** Price of a poured litre, 0 if it is not known. */
    static double price(final Candidate candidate) {
        return candidate.pricePerLitre().orElse(0);
    }

    private void open(final int row, final List<Recipe.Part> parts, final Map<Material, Integer> found) {
        if (parts.isEmpty()) {
            places[row] = new int[0];
            amounts[row] = new double[0];
            return;
        }
        final PlainMaterials opened = new Recipe(Recipe.Measure.PARTS, parts, List.of()).opened();
        places[row] = opened.materials().stream()
                .mapToInt(material -> {
                    found.putIfAbsent(material, found.size());
                    return found.get(material);
                })
                .toArray();
        amounts[row] = opened.amounts();
    }

    private double[][] slips(final Ingredients ingredients) {
        final double[][] plainly = plainSlips(ingredients);
        final double[][] byCandidate = new double[places.length][places.length];
        for (int j = 0; j < places.length; j++) {
            for (int k = 0; k < places.length; k++) {
                for (int p = 0; p < places[j].length; p++) {
                    for (int q = 0; q < places[k].length; q++) {
                        byCandidate[j][k] += amounts[j][p] * amounts[k][q] * plainly[places[j][p]][places[k][q]];
                    }
                }
            }
        }
        return byCandidate;
    }

    private static double[][] plainSlips(final Ingredients ingredients) {
        final int n = ingredients.materials().size();
        final double[][] slips = new double[n][n];
        for (int i = 0; i < n; i++) {
            for (int j = 0; j < n; j++) {
                slips[i][j] = ingredients.settled(i)
                        * ingredients.virtualPerBulk(i)
                        * ingredients.settled(j)
                        * ingredients.virtualPerBulk(j)
                        * (1 - 0.5 * (ingredients.carriedShare(i, j) + ingredients.carriedShare(j, i)));
            }
        }
        return slips;
    }

    int candidates() {
        return question.candidates().size();
    }

    /** Places of the candidates that must be in every blend. */
    int[] musts() {
        return IntStream.range(0, candidates())
                .filter(j -> question.candidates().get(j).must())
                .toArray();
    }

    /** Water held after a watering, of what is held after soaking and draining. */
    double watered() {
        return dry.map(DryTable::watered).orElse(1.0);
    }

    CandidateReader reader() {
        return new CandidateReader(this);
    }
}
