package looseknit.core.outlook;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import looseknit.core.dry.TopDressing;
import looseknit.core.measure.Estimate;
import looseknit.core.message.Dimension;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.planting.SetUp;
import looseknit.core.planting.SetUp.PoleKind;
import looseknit.core.planting.SetUp.RootBall;
import looseknit.core.pot.Column;
import looseknit.core.pot.DrainageLayer;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotBase;
import looseknit.core.pot.PotWall;
import looseknit.core.reading.PottedMix;

/** What each part of a set-up does to the pot, in words, against the same pot without it. */
final class SetUpEffects {

    /** A change of air that is worth a word [vol/vol]; a smaller one lies within what the model can tell. */
    private static final double WORTH_A_WORD = 0.01;

    private final PottedMix potted;
    private final PotFilling filling;
    private final Pot pot;
    private final SetUp setUp;
    private final List<Message> effects = new ArrayList<>();

    private SetUpEffects(final PottedMix potted, final PotFilling filling) {
        this.potted = potted;
        this.filling = filling;
        this.pot = filling.pot();
        this.setUp = filling.setUp();
    }

    static List<Message> of(final PottedMix potted, final PotFilling filling, final Estimate days) {
        final SetUpEffects all = new SetUpEffects(potted, filling);
        all.bottom();
        all.pot.layer().ifPresent(all::layer);
        all.beds();
        all.room();
        all.dressing(days);
        return all.effects;
    }

    private void bottom() {
        if (pot.base() == PotBase.NO_HOLES) {
            if (pot.baseCm() > pot.layerCm()) {
                effects.add(OutlookSentence.STANDS_IN_WATER.with(cm(pot.baseCm())));
            } else if (pot.layer().isEmpty()) {
                effects.add(OutlookSentence.NO_WAY_OUT.with());
            }
        }
        if (setUp.saucer()) {
            effects.add(OutlookSentence.SAUCER.with());
        }
        if (pot.wall() == PotWall.SLATS) {
            effects.add(OutlookSentence.SLATS.with());
        }
    }

    /** Stones under the mix: how far they lift its wet foot, and what that does to the air of the mix. */
    private void layer(final DrainageLayer layer) {
        if (pot.base() == PotBase.NO_HOLES) {
            effects.add((pot.baseCm() > pot.layerCm()
                            ? OutlookSentence.STONES_HOLD_WATER
                            : OutlookSentence.STONES_TAKE_SURPLUS)
                    .with(layer.material(), litres(pot.layerLitres() * PotFilling.BETWEEN_STONES)));
            return;
        }
        final Pot without = pot.over(Optional.empty());
        final Column before = Column.in(without, potted.mix());
        final Column after = Column.in(pot, potted.mix());
        final double lift = pot.layerCm() + after.wetZoneCm(potted.mix()) - before.wetZoneCm(potted.mix());
        if (setUp.beds().isEmpty() && !Column.breaksPull(layer, potted.mix())) {
            effects.add(OutlookSentence.LAYER_DRAINS_AS_ONE.with(layer.material()));
        } else {
            effects.add(OutlookSentence.LAYER_LIFTS.with(layer.material(), cm(lift)));
        }
        final double air = after.airFilledPorosity(potted.mix()) - before.airFilledPorosity(potted.mix());
        if (Math.abs(air) >= WORTH_A_WORD) {
            effects.add((air < 0 ? OutlookSentence.LESS_AIR : OutlookSentence.MORE_AIR)
                    .with(
                            Quantity.of(Dimension.POINTS, Math.abs(air), 0),
                            Quantity.of(Dimension.VOLUME, without.mixLitres() - pot.mixLitres(), 1)));
        }
    }

    private void beds() {
        for (int i = 0; i < setUp.beds().size(); i++) {
            final Message lower = filling.name(i);
            final Message upper = filling.name(i + 1);
            effects.add(
                    filling.all().get(i + 1).level().overBreak()
                            ? OutlookSentence.SEAM_STOPS.with(
                                    upper,
                                    lower,
                                    cm(filling.all().get(i + 1).level().wetZoneCm()))
                            : OutlookSentence.SEAM_LETS_THROUGH.with(upper, lower));
        }
    }

    /** What takes room from the mix. */
    private void room() {
        setUp.ball().ifPresent(this::ball);
        setUp.pole().ifPresent(pole -> {
            if (pole.kind() == PoleKind.STAKE) {
                effects.add(OutlookSentence.STAKE_TAKES.with(
                        litres(setUp.takenLitres(setUp.underMixCm(pot), pot.fillCm()))));
            } else if (pole.kind() == PoleKind.FILLED) {
                effects.add(OutlookSentence.POLE_TAKES.with(
                        litres(Math.PI / 4 * pole.widthCm() * pole.widthCm() * pole.heightCm() / 1000)));
            }
        });
        if (setUp.channelCm() > 0) {
            effects.add(OutlookSentence.CHANNEL.with(litres(setUp.channelLitres(pot))));
        }
        final double free =
                pot.litresToRim() - pot.litresBetween(0, Math.min(pot.heightCm(), pot.fillCm() + setUp.dressingCm()));
        effects.add(
                free > 0.005 * pot.litresToRim()
                        ? OutlookSentence.ROOM_TO_WATER.with(litres(free))
                        : OutlookSentence.NO_ROOM_TO_WATER.with());
    }

    private void ball(final RootBall ball) {
        final double times = pot.mixLitres() / ball.litres();
        effects.add(
                times > 3
                        ? OutlookSentence.BALL_LOST.with(Quantity.of(Dimension.NUMBER, times, 1))
                        : OutlookSentence.BALL_TAKES.with(
                                litres(ball.buriedLitres()), Quantity.of(Dimension.NUMBER, times, 1)));
        if (ball.aboveCm() < -1) {
            effects.add(OutlookSentence.BALL_BURIED.with(cm(-ball.aboveCm())));
        }
    }

    private void dressing(final Estimate days) {
        if (setUp.onTop() == TopDressing.NONE) {
            return;
        }
        final Estimate without =
                PotPortrait.days(potted, PotPortrait.drying(potted, new PotFilling(potted, setUp.bare())));
        effects.add(OutlookSentence.DRESSING_KEEPS.with(
                setUp.dressing(), Quantity.of(Dimension.DAYS, Math.max(0, days.value() - without.value()), 1)));
    }

    private static Quantity cm(final double value) {
        return Quantity.trimmed(Dimension.LENGTH, value, 1);
    }

    private static Quantity litres(final double value) {
        return value < 1 ? Quantity.of(Dimension.WATER, 1000 * value, 0) : Quantity.of(Dimension.VOLUME, value, 1);
    }
}
