package looseknit.server.store;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.atomic.AtomicInteger;
import org.junit.jupiter.api.Test;

class RememberedTest {

    private final Remembered<Integer> remembered = new Remembered<>();
    private final AtomicInteger worked = new AtomicInteger();

    @Test
    void worksOutOnceUntilSomethingChanges() {
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(1);
        remembered.forget();
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(2);
    }

    @Test
    void keepsNothingThatWasBegunBeforeAChange() {
        final int old = remembered.get(() -> {
            remembered.forget();
            return worked.incrementAndGet();
        });
        assertThat(old).isEqualTo(1);
        assertThat(remembered.get(worked::incrementAndGet)).isEqualTo(2);
    }
}
