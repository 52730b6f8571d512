package looseknit.core.planting;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.need.Growing;
import looseknit.core.need.Plant;

/**
 * Whether a plant may be repotted yet. Common practice, no source: a week to settle after a delivery, two when it suffered; better not while
 * it rests, unless it is a bog plant, which is moved best then.
 *
 * @param arrivedOn the day it came; nothing for a plant of the house
 * @param suffered whether it came limp, bruised, cold or bare-rooted
 * @param flowering whether it flowers
 * @param southern whether it lives south of the equator
 */
public record Newcomer(Optional<LocalDate> arrivedOn, boolean suffered, boolean flowering, boolean southern) {

    private static final int SETTLE_DAYS = 7;
    private static final int LONG_SETTLE_DAYS = 15;

    private static final int HALF_A_YEAR = 6;

    /**
     * The advice.
     *
     * @param from the first day on which it may be repotted
     * @param words what speaks for and against, weightiest first
     * @param better whether a better season is named in it
     */
    public record Advice(LocalDate from, List<Message> words, boolean better) {}

    /** What to do with this plant on a day. */
    public Advice on(final LocalDate day, final Plant plant) {
        if (arrivedOn.filter(on -> on.isAfter(day)).isPresent()) {
            throw new OutOfRangeException(
                    "arrivedOn", String.valueOf(arrivedOn.get()), NewcomerSentence.NOT_AHEAD.with());
        }
        final List<Message> words = new ArrayList<>();
        final int settle = suffered ? LONG_SETTLE_DAYS : SETTLE_DAYS;
        final LocalDate from = arrivedOn
                .map(on -> on.plusDays(settle))
                .filter(on -> on.isAfter(day))
                .orElse(day);
        if (from.isAfter(day)) {
            words.add(
                    suffered
                            ? NewcomerSentence.SETTLE_LONG.with(LONG_SETTLE_DAYS)
                            : NewcomerSentence.SETTLE.with(SETTLE_DAYS));
        }
        final boolean rests = rests(day, plant);
        final boolean bog = plant.isOfTheBog();
        if (bog) {
            words.add(rests ? NewcomerSentence.BOG_RESTS.with() : NewcomerSentence.BOG_GROWS.with());
        } else if (rests) {
            words.add(NewcomerSentence.RESTS.with(plant.growing().rest()));
        }
        if (plant.growing().repotting() == Growing.Repotting.NEVER) {
            words.add(NewcomerSentence.NEVER.with());
        } else if (plant.growing().repotting() == Growing.Repotting.RELUCTANT) {
            words.add(NewcomerSentence.RELUCTANT.with());
        }
        if (flowering) {
            words.add(NewcomerSentence.FLOWERS.with());
        }
        if (words.isEmpty()) {
            words.add(NewcomerSentence.GO_ON.with());
        }
        return new Advice(from, words, (bog && !rests) || (!bog && rests));
    }

    private boolean rests(final LocalDate day, final Plant plant) {
        return plant.growing().rest().covers(southern ? day.getMonth().plus(HALF_A_YEAR) : day.getMonth());
    }
}
