package looseknit.core.find;

import static looseknit.core.Said.said;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.concurrent.atomic.AtomicBoolean;
import java.util.concurrent.atomic.AtomicInteger;
import looseknit.core.Said;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Amendment;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.Band;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.need.Property;
import looseknit.core.need.Target;
import looseknit.core.need.Wishes;
import org.junit.jupiter.api.Test;

class FindMixesTest {

    private static final List<Candidate> SHELF = Shelves.of(
            "peat", "coir_pith", "orch_fine", "orch_med", "perlite_coarse", "pumice_med", "grit_3_6", "leaf_mould");
    private static final Limits QUICK = new Limits(3, 6, OptionalDouble.empty(), 60_000);

    private static Question question(final String plant, final double days) {
        return Question.of(Shelves.brief(plant, days), SHELF, QUICK).dosing(Shelves.doses("dolomite", "granules"));
    }

    private static Recipe recipe(final Object... amounts) {
        final List<Recipe.Part> parts = new ArrayList<>();
        for (int i = 0; i < amounts.length; i += 2) {
            parts.add(new Recipe.Part(Shelves.material((String) amounts[i]), (int) amounts[i + 1]));
        }
        return new Recipe(Recipe.Measure.PARTS, parts, List.of());
    }

    /** Calls a search off as soon as it has told of something. */
    private static SearchListener onceFound() {
        final AtomicBoolean found = new AtomicBoolean();
        return new SearchListener() {
            @Override
            public boolean cancelled() {
                return found.get();
            }

            @Override
            public void progress(final Progress progress) {
                found.compareAndSet(false, Double.isFinite(progress.bestPenalty()));
            }
        };
    }

    /** Calls a search off after so many reports. */
    private static SearchListener after(final int reports) {
        final AtomicInteger heard = new AtomicInteger();
        return new SearchListener() {
            @Override
            public boolean cancelled() {
                return heard.get() >= reports;
            }

            @Override
            public void progress(final Progress progress) {
                heard.incrementAndGet();
            }
        };
    }

    @Test
    void findsABlendThatFitsAndProvesIt() {
        final Answer answer = FindMixes.find(question("velvet_anthurium", 6), SearchListener.NOBODY);

        final Proposal closest = answer.proposals().get(0);
        assertThat(closest.titles()).contains(Respect.CLOSEST);
        assertThat(closest.fit()).isGreaterThan(95);
        assertThat(answer.proof().proved()).isTrue();
        assertThat(answer.proof().gap()).isZero();
        assertThat(said(answer.proof().words())).contains("up to 3 of these 8 materials in up to 6 parts");
        assertThat(answer.proposals()).hasSizeBetween(2, 6);
        assertThat(answer.proposals().stream().map(each -> FindPhrases.parts(each.recipe())))
                .doesNotHaveDuplicates();
        // one material alone is no mix for an anthurium, and more than it takes are not looked for
        assertThat(answer.byCount())
                .extracting(Answer.OfCount::count)
                .isSorted()
                .first()
                .isEqualTo(2);
        assertThat(closest.givesUp()).isEmpty();
    }

    @Test
    void theScoreIsWhatTheBenchReads() {
        final Proposal closest = FindMixes.find(question("velvet_anthurium", 6), SearchListener.NOBODY)
                .proposals()
                .get(0);

        assertThat(closest.summary())
                .isEqualTo(FindPhrases.summary(
                        closest.evaluation(), question("velvet_anthurium", 6).targets()));
        assertThat(closest.reasons()).hasSize(closest.recipe().parts().size());
        assertThat(closest.chance()).isBetween(0.0, 1.0);
    }

