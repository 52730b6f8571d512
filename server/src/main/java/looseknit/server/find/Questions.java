package looseknit.server.find;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import looseknit.core.blend.Recipe;
import looseknit.core.find.Candidate;
import looseknit.core.find.Exclusions;
import looseknit.core.find.FindSentence;
import looseknit.core.find.Limits;
import looseknit.core.find.Question;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.measure.Limit;
import looseknit.core.measure.Require;
import looseknit.core.message.Message;
import looseknit.core.need.Brief;
import looseknit.core.need.Targets;
import looseknit.core.reading.Knowledge;
import looseknit.server.frame.Books;
import looseknit.server.frame.Refused;
import looseknit.server.frame.UnknownName;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.Offers;
import looseknit.server.shelf.Shelf;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what a search is about: briefs, what is on the shelf, what must not go in. */
@Component
class Questions {

    /** Longest time for a proof [ms]. */
    private static final long MOST_MILLIS = 25_000;

    private static final RecipeBody NOTHING = new RecipeBody(Recipe.Measure.PARTS, List.of(), List.of(), null);

    private final Books books;
    private final KnownSource knownSource;
    private final Shelf shelf;
    private final Offers offers;

    Questions(final Books books, final KnownSource knownSource, final Shelf shelf, final Offers offers) {
        this.books = books;
        this.knownSource = knownSource;
        this.shelf = shelf;
        this.offers = offers;
    }

    /**
     * The questions, one for each brief, all among the same candidates.
     *
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range or there is no plant
     */
    @Transactional(readOnly = true)
    public FindJob.Asked of(final FindBody body) {
        final List<Brief> briefs =
                body.briefs().stream().map(each -> each.toCore(books)).toList();
        if (body.form() == FindBody.Form.SHARED) {
            Require.within("briefs", briefs.size(), 2, 8, Limit.PLANTS);
        }
        final Map<String, Candidate> all = candidates(body);
        shares(body, all);
        final List<FindBody.LeftOutBody> leftOut = new ArrayList<>();
        final List<Candidate> barred = new ArrayList<>();
        final List<Candidate> allowed = new ArrayList<>();
        for (final Candidate candidate : all.values()) {
            final Optional<Message> why = candidate.mostShare() <= 0
                    ? Optional.of(FindSentence.LEFT_OUT.with())
                    : briefs.stream()
                            .flatMap(
                                    brief -> Exclusions.reason(candidate.material(), brief, books.materials()).stream())
                            .findFirst();
            if (why.isPresent()) {
                leftOut.add(FindBody.LeftOutBody.of(candidate.material(), why.get()));
                barred.add(candidate);
            } else {
                allowed.add(candidate);
            }
        }
        return new FindJob.Asked(
                briefs.stream().map(brief -> question(body, brief, allowed)).toList(), List.copyOf(leftOut), barred);
    }

    private Question question(final FindBody body, final Brief brief, final List<Candidate> allowed) {
        final int most =
                Math.min(body.mostMaterials(), brief.wishes().mostMaterials().orElse(body.mostMaterials()));
        final List<Recipe.Part> fixed = fixed(body);
        final Knowledge known =
                knownSource.known(null, Optional.ofNullable(body.recipe()).orElse(NOTHING));
        return new Question(
                brief,
                Targets.of(brief),
                known,
                allowed,
                fixed,
                new Question.Doses(
                        amendment(body.limeId(), brief),
                        amendment(body.acidifierId(), brief),
                        amendment(body.feedId(), brief)),
                new Limits(
                        most,
                        body.mostParts(),
                        body.batchLitres() == null ? OptionalDouble.empty() : OptionalDouble.of(body.batchLitres()),
                        MOST_MILLIS));
    }

    /** The parts that stay as they are: all of a blend that is bettered, else the locked rows. */
    private List<Recipe.Part> fixed(final FindBody body) {
        if (body.recipe() == null || body.form() == FindBody.Form.REPLACE) {
            return List.of();
        }
        final Recipe recipe = given(body);
        final double scale = recipe.measure() == Recipe.Measure.PERCENT ? 0.1 : 1;
        final List<Integer> locked = Optional.ofNullable(body.lockedRows()).orElse(List.of());
        return IntStream.range(0, recipe.parts().size())
                .filter(row -> body.form() == FindBody.Form.IMPROVE || locked.contains(row))
                .mapToObj(recipe.parts()::get)
                .filter(part -> part.amount() > 0)
                .map(part -> new Recipe.Part(part.material(), part.amount() * scale))
                .toList();
    }

