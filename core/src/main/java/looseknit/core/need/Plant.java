package looseknit.core.need;

import java.util.List;
import java.util.Optional;
import looseknit.core.message.TableText;
import looseknit.core.message.Titled;

/**
 * A plant in the Book.
 *
 * @param id short name used in data
 * @param name common name
 * @param botanical botanical name; empty for an entry that stands for a kind or a group
 * @param otherNames synonyms and further common names
 * @param kind the kind whose needs it inherits
 * @param family its botanical family; nothing if that is not known
 * @param breadth how much the entry stands for
 * @param needs the kind's needs with what differs for this plant
 * @param growing the kind's ways with what differs for this plant
 * @param usual what usually is in its mix
 * @param poison caution about poison; empty if none is known here
 * @param trade note on trade rules; empty if none is known here
 * @param note what to know about it
 * @param source where the differences come from
 */
public record Plant(
        String id,
        String name,
        String botanical,
        List<String> otherNames,
        PlantKind kind,
        Optional<PlantFamily> family,
        Breadth breadth,
        Needs needs,
        Growing growing,
        UsualMakeUp usual,
        TableText poison,
        TableText trade,
        TableText note,
        String source)
        implements Titled {

    /** How much an entry of the Book stands for. */
    public enum Breadth {
        /** A species or a group of hybrids. */
        ONE,
        /** Any plant of a genus. */
        GENUS,
        /** Any plant of a kind or a group. */
        KIND
    }

    public Plant {
        otherNames = List.copyOf(otherNames);
    }

    /** Whether it grows in a bog: wet, without feed, moved best while it rests. */
    public boolean isOfTheBog() {
        return group().id().equals("carnivorous");
    }

    /** Whether it is fed at all: bog plants live on what they catch. */
    public boolean isFed() {
        return needs.nitrogen().high() > 0 && !isOfTheBog();
    }

    /** Whether it is fed in the dark months: what grows in winter is, but for stone plants and their kin, which live on their old leaves then. */
    public boolean isFedInWinter() {
        return growing.rest() == Growing.Rest.SUMMER_DRY && !kind.id().equals("dwarf_mesemb");
    }

    /** The group that its kind belongs to. */
    public PlantGroup group() {
        return kind.group();
    }

    /** The genus: the first word of the botanical name but for the sign of a hybrid; empty if there is none. */
    public String genus() {
        final String[] words = botanical.split(" ");
        return words[0].equals("×") && words.length > 1 ? words[1] : words[0];
    }

    /** The same plant with other ways. */
    public Plant with(final Needs otherNeeds, final Growing otherGrowing) {
        return new Plant(
                id,
                name,
                botanical,
                otherNames,
                kind,
                family,
                breadth,
                otherNeeds,
                otherGrowing,
                usual,
                poison,
                trade,
                note,
                source);
    }
}