    /** Every respect is met at least as well by the blend that is named for it as by any other that is shown. */
    @Test
    void titlesAreDeserved() {
        final Answer answer =
                FindMixes.find(question("velvet_anthurium", 6).among(new Shelves(3).shelf(12)), SearchListener.NOBODY);
        final List<Proposal> near = answer.proposals().stream()
                .filter(each -> each.penalty() <= answer.proposals().get(0).penalty() + 0.06)
                .toList();

        near.stream()
                .filter(each -> each.titles().contains(Respect.LIGHTEST))
                .forEach(lightest -> assertThat(near)
                        .allSatisfy(
                                each -> assertThat(lightest.wetKgPerL()).isLessThanOrEqualTo(each.wetKgPerL() + 1e-9)));
        near.stream()
                .filter(each -> each.titles().contains(Respect.CHEAPEST))
                .forEach(cheapest -> assertThat(near)
                        .allSatisfy(each -> assertThat(cheapest.costPerLitre().orElse(0))
                                .isLessThanOrEqualTo(each.costPerLitre().orElse(99) + 1e-9)));
        near.stream()
                .filter(each -> each.titles().contains(Respect.SAFEST))
                .forEach(safest -> assertThat(answer.proposals())
                        .allSatisfy(each -> assertThat(safest.chance()).isGreaterThanOrEqualTo(each.chance())));
    }

    @Test
    void dosesLimeAndFeedToTheirTargets() {
        final Question peaty = question("velvet_anthurium", 6).among(Shelves.of("peat", "orch_med", "perlite_coarse"));

        final Recipe limed =
                FindMixes.find(peaty, SearchListener.NOBODY).proposals().get(0).recipe();
        final Recipe plain = FindMixes.find(peaty.dosing(Question.Doses.NONE), SearchListener.NOBODY)
                .proposals()
                .get(0)
                .recipe();

        assertThat(limed.doses()).extracting(dose -> dose.amendment().id()).contains("granules");
        assertThat(plain.doses()).isEmpty();
        assertThat(limed.doses())
                .isNotEmpty()
                .allSatisfy(dose -> assertThat(dose.gPerL())
                        .isLessThanOrEqualTo(dose.amendment().usualHighGPerL()));
    }

    @Test
    void keepsToSharesAndToWhatIsLeft() {
        final List<Candidate> limited = new ArrayList<>();
        for (final Candidate each : SHELF) {
            limited.add(
                    each.material().id().equals("peat")
                            ? each.limited(0.2, 0.4)
                            : new Candidate(
                                    each.material(), OptionalDouble.empty(), OptionalDouble.of(1.5), true, 0, 1));
        }
        final Answer answer = FindMixes.find(
                question("peace_lily", 6).among(limited).within(new Limits(3, 6, OptionalDouble.of(4), 60_000)),
                SearchListener.NOBODY);

        assertThat(answer.proposals()).isNotEmpty().allSatisfy(proposal -> {
            final double peat = proposal.recipe().parts().stream()
                    .filter(part -> part.material().id().equals("peat"))
                    .mapToDouble(Recipe.Part::amount)
                    .sum();
            assertThat(peat / proposal.recipe().sum()).isBetween(0.2 - 1e-9, 0.4 + 1e-9);
            assertThat(proposal.mostLitres().orElseThrow()).isGreaterThanOrEqualTo(4 - 1e-6);
        });
    }

    @Test
    void lockedRowsStay() {
        final List<Recipe.Part> locked = recipe("peat", 2).parts();

        final Answer answer = FindMixes.find(question("peace_lily", 6).upon(locked), SearchListener.NOBODY);

        assertThat(answer.proposals())
                .isNotEmpty()
                .allSatisfy(proposal -> assertThat(proposal.recipe().parts()).anySatisfy(part -> {
                    assertThat(part.material().id()).isEqualTo("peat");
                    assertThat(part.amount()).isGreaterThanOrEqualTo(2);
                }));
    }

    @Test
    void saysWhatStandsInTheWayAndWhatWouldHelp() {
        final Answer answer = FindMixes.find(
                question("barrel_cactus", 3).among(Shelves.of("peat", "coir_pith", "leaf_mould")),
                SearchListener.NOBODY);

        assertThat(answer.proposals().get(0).fit()).isLessThan(60);
        final Answer.Clash clash = answer.clash().orElseThrow();
        assertThat(said(clash.says()))
                .matches("(None of these materials.*brings .*\\.|.*cannot be had together with .*)");
        assertThat(said(answer.said()))
                .singleElement()
                .asString()
                .startsWith("For a usual mix for desert cacti and succulents your shelf lacks ")
                .endsWith("What stands here is unusual.");
    }

