package looseknit.core.need;

import java.util.List;
import looseknit.core.message.TableText;

/**
 * Plants whose roots ask for much the same.
 *
 * @param general name of a plant of which no more is known than that it is one of these
 * @param called words by which people look for any of them: "cactus"
 * @param needs what they ask of a mix
 * @param growing how they live
 * @param poison caution about poison that holds for the group; empty if none
 * @param trade note on trade rules; empty if none
 * @param roots why the air and water are as they are
 * @param acidity why the pH is as it is
 * @param food why the food is as it is
 * @param life why the mix must last as long as it must
 * @param source where the figures come from
 */
public record PlantGroup(
        String id,
        String name,
        String general,
        List<String> called,
        Needs needs,
        Growing growing,
        TableText poison,
        TableText trade,
        TableText roots,
        TableText acidity,
        TableText food,
        TableText life,
        String source) {

    public PlantGroup {
        called = List.copyOf(called);
    }
}
