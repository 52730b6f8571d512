package looseknit.core.need;

import static looseknit.core.measure.Require.within;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.OptionalInt;
import looseknit.core.measure.Limit;
import looseknit.core.message.Named;

/**
 * What the grower wants of a mix beyond what the plant needs: the schools of the craft, each allowed, none preached.
 *
 * @param fibre which water-holding base
 * @param noCompost nothing that feeds by rotting in the mix
 * @param drainageLayer a drainage layer or none; nothing if it is all the same
 * @param mineralOnly no organic matter at all
 * @param cheap as cheap as it gets
 * @param light light to carry or to hang
 * @param mostMaterials at most so many materials, 1 to 12
 * @param lifeYears must keep its air for so many years, 0.5 to 20
 * @param school of which school; nothing accepts all
 */
public record Wishes(
        Fibre fibre,
        boolean noCompost,
        Optional<Boolean> drainageLayer,
        boolean mineralOnly,
        boolean cheap,
        boolean light,
        OptionalInt mostMaterials,
        OptionalDouble lifeYears,
        Optional<School> school) {

    /** Peat or coir. */
    public enum Fibre implements Named {
        EITHER,
        NO_PEAT,
        NO_COIR
    }

    /** No wishes. */
    public static final Wishes NONE = new Wishes(
            Fibre.EITHER, false, Optional.empty(), false, false, false, OptionalInt.empty(), OptionalDouble.empty());

    /** Wishes of no school. */
    public Wishes(
            final Fibre fibre,
            final boolean noCompost,
            final Optional<Boolean> drainageLayer,
            final boolean mineralOnly,
            final boolean cheap,
            final boolean light,
            final OptionalInt mostMaterials,
            final OptionalDouble lifeYears) {
        this(fibre, noCompost, drainageLayer, mineralOnly, cheap, light, mostMaterials, lifeYears, Optional.empty());
    }

    /** The same but for the water-holding base. */
    public Wishes with(final Fibre other) {
        return new Wishes(other, noCompost, drainageLayer, mineralOnly, cheap, light, mostMaterials, lifeYears, school);
    }

    /** The same, of a school or of none. */
    public Wishes of(final Optional<School> other) {
        return new Wishes(fibre, noCompost, drainageLayer, mineralOnly, cheap, light, mostMaterials, lifeYears, other);
    }

    /** The school whose mixes are wanted: the one that was wished for, or the one that follows from other wishes. */
    public Optional<School> schoolMeant() {
        if (school.isPresent()) {
            return school;
        }
        return mineralOnly ? Optional.of(School.MINERAL) : Optional.empty();
    }

    /** The same, and organic matter may be in it. */
    public Wishes withoutMineralOnly() {
        return new Wishes(fibre, noCompost, drainageLayer, false, cheap, light, mostMaterials, lifeYears, school);
    }

    /** The same, and it may be heavy. */
    public Wishes withoutLight() {
        return new Wishes(fibre, noCompost, drainageLayer, mineralOnly, cheap, false, mostMaterials, lifeYears, school);
    }

    public Wishes {
        mostMaterials.ifPresent(value -> within("wishes.mostMaterials", value, 1, 12, Limit.MATERIALS));
        lifeYears.ifPresent(value -> within("wishes.lifeYears", value, 0.5, 20, Limit.YEARS));
    }
}