    /** Peat and sand make a usual mix for a violet, but a close and sour one: something airier is named. */
    @Test
    void namesWhatWouldHelpAUsualMix() {
        final Answer answer = FindMixes.find(
                question("african_violet", 4)
                        .among(Shelves.of("peat", "sand_coarse"))
                        .dosing(Question.Doses.NONE),
                SearchListener.NOBODY);

        assertThat(answer.said()).isEmpty();
        assertThat(answer.wouldHelp())
                .isNotEmpty()
                .allSatisfy(each -> assertThat(each.fit())
                        .isGreaterThan(answer.proposals().get(0).fit()));
    }

    @Test
    void oneMaterialIsAnAnswerAndNoneIsToldInWords() {
        final Answer one =
                FindMixes.find(question("moth_orchid", 7).among(Shelves.of("orch_med")), SearchListener.NOBODY);
        assertThat(one.proposals()).hasSize(1);
        assertThat(one.exactPartsGain()).isEmpty();

        final Answer none = FindMixes.find(question("moth_orchid", 7).among(List.of()), SearchListener.NOBODY);
        assertThat(none.proposals()).isEmpty();
        assertThat(said(none.said())).singleElement().asString().startsWith("There is nothing to mix");

        final Answer impossible = FindMixes.find(
                question("moth_orchid", 7)
                        .among(List.of(
                                SHELF.get(0).limited(0.6, 1), SHELF.get(1).limited(0.6, 1))),
                SearchListener.NOBODY);
        assertThat(impossible.proposals()).isEmpty();
        assertThat(said(impossible.said())).singleElement().asString().startsWith("Nothing can be mixed");
    }

    @Test
    void exactProportionsNeverLose() {
        final Question question = question("barrel_cactus", 9);
        final Proposal closest =
                FindMixes.find(question, SearchListener.NOBODY).proposals().get(0);

        IdealParts.penalty(question, closest.recipe(), closest.penalty())
                .ifPresent(ideal -> assertThat(ideal).isLessThanOrEqualTo(closest.penalty()));
    }

    @Test
    void calledOffAtOnce() {
        final Question large = question("velvet_anthurium", 3)
                .aimingAt(List.of(new Target(Property.DRY_DAYS, new Band(50, 51), 1, List.of())))
                .among(new Shelves(9).shelf(30))
                .within(new Limits(5, 12, OptionalDouble.empty(), 600_000));

        final Answer never = FindMixes.find(large, after(0));
        final Answer early = FindMixes.find(large, onceFound());

        assertThat(never.proposals().size()).isZero();
        assertThat(said(never.said())).containsExactly("The search was called off before anything was found.");
        assertThat(said(early.said())).containsExactly("The search was called off; this is what it had found.");
        assertThat(early.proof().proved()).isFalse();
        assertThat(said(early.proof().words())).startsWith("Not proved");
    }

    /** Out of time it says how much better another recipe might fit. */
    @Test
    void outOfTimeItTellsTheGap() {
        final Answer answer = FindMixes.find(
                question("velvet_anthurium", 3)
                        .among(new Shelves(9).shelf(40))
                        .within(new Limits(5, 16, OptionalDouble.empty(), 50)),
                SearchListener.NOBODY);

        assertThat(answer.proposals()).isNotEmpty();
        assertThat(answer.proof().gap()).isBetween(0.0, 100.0);
        assertThat(answer.proof().total()).isGreaterThan(2_000_000_000L);
    }

    @Test
    void improvesWithTheFewestExtraParts() {
        final Recipe wet = recipe("peat", 4, "perlite_coarse", 1);
        final Question question = question("velvet_anthurium", 8).upon(wet.parts());

        final Answer answer = FindMixes.improve(question, SearchListener.NOBODY);

        final Proposal best = answer.proposals().get(0);
        assertThat(best.titles()).containsExactly(Respect.FEWEST_EXTRA);
        assertThat(best.recipe().parts().subList(0, 2))
                .isNotEmpty()
                .allSatisfy(part -> assertThat(part.amount()).isGreaterThanOrEqualTo(1));
        for (int i = 1; i < answer.proposals().size(); i++) {
            assertThat(answer.proposals().get(i).recipe().sum())
                    .isLessThan(answer.proposals().get(i - 1).recipe().sum());
            assertThat(answer.proposals().get(i).penalty())
                    .isGreaterThan(answer.proposals().get(i - 1).penalty());
        }
    }

