package looseknit.core.shelf;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Random;
import looseknit.core.Materials;
import looseknit.core.bench.Evaluator;
import looseknit.core.blend.Recipe;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.need.Brief;
import looseknit.core.reading.Knowledge;
import looseknit.core.sheet.MaterialSheet;
import org.junit.jupiter.api.Test;

/** What an own material may be told to be is refused when it is told, or can be read wherever materials are. */
class WhatIsAcceptedCanBeReadTest {

    private static final MaterialBook BOOK = MaterialBook.shipped();

    @Test
    void ofMixesOfAnyMaterialHoweverNestedAndHoweverWellKnown() {
        final List<String> broken = new ArrayList<>();
        int accepted = 0;
        for (final Material material : BOOK.materials()) {
            if (!material.forRecipes()) {
                continue;
            }
            for (final MakeUp.Certainty certainty : MakeUp.Certainty.values()) {
                for (final boolean fed : new boolean[] {false, true}) {
                    final MixDefinition alone = new MixDefinition(
                            "own_a", "Alone", List.of(new MixDefinition.PartOf(material.id(), 1)), certainty, fed);
                    final MixDefinition nested = new MixDefinition(
                            "own_b", "Nested", List.of(new MixDefinition.PartOf("own_a", 3)), certainty, !fed);
                    final List<Material> made;
                    try {
                        made = Mixes.of(BOOK, List.of(alone, nested));
                    } catch (final OutOfRangeException e) {
                        continue;
                    }
                    accepted++;
                    made.forEach(each -> read(each, broken));
                }
            }
        }
        assertThat(broken).isEmpty();
        assertThat(accepted).isGreaterThan(100);
    }

    @Test
    void ofFactsAndMeasurementsAtRandom() {
        final Random random = new Random(8);
        final List<String> broken = new ArrayList<>();
        int accepted = 0;
        for (int i = 0; i < 3000; i++) {
            final double from = random.nextDouble() * 20;
            final double height = 3 + random.nextDouble() * 57;
            final double air = random.nextDouble() * 95;
            final double water = 1 + random.nextDouble() * 97;
            final Material material;
            try {
                material = new OwnMaterial(
                                "own_r",
                                "Random",
                                Matter.values()[random.nextInt(Matter.values().length)],
                                from,
                                from + random.nextDouble() * 20,
                                random.nextBoolean()
                                        ? OptionalDouble.of(5 + random.nextDouble() * 2995)
                                        : OptionalDouble.empty(),
                                random.nextBoolean()
                                        ? Optional.of(new Measured.Drain(height, air / 100, water / 100))
                                        : Optional.empty(),
                                random.nextBoolean()
                                        ? OptionalDouble.of(2 + random.nextDouble() * 10)
                                        : OptionalDouble.empty(),
                                List.of())
                        .material();
                final Measured measured = new Measured(
                        OptionalDouble.of(2 + random.nextDouble() * 10),
                        random.nextBoolean()
                                ? OptionalDouble.of(5 + random.nextDouble() * 2995)
                                : OptionalDouble.empty(),
                        random.nextBoolean()
                                ? Optional.of(new Measured.Drain(height, water / 100, air / 100))
                                : Optional.empty(),
                        Optional.empty(),
                        random.nextBoolean(),
                        random.nextBoolean(),
                        random.nextBoolean());
                accepted++;
                read(material, broken);
                read(measured.applyTo(material), broken);
                read(
                        measured.applyTo(BOOK.materials()
                                .get(random.nextInt(BOOK.materials().size()))),
                        broken);
            } catch (final OutOfRangeException e) {
                // told that it cannot be so
            }
        }
        assertThat(broken).isEmpty();
        assertThat(accepted).isGreaterThan(200);
    }

    private static void read(final Material material, final List<String> broken) {
        if (!material.forRecipes()) {
            return;
        }
        try {
            MaterialSheet.of(material);
            Evaluator.glance(MixesTest.recipe(material, 1), Brief.OPEN, Knowledge.NOTHING);
            Evaluator.glance(
                    new Recipe(
                            Recipe.Measure.PARTS,
                            List.of(new Recipe.Part(Materials.material("peat"), 3), new Recipe.Part(material, 2)),
                            List.of()),
                    Brief.OPEN,
                    Knowledge.NOTHING);
        } catch (final RuntimeException e) {
            broken.add(material.id() + " " + material.name() + ": " + e.getMessage());
        }
    }
}
