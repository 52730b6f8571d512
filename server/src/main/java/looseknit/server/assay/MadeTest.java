package looseknit.server.assay;

import jakarta.persistence.Column;
import jakarta.persistence.Convert;
import jakarta.persistence.Entity;
import jakarta.persistence.Id;
import jakarta.persistence.Table;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import looseknit.core.assay.Assay;
import looseknit.core.assay.Beliefs;
import looseknit.core.assay.Finding;
import looseknit.core.assay.Surprise;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.Mix;
import looseknit.core.blend.Recipe;
import looseknit.core.message.Message;
import looseknit.server.frame.Books;
import looseknit.server.reading.RecipeBody;
import looseknit.server.reading.RecipeColumn;
import org.jspecify.annotations.Nullable;

/** A test that was made of a blend, with the recipe as it was then. */
@Entity
@Table(name = "bench_test")
public final class MadeTest {

    @Id
    private UUID id;

    @Column(name = "blend_id")
    private UUID blendId;

    @Column(name = "made_on")
    private LocalDate madeOn;

    @Convert(converter = TestColumn.class)
    private TestBody test;

    @Column(name = "temperature_c")
    private double temperatureC;

    @Convert(converter = RecipeColumn.class)
    private RecipeBody recipe;

    /** The batch that it was made of; null for one of the blend as it stood. */
    @Column(name = "batch_id")
    private @Nullable UUID batchId;

    /** How long ago each dose had gone in, where they did not all go in when it was mixed [weeks]. */
    @Column(name = "ages_weeks")
    @Convert(converter = AgesColumn.class)
    private @Nullable List<Double> agesWeeks;

    @Column(name = "stored_at")
    private Instant storedAt;

    @Column(name = "removed_at")
    private @Nullable Instant removedAt;

    MadeTest() {}

    MadeTest(
            final UUID id,
            final UUID blendId,
            final LocalDate madeOn,
            final TestBody test,
            final RecipeBody recipe,
            final double temperatureC,
            final Instant now) {
        this.id = id;
        this.blendId = blendId;
        this.madeOn = madeOn;
        this.test = test;
        this.recipe = new RecipeBody(recipe.measure(), recipe.parts(), recipe.doses(), null);
        this.temperatureC = temperatureC;
        this.storedAt = now;
    }

    void ofBatch(final UUID batch, final List<Double> ages) {
        this.batchId = batch;
        this.agesWeeks = List.copyOf(ages);
    }

    public @Nullable UUID batchId() {
        return batchId;
    }

    void remove(final Instant now) {
        this.removedAt = now;
    }

    @Nullable
    Instant removedAt() {
        return removedAt;
    }

    void restore() {
        this.removedAt = null;
    }

    public UUID id() {
        return id;
    }

    public UUID blendId() {
        return blendId;
    }

    public LocalDate madeOn() {
        return madeOn;
    }

    public TestBody test() {
        return test;
    }

    /** What it showed, beside what was predicted for the recipe as it was. */
    public List<Finding> findings(final Books books) {
        final Mix mix = mix(books);
        return test.toCore().findings(mix, acidity(mix, books));
    }

    private Acidity acidity(final Mix mix, final Books books) {
        final Acidity fresh = Acidity.of(mix, recipe(books).doses(), temperatureC);
        return agesWeeks == null || agesWeeks.size() != fresh.doses().size() ? fresh : fresh.given(agesWeeks);
    }

    /** What it showed, beside what was believed before and after. */
    List<Surprise> surprises(final Beliefs before, final Books books) {
        final Mix mix = mix(books);
        final List<Surprise> surprises = new ArrayList<>();
        Beliefs beliefs = before;
        for (final Finding finding : findings(books)) {
            surprises.add(Surprise.of(finding, beliefs, mix, blendId.toString(), heap()));
            beliefs = beliefs.after(finding, mix, blendId.toString(), heap());
        }
        return surprises;
    }

    /** How moist the heap was found, by a test of that. */
    Optional<Message> state(final Books books) {
        return test.toCore() instanceof Assay.Moisture moisture
                ? Optional.of(moisture.state(mix(books)).words())
                : Optional.empty();
    }

    /** What is believed after this test too. */
    Beliefs after(final Beliefs before, final Books books) {
        final Mix mix = mix(books);
        Beliefs beliefs = before;
        for (final Finding finding : findings(books)) {
            beliefs = beliefs.after(finding, mix, blendId.toString(), heap());
        }
        return beliefs;
    }

    /** The heap that it was made of: the batch, or the blend as it stood. */
    private String heap() {
        return (batchId == null ? blendId : batchId).toString();
    }

    private Mix mix(final Books books) {
        return Mix.of(recipe(books));
    }

    private Recipe recipe(final Books books) {
        return recipe.toCore(books);
    }
}
