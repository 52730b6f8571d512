package looseknit.server.need;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.Embedded;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.Optional;
import looseknit.core.need.Brief;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.need.Stage;
import looseknit.server.frame.UnknownName;
import org.jspecify.annotations.Nullable;

/**
 * A brief as it travels and is stored. Whatever is not known is null.
 *
 * @param plantId id of the plant in the Book
 */
@Embeddable
public record BriefBody(
        @Column(name = "plant_id") @Size(max = 80) @Nullable String plantId,

        @Column(name = "stage") @Enumerated(EnumType.STRING) @NotNull
        Stage stage,

        @Embedded @Valid @Nullable PotBody pot,
        @Embedded @Valid @Nullable PlaceBody place,
        @Embedded @Valid @Nullable HabitBody habit) {

    /** A brief that says nothing. */
    public static final BriefBody OPEN = new BriefBody(null, Stage.ESTABLISHED, null, null, null);

    /**
     * The brief as the core understands it.
     *
     * @throws UnknownName if the plant is not in the Book
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public Brief toCore() {
        return new Brief(
                Optional.ofNullable(plantId).filter(id -> !id.isBlank()).map(BriefBody::plant),
                stage,
                Optional.ofNullable(pot).map(PotBody::toCore),
                Optional.ofNullable(place).map(PlaceBody::toCore),
                Optional.ofNullable(habit).map(HabitBody::toCore));
    }

    private static Plant plant(final String id) {
        final PlantBook book = PlantBook.shipped();
        return book.plant(id)
                .orElseThrow(() -> new UnknownName(
                        "brief.plantId",
                        "plant",
                        id,
                        "Nearest: "
                                + String.join(
                                        ", ",
                                        book.closest(id, 3).stream()
                                                .map(Plant::name)
                                                .toList())
                                + "."));
    }
}
