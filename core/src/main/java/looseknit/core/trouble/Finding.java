package looseknit.core.trouble;

import java.util.List;
import java.util.Optional;
import java.util.Set;
import looseknit.core.message.Named;
import looseknit.core.need.Plant;

/** Something that can be looked at, with a few answers of which one holds; named by the question for it. What is known of the pot already is not asked. */
public enum Finding implements Named {
    OLD_LEAVES(Effort.GLANCE),
    YOUNG_LEAVES(Effort.GLANCE),
    COLOUR(Effort.GLANCE),
    TIPS(Effort.GLANCE),
    TEXTURE(Effort.GLANCE),
    FIRMNESS(Effort.GLANCE),
    SPOTS(Effort.GLANCE),
    BASE(Effort.TOUCH),
    DEPTH(Effort.GLANCE),
    WEIGHT(Effort.TOUCH),
    WATER(Effort.TOUCH),
    SURFACE(Effort.GLANCE),
    SMELL(Effort.TOUCH),
    ROOTS(Effort.UNPOT),
    HOLES(Effort.TOUCH),
    GROWTH(Effort.GLANCE),
    STANDS(Effort.TOUCH),
    INSECTS(Effort.GLANCE),
    TRAPS(Effort.GLANCE, "carnivorous", "pitcher_tropical"),
    BUDS(Effort.GLANCE),
    DROP(Effort.GLANCE),
    SPEED(Effort.GLANCE),
    WHERE(Effort.GLANCE),
    BESIDE(Effort.GLANCE),
    KNOWN_WATER(Effort.KNOWN),
    KNOWN_HAND(Effort.KNOWN),
    KNOWN_AIR(Effort.KNOWN),
    KNOWN_AGE(Effort.KNOWN),
    KNOWN_FOOD(Effort.KNOWN),
    KNOWN_SALTS(Effort.KNOWN),
    KNOWN_ACIDITY(Effort.KNOWN),
    KNOWN_CHANGE(Effort.KNOWN),
    KNOWN_SEASON(Effort.KNOWN),
    KNOWN_LIGHT(Effort.KNOWN),
    KNOWN_WARMTH(Effort.KNOWN),
    KNOWN_HUMIDITY(Effort.KNOWN);

    /** What it takes to see it; what is dearer is asked only if it tells more. By judgement. */
    enum Effort {
        KNOWN(0),
        GLANCE(1),
        TOUCH(1.15),
        UNPOT(1.8);

        private final double price;

        Effort(final double price) {
            this.price = price;
        }
    }

    private final Effort effort;
    private final Set<String> onlyGroups;

    Finding(final Effort effort, final String... onlyGroups) {
        this.effort = effort;
        this.onlyGroups = Set.of(onlyGroups);
    }

    /** Whether a person is asked for it; the others are known of the pot. */
    public boolean isAsked() {
        return effort != Effort.KNOWN;
    }

    /** Whether it can be seen at plants of a group. */
    boolean concerns(final String groupId) {
        return onlyGroups.isEmpty() || onlyGroups.contains(groupId);
    }

    /** Whether a person is asked for it at a plant; where that is not known, at any. */
    public boolean isAskedAt(final Optional<Plant> plant) {
        return isAsked() && concerns(plant.map(each -> each.group().id()).orElse(""));
    }

    double price() {
        return effort.price;
    }

    /** Its answers, the ordinary one last. */
    public List<Sign> signs() {
        return Sign.OF.getOrDefault(this, List.of());
    }
}
