package looseknit.core.need;

import java.util.List;
import looseknit.core.message.TableText;
import looseknit.core.message.Titled;

/**
 * A plant in the Book.
 *
 * @param id short name used in data
 * @param name common name
 * @param botanical botanical name
 * @param otherNames synonyms and further common names
 * @param group group whose needs it inherits
 * @param needs the group's needs with what differs for this plant
 * @param growing the group's ways with what differs for this plant
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
        PlantGroup group,
        Needs needs,
        Growing growing,
        UsualMakeUp usual,
        TableText poison,
        TableText trade,
        TableText note,
        String source)
        implements Titled {

    public Plant {
        otherNames = List.copyOf(otherNames);
    }

    /** The same plant with other ways. */
    public Plant with(final Needs otherNeeds, final Growing otherGrowing) {
        return new Plant(
                id, name, botanical, otherNames, group, otherNeeds, otherGrowing, usual, poison, trade, note, source);
    }
}
