package looseknit.bench;

import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.find.Answer;
import looseknit.core.find.FindMixes;
import looseknit.core.find.Limits;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import looseknit.core.material.MaterialBook;
import looseknit.core.need.Brief;
import looseknit.core.need.Draught;
import looseknit.core.need.Habit;
import looseknit.core.need.Light;
import looseknit.core.need.Place;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.core.pot.Pot;
import looseknit.core.pot.PotWall;

/** Whole answers for plants of all groups, in clay and in plastic, the way that a person waits for them: what each stage of a search takes. */
final class AnswerTimes {

    /** What a search may take in the application. */
    private static final long MOST_MILLIS = 20_000;

    private AnswerTimes() {}

    /** Prints a line for each plant and a summary; arguments: materials, parts, and plants by id, else one of each group. */
    public static void main(final String[] arguments) {
        final int materials = Integer.parseInt(arguments.length > 0 ? arguments[0] : "25");
        final int parts = Integer.parseInt(arguments.length > 1 ? arguments[1] : "12");
        final List<String> plants = arguments.length > 2
                ? List.of(arguments).subList(2, arguments.length)
                : PlantBook.shipped().plants().stream()
                        .collect(Collectors.toMap(each -> each.group(), each -> each.id(), (first, later) -> first))
                        .values()
                        .stream()
                        .sorted()
                        .toList();
        answer(question("velvet_anthurium", PotWall.PLASTIC, 15, 8));
        final double[] seconds = new double[2 * plants.size()];
        for (int i = 0; i < seconds.length; i++) {
            final PotWall wall = i % 2 == 0 ? PotWall.CLAY : PotWall.PLASTIC;
            final Question question = question(plants.get(i / 2), wall, materials, parts);
            final long began = System.nanoTime();
            final Told told = new Told();
            final Answer answer = FindMixes.find(question, told);
            seconds[i] = (System.nanoTime() - began) / 1e9;
            System.out.printf(
                    "%-28s %-8s %6.2f s %s, fit %s, gap %.1f, %.2f of %.0f million read, %s %s%n",
                    plants.get(i / 2),
                    wall,
                    seconds[i],
                    answer.proof().proved() ? "proved" : "not proved",
                    answer.proposals().isEmpty()
                            ? "none"
                            : "%.0f".formatted(answer.proposals().get(0).fit()),
                    answer.proof().gap(),
                    answer.proof().read() / 1e6,
                    answer.proof().total() / 1e6,
                    told.stages(),
                    answer.said().isEmpty() ? "" : "(unusual)");
        }
        Arrays.sort(seconds);
        System.out.printf(
                "median %.2f s, nine in ten %.2f s, most %.2f s%n",
                seconds[seconds.length / 2], seconds[(int) (0.9 * seconds.length)], seconds[seconds.length - 1]);
    }

    private static Answer answer(final Question question) {
        return FindMixes.find(question, SearchListener.NOBODY);
    }

    /** Seconds by stage. */
    private static final class Told implements SearchListener {

        private final Map<Stage, Double> by = new EnumMap<>(Stage.class);
        private Stage stage = Stage.CLOSEST;
        private long since = System.nanoTime();

        @Override
        public boolean cancelled() {
            return false;
        }

        @Override
        public void progress(final Progress progress) {
            settle(progress.stage());
        }

        private void settle(final Stage next) {
            final long now = System.nanoTime();
            by.merge(stage, (now - since) / 1e9, Double::sum);
            stage = next;
            since = now;
        }

        String stages() {
            settle(stage);
            return by.entrySet().stream()
                    .map(each -> "%s %.2f".formatted(each.getKey().name().toLowerCase(Locale.ROOT), each.getValue()))
                    .collect(Collectors.joining(", "));
        }
    }

    private static Question question(final String plant, final PotWall wall, final int materials, final int parts) {
        final Brief brief = new Brief(
                Optional.of(PlantBook.shipped().plant(plant).orElseThrow()),
                Stage.ESTABLISHED,
                Optional.of(Pot.ordinary(14, wall)),
                Optional.of(new Place("a windowsill", 20, 50, Light.MEDIUM, Draught.STILL)),
                Optional.of(new Habit(7, Habit.Amount.THOROUGHLY, Habit.Hand.STEADY, Habit.Water.RAIN)));
        return Question.of(
                        brief,
                        FindTimes.candidates(materials),
                        new Limits(5, parts, OptionalDouble.empty(), MOST_MILLIS))
                .dosing(new Question.Doses(
                        MaterialBook.shipped().amendment("dolomite"),
                        Optional.empty(),
                        MaterialBook.shipped().amendment("granules")));
    }
}
