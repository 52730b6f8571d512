package looseknit.core.need;

import java.util.List;

/**
 * A plant in the Book.
 *
 * @param id short name used in data
 * @param name common name
 * @param botanical botanical name
 * @param otherNames synonyms and further common names
 * @param group group whose needs it inherits
 * @param needs the group's needs with what differs for this plant
 * @param poison caution about poison; empty if none is known here
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
        String poison,
        String note,
        String source) {

    public Plant {
        otherNames = List.copyOf(otherNames);
    }
}
