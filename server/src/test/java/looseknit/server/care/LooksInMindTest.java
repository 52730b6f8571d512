package looseknit.server.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.ArgumentMatchers.anyLong;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import looseknit.core.care.Answer;
import looseknit.core.measure.Estimate;
import looseknit.server.need.BriefBody;
import looseknit.server.pot.PotRevision;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingRepository;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** Looks are read once, and each counts once, whatever happens while they are read. */
class LooksInMindTest {

    private static final LocalDate DAY = LocalDate.of(2026, 5, 1);
    private static final UUID FERN = new UUID(0, 1);
    private static final UUID PALM = new UUID(0, 2);
    private static final UUID NEW = new UUID(0, 3);

    private final PottingRepository pottings = mock();
    private final LookRepository looks = mock();
    private final LooksInMind inMind = new LooksInMind(looks, pottings);

    private final Map<UUID, Long> revisions = new LinkedHashMap<>(Map.of(FERN, 0L, PALM, 0L));
    private final List<LookRow> stored = new ArrayList<>();
    private long sequence;

    /** How many looks were read. */
    private int read;

    /** What happens while pots have been read and their looks not yet. */
    private Runnable between = () -> {};

    @BeforeEach
    void store() {
        when(pottings.revisions())
                .thenAnswer(asked -> revisions.entrySet().stream()
                        .map(each -> new PotRevision(each.getKey(), each.getValue()))
                        .toList());
        when(pottings.findAllById(any())).thenAnswer(asked -> {
            final List<Potting> pots = asked.<Collection<UUID>>getArgument(0).stream()
                    .map(this::pot)
                    .toList();
            between.run();
            return pots;
        });
        when(looks.count()).thenAnswer(asked -> (long) stored.size());
        when(looks.counts()).thenAnswer(asked -> counts(revisions.keySet()));
        when(looks.counts(any())).thenAnswer(asked -> counts(asked.getArgument(0)));
        when(looks.after(anyLong(), any())).thenAnswer(asked -> {
            final long last = asked.getArgument(0);
            final Collection<UUID> pots = asked.getArgument(1);
            final List<LookRow> rows = stored.stream()
                    .filter(each -> each.sequence() > last && pots.contains(each.pottingId()))
                    .toList();
            read += rows.size();
            return rows;
        });
    }

    private List<LookCount> counts(final Collection<UUID> pots) {
        return stored.stream()
                .filter(each -> pots.contains(each.pottingId()))
                .collect(Collectors.groupingBy(LookRow::pottingId, Collectors.counting()))
                .entrySet()
                .stream()
                .map(each -> new LookCount(each.getKey(), each.getValue()))
                .toList();
    }

    private Potting pot(final UUID id) {
        final Potting pot = mock();
        when(pot.id()).thenReturn(id);
        when(pot.revision()).thenReturn(revisions.getOrDefault(id, 0L));
        when(pot.label()).thenReturn(id.toString());
        when(pot.state()).thenReturn(Potting.State.HERE);
        when(pot.brief()).thenReturn(mock(BriefBody.class));
        when(pot.expectedDays()).thenReturn(mock(Estimate.class));
        return pot;
    }

    private void look(final UUID pot, final Answer answer) {
        sequence++;
        stored.add(new LookRow(pot, sequence, DAY.plusDays(sequence), answer, DAY, false));
        revisions.merge(pot, 1L, Long::sum);
    }

    private void takeBackTheLastOf(final UUID pot) {
        final LookRow last = stored.stream()
                .filter(each -> each.pottingId().equals(pot))
                .reduce((one, next) -> next)
                .orElseThrow();
        stored.remove(last);
        revisions.merge(pot, 1L, Long::sum);
    }

    private Map<Answer, Long> answers() {
        return inMind.answers(DAY.getYear());
    }

    @Test
    void onlyWhatCameSinceIsRead() {
        for (int i = 0; i < 10; i++) {
            look(FERN, Answer.WATERED);
            look(PALM, Answer.STILL_MOIST);
        }
        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 10L, Answer.STILL_MOIST, 10L));
        read = 0;

        look(FERN, Answer.SKIPPED);

        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 10L, Answer.STILL_MOIST, 10L, Answer.SKIPPED, 1L));
        assertThat(read).isEqualTo(1);
        assertThat(inMind.here().stream()
                        .mapToInt(pot -> pot.looks().waterings().size()))
                .containsExactly(10, 0);
    }

    @Test
    void aNewPotDoesNotMakeThoseOfOthersReadAgain() {
        for (int i = 0; i < 10; i++) {
            look(FERN, Answer.WATERED);
        }
        answers();
        read = 0;

        look(NEW, Answer.STILL_MOIST);
        look(FERN, Answer.SKIPPED);

        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 10L, Answer.STILL_MOIST, 1L, Answer.SKIPPED, 1L));
        assertThat(read).isEqualTo(2);
    }

    /** One went and one came: as many as before. */
    @Test
    void oneThatIsTakenBackForAnotherDoesNotCount() {
        look(FERN, Answer.WATERED);
        look(FERN, Answer.STILL_MOIST);
        assertThat(answers()).containsEntry(Answer.STILL_MOIST, 1L);

        takeBackTheLastOf(FERN);
        look(FERN, Answer.WATERED);

        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 2L));
    }

    @Test
    void aLookThatComesWhileTheyAreReadCountsOnce() {
        look(FERN, Answer.WATERED);
        between = () -> {
            between = () -> {};
            look(FERN, Answer.SKIPPED);
        };

        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 1L, Answer.SKIPPED, 1L));
        look(FERN, Answer.SKIPPED);
        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 1L, Answer.SKIPPED, 2L));
    }

    /** In a file that was taken in, for instance: the pots are as they were. */
    @Test
    void looksThatCameWithoutAChangeOfTheirPotAreFound() {
        look(FERN, Answer.WATERED);
        look(PALM, Answer.WATERED);
        answers();
        read = 0;

        stored.add(new LookRow(PALM, ++sequence, DAY, Answer.SKIPPED, DAY, false));

        assertThat(answers()).isEqualTo(Map.of(Answer.WATERED, 2L, Answer.SKIPPED, 1L));
        assertThat(read).isEqualTo(1);
    }
}
