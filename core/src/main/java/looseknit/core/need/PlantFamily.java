package looseknit.core.need;

import java.util.List;
import looseknit.core.message.TableText;

/**
 * A botanical family: what is poisonous or regulated in trade is so by kinship, not by how the plant grows.
 *
 * @param id botanical name: "Araceae"
 * @param name common name: "arum family"
 * @param genera genera of it that the Book has
 * @param poison caution that holds for its plants unless one is told apart; empty if none does
 * @param trade note on trade rules that holds for its plants unless one is told apart; empty if none does
 * @param source where the cautions come from
 */
public record PlantFamily(
        String id, String name, List<String> genera, TableText poison, TableText trade, String source) {

    public PlantFamily {
        genera = List.copyOf(genera);
    }
}