    @Test
    void aBlendThatFitsNeedsNoExtraParts() {
        final Proposal fits = FindMixes.find(question("velvet_anthurium", 6), SearchListener.NOBODY)
                .proposals()
                .get(0);
        assertThat(fits.penalty()).isLessThan(0.03);

        final Answer answer = FindMixes.improve(
                question("velvet_anthurium", 6).upon(fits.recipe().parts()), SearchListener.NOBODY);

        assertThat(answer.proposals()).hasSize(1);
        assertThat(answer.proposals().get(0).recipe().sum())
                .isEqualTo(fits.recipe().sum());
    }

    @Test
    void standsInForWhatIsMissing() {
        final Recipe given = recipe("orch_med", 4, "perlite_coarse", 2, "peat", 1);
        final Question question = question("moth_orchid", 7)
                .among(Shelves.of(
                        "perlite_med", "perlite_coarse", "pumice_med", "pumice_coarse", "peat", "leaf_mould"));

        final Answer answer = FindMixes.replace(question, given, 1, SearchListener.NOBODY);

        assertThat(answer.proposals()).isNotEmpty();
        final Proposal best = answer.proposals().get(0);
        assertThat(best.recipe().parts()).noneMatch(part -> part.material().id().equals("perlite_coarse"));
        assertThat(said(best.summary())).endsWith("in its place.");
        assertThat(best.givesUp()).isNotEmpty();
        assertThatThrownBy(() -> FindMixes.replace(question, given, 3, SearchListener.NOBODY))
                .isInstanceOf(OutOfRangeException.class)
                .hasMessageContaining("0 to 2");
    }

    @Test
    void usesUpWhatIsLeft() {
        final Question question = question("velvet_anthurium", 6).among(new Shelves(3).shelf(9));

        final Answer answer = FindMixes.useUp(question, SearchListener.NOBODY);

        answer.proposals().stream()
                .filter(each -> each.titles().contains(Respect.MOST))
                .findFirst()
                .ifPresent(most -> assertThat(most.mostLitres().orElseThrow())
                        .isGreaterThanOrEqualTo(
                                answer.proposals().get(0).mostLitres().orElse(0) - 1e-9));
        assertThat(answer.proposals().stream().flatMap(each -> each.titles().stream()))
                .contains(Respect.MOST);
    }

    @Test
    void saysWhyNot() {
        final Question question = question("velvet_anthurium", 6);
        final double best = FindMixes.find(question, SearchListener.NOBODY)
                .proposals()
                .get(0)
                .fit();

        assertThat(said(WhyNot.of(question, SHELF.get(0), best, SearchListener.NOBODY)
                        .words()))
                .contains("sphagnum peat");
        assertThat(said(WhyNot.of(question, Candidate.of(Shelves.material("beach_sand")), best, SearchListener.NOBODY)
                        .words()))
                .contains("salt");
        assertThat(said(WhyNot.of(question, SHELF.get(0).limited(0, 0), best, SearchListener.NOBODY)
                        .words()))
                .isEqualTo("You left it out.");
        assertThat(said(WhyNot.of(
                                question,
                                new Candidate(
                                        Shelves.material("peat"),
                                        OptionalDouble.empty(),
                                        OptionalDouble.of(0),
                                        true,
                                        0,
                                        1),
                                best,
                                SearchListener.NOBODY)
                        .words()))
                .isEqualTo("None of it is left.");
    }

    @Test
    void whatMustNeverBeDoneIsLeftOut() {
        final Brief sundew = Shelves.brief("cape_sundew", 3);
        final Brief azalea = Shelves.brief("azalea", 3);

        assertThat(Exclusions.reason(Shelves.material("compost"), sundew, MaterialBook.shipped()))
                .isPresent();
        assertThat(Exclusions.reason(Shelves.material("lime_chips"), azalea, MaterialBook.shipped()))
                .isPresent();
        assertThat(Exclusions.reason(Shelves.material("peat"), sundew, MaterialBook.shipped()))
                .isEmpty();
        assertThat(Exclusions.reason(amendment("granules"), sundew, MaterialBook.shipped()))
                .isPresent();
        assertThat(Exclusions.reason(amendment("dolomite"), azalea, MaterialBook.shipped()))
                .isPresent();
        assertThat(Exclusions.reason(amendment("dolomite"), Shelves.brief("peace_lily", 6), MaterialBook.shipped()))
                .isEmpty();
    }