    /** The blend that was sent with the question. */
    Recipe given(final FindBody body) {
        if (body.recipe() == null || body.recipe().parts().isEmpty()) {
            throw new Refused("No blend", "There is no blend yet: put in at least one material first.");
        }
        return body.recipe().toCore(books);
    }

    private Optional<Amendment> amendment(final @Nullable String id, final Brief brief) {
        if (id == null || id.isBlank()) {
            return Optional.empty();
        }
        final Amendment amendment = books.materials()
                .amendment(id)
                .orElseThrow(() -> new UnknownName("doses", "amendment", id, "Pick one from the list."));
        return Exclusions.reason(amendment, brief, books.materials()).isEmpty()
                ? Optional.of(amendment)
                : Optional.empty();
    }

    private Map<String, Candidate> candidates(final FindBody body) {
        final Map<String, Candidate> all = new LinkedHashMap<>();
        final Map<String, Double> prices = shelf.pricesPerLitre();
        final Map<String, Double> left = shelf.leftLitres();
        final Map<String, Double> offered = offers.pricesPerLitre();
        if (body.among() == FindBody.Among.CHOSEN) {
            Optional.ofNullable(body.chosenIds())
                    .orElse(List.of())
                    .forEach(id -> all.put(
                            id,
                            candidate(
                                    id,
                                    price(id, prices, offered),
                                    left.containsKey(id) ? OptionalDouble.of(left.get(id)) : OptionalDouble.empty(),
                                    left.getOrDefault(id, 0.0) > 0)));
            return all;
        }
        left.forEach((id, litres) -> {
            if (litres > 0) {
                all.put(id, candidate(id, price(id, prices, offered), OptionalDouble.of(litres), true));
            }
        });
        if (body.among() == FindBody.Among.SHELF_AND_OFFERS) {
            // what can be bought does not run out
            offered.forEach((id, price) -> all.put(
                    id,
                    candidate(id, price(id, prices, offered), OptionalDouble.empty(), left.getOrDefault(id, 0.0) > 0)));
        }
        return all;
    }

    private static OptionalDouble price(
            final String id, final Map<String, Double> prices, final Map<String, Double> offered) {
        return prices.containsKey(id)
                ? OptionalDouble.of(prices.get(id))
                : offered.containsKey(id) ? OptionalDouble.of(offered.get(id)) : OptionalDouble.empty();
    }

    /** A material that the person names, as if it were chosen. */
    Candidate candidate(final String id) {
        final Map<String, Double> left = shelf.leftLitres();
        return candidate(
                id,
                price(id, shelf.pricesPerLitre(), offers.pricesPerLitre()),
                OptionalDouble.empty(),
                left.getOrDefault(id, 0.0) > 0);
    }

    private Candidate candidate(
            final String id, final OptionalDouble price, final OptionalDouble left, final boolean onShelf) {
        final Material material = books.materials()
                .material(id)
                .filter(Material::forRecipes)
                .orElseThrow(() -> new UnknownName("chosenIds", "material", id, "Pick one from the list."));
        return new Candidate(material, price, left, onShelf, 0, 1);
    }

    /** Shares that are asked for; what must be in the blend and is not at hand has to be bought. */
    private void shares(final FindBody body, final Map<String, Candidate> all) {
        final Map<String, FindBody.ShareBody> shares = Optional.ofNullable(body.shares()).orElse(List.of()).stream()
                .collect(Collectors.toMap(
                        FindBody.ShareBody::materialId, Function.identity(), (a, b) -> b, LinkedHashMap::new));
        shares.forEach((id, share) -> {
            Require.within("leastPercent", share.leastPercent(), 0, 100, Limit.PER_CENT);
            Require.within(
                    "mostPercent", share.mostPercent(), share.leastPercent(), 100, Limit.PER_CENT_NOT_UNDER_THE_LEAST);
            if (share.leastPercent() > 0) {
                all.computeIfAbsent(id, this::candidate);
            }
            all.computeIfPresent(id, (key, old) -> old.limited(share.leastPercent() / 100, share.mostPercent() / 100));
        });
    }
}
