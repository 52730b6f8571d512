package looseknit.server.blend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.mockito.ArgumentMatchers.any;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.UUID;
import java.util.stream.IntStream;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import looseknit.server.frame.Books;
import looseknit.server.frame.Stopping;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.KnownSource;
import looseknit.server.reading.RecipeBody;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;

/** However many blends there are, nobody waits for more than a few of them to be read for another plant. */
class ReadForPlantsTest {

    private static final int MANY = 1000;

    private final BlendCardRepository cards = mock();
    private final Stopping stopping = mock();
    private final Plant plant = mock();
    private final ReadForPlants read = new ReadForPlants(
            mock(Books.class),
            mock(KnownSource.class),
            cards,
            new TransactionTemplate(mock(PlatformTransactionManager.class)),
            stopping);

    private final List<ReadForPlants.Stored> blends = new ArrayList<>(IntStream.range(0, MANY)
            .mapToObj(i -> new ReadForPlants.Stored(new UUID(7, i), 0))
            .toList());

    /** Which were read, in that order. */
    private final List<UUID> taken = new ArrayList<>();

    @BeforeEach
    void store() {
        when(plant.id()).thenReturn("jade");
        final RecipeBody recipe = mock();
        when(recipe.toCore(any())).thenThrow(new OutOfRangeException("recipe", "none", TableText.said("one")));
        when(cards.written(any())).thenAnswer(asked -> {
            final Collection<UUID> ids = asked.getArgument(0);
            taken.addAll(ids);
            return blends.stream()
                    .filter(each -> ids.contains(each.id()))
                    .map(each -> new ReadForPlants.Written(each.id(), each.revision(), BriefBody.OPEN, recipe))
                    .toList();
        });
    }

    @Test
    void theFirstAreReadAtOnceAndTheRestIsReadOn() {
        final ReadForPlants.AsRead first = read.of(plant, blends);

        final int waitedFor = taken.size();
        assertThat(waitedFor).isPositive().isLessThan(MANY / 10);
        assertThat(first.readings()).extracting(ReadForPlants.Reading::id).isEqualTo(taken);
        assertThat(first.left())
                .isEqualTo(blends.stream()
                        .skip(waitedFor)
                        .map(ReadForPlants.Stored::id)
                        .toList());

        readOnToTheEnd();
        assertThat(taken).hasSize(MANY).doesNotHaveDuplicates();
        final ReadForPlants.AsRead all = read.of(plant, blends);
        assertThat(all.left()).isEmpty();
        assertThat(all.readings()).hasSize(MANY);
        assertThat(taken).hasSize(MANY);
    }

    @Test
    void onlyWhatHasChangedIsReadAgain() {
        read.of(plant, blends);
        readOnToTheEnd();
        taken.clear();
        blends.set(3, new ReadForPlants.Stored(blends.get(3).id(), 1));

        assertThat(read.of(plant, blends).left()).isEmpty();
        assertThat(taken).containsExactly(blends.get(3).id());
    }

    @Test
    void whatIsKnownOfAnEarlierStateIsStillToBeRead() {
        read.of(plant, blends);
        readOnToTheEnd();
        blends.replaceAll(each -> new ReadForPlants.Stored(each.id(), 1));

        final ReadForPlants.AsRead again = read.of(plant, blends);

        assertThat(again.readings()).isNotEmpty().allMatch(each -> each.revision() == 1);
        assertThat(again.left()).hasSize(MANY - again.readings().size());
    }

    @Test
    void whatWasLeftIsNotReadOnceAnythingHasChangedThatItIsReadBy() {
        read.of(plant, blends);
        taken.clear();

        read.changed();
        readOnToTheEnd();

        assertThat(taken).isEmpty();
        assertThat(read.of(plant, blends).left()).isNotEmpty();
    }

    @Test
    void aStopEndsIt() {
        read.of(plant, blends);
        taken.clear();
        when(stopping.stopping()).thenReturn(true);

        readOnToTheEnd();

        assertThat(taken).isEmpty();
    }

    private void readOnToTheEnd() {
        for (int turn = 0; turn < MANY; turn++) {
            read.readOn();
        }
    }
}