    @Test
    void wishesCountAndAreNamed() {
        final Brief brief = Shelves.brief("peace_lily", 6);
        final Wishes none = brief.wishes();
        final Brief peatless = brief.with(new Wishes(
                Wishes.Fibre.NO_PEAT,
                false,
                none.drainageLayer(),
                false,
                false,
                false,
                none.mostMaterials(),
                none.lifeYears()));

        assertThat(Exclusions.reason(Shelves.material("peat"), peatless, MaterialBook.shipped())
                        .map(Said::said))
                .contains("You want no peat.");
        assertThat(Exclusions.reason(Shelves.material("peat"), brief, MaterialBook.shipped()))
                .isEmpty();
    }

    @Test
    void plantsShareOrDoNot() {
        final List<Candidate> shelf = Shelves.of(
                "peat", "orch_med", "orch_coarse", "perlite_coarse", "pumice_med", "grit_3_6", "sphagnum_lf");
        final List<Question> questions = new ArrayList<>();
        for (final String plant : List.of("moth_orchid", "barrel_cactus", "peace_lily")) {
            questions.add(
                    Question.of(Shelves.brief(plant, 7), shelf, QUICK).dosing(Shelves.doses("dolomite", "granules")));
        }

        final OneForMany found = OneForMany.of(questions, SearchListener.NOBODY).orElseThrow();

        assertThat(found.splits()).hasSize(3);
        assertThat(found.splits().get(2).worstFit())
                .isGreaterThanOrEqualTo(found.splits().get(1).worstFit() - 1e-9);
        found.splits()
                .forEach(split -> assertThat(split.groups().stream().flatMap(each -> each.plants().stream()))
                        .containsExactlyInAnyOrder(0, 1, 2));
        // alone each plant has a blend as good as a search for it alone finds
        for (final OneForMany.Group group : found.splits().get(2).groups()) {
            final int plant = group.plants().get(0);
            final Answer alone = FindMixes.find(questions.get(plant).within(QUICK), SearchListener.NOBODY);
            assertThat(group.fits().get(0))
                    .isGreaterThanOrEqualTo(alone.proposals().get(0).fit() - 1e-6);
        }
        assertThat(OneForMany.of(questions, after(0))).isEqualTo(Optional.empty());
        assertThatThrownBy(() -> OneForMany.of(questions.subList(0, 1), SearchListener.NOBODY))
                .hasMessageContaining("2 to 8 plants");
    }

    @Test
    void saysWhatIsAskedWrongly() {
        assertThatThrownBy(() -> new Limits(6, 12, OptionalDouble.empty(), 1000))
                .hasMessageContaining("limits.mostMaterials is 6; allowed: 1 to 5");
        assertThatThrownBy(() -> new Limits(5, 17, OptionalDouble.empty(), 1000))
                .hasMessageContaining("1 to 16");
        assertThatThrownBy(() -> Question.of(Brief.OPEN, SHELF, QUICK)).hasMessageContaining("a plant");
        assertThatThrownBy(() -> question("peace_lily", 6).among(new Shelves(1).shelf(51)))
                .hasMessageContaining("at most 50");
        assertThatThrownBy(() -> SHELF.get(0).limited(0.5, 0.4)).hasMessageContaining("not under the least share");
    }

    private static Amendment amendment(final String id) {
        return MaterialBook.shipped().amendment(id).orElseThrow();
    }

    @Test
    void everyMaterialCanBeAskedAbout() {
        final Brief brief = Shelves.brief("peace_lily", 6);
        for (final Material material : MaterialBook.shipped().materials()) {
            if (material.forRecipes()) {
                assertThat(Exclusions.reason(material, brief, MaterialBook.shipped()))
                        .satisfies(reason -> reason.ifPresent(
                                words -> assertThat(said(words)).endsWith(".")));
            }
        }
    }
}
