package looseknit.core.need;

import java.util.List;
import looseknit.core.message.TableText;

/**
 * Plants of a group that differ from the rest of it in the same way: bulbs that are potted anew each year, begonias with canes. A group without
 * further kinds is a kind of its own.
 *
 * @param id short name used in data
 * @param name what they are called together: "cane begonias"
 * @param general name of a plant of which no more is known than that it is one of these
 * @param called words by which people look for any of them: "cactus"
 * @param needs the group's needs with what differs for this kind
 * @param growing the group's ways with what differs for this kind
 * @param usual what usually is in its mix
 * @param poison caution about poison; empty if none holds for all of them
 * @param trade note on trade rules; empty if none holds for all of them
 * @param source where the differences come from
 */
public record PlantKind(
        String id,
        String name,
        String general,
        List<String> called,
        PlantGroup group,
        Needs needs,
        Growing growing,
        UsualMakeUp usual,
        TableText poison,
        TableText trade,
        String source) {

    public PlantKind {
        called = List.copyOf(called);
    }
}
