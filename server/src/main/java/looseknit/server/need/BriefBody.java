package looseknit.server.need;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import looseknit.core.need.Brief;
import looseknit.core.need.Plant;
import looseknit.core.need.Stage;
import looseknit.core.need.Wishes;
import looseknit.server.frame.Books;
import looseknit.server.frame.UnknownName;
import org.jspecify.annotations.Nullable;

/**
 * A brief as it travels. Whatever is not known is null.
 *
 * @param plantId id of the plant in the Book
 * @param companionIds ids of further plants in the same pot
 * @param spread width of the plant over the width of the pot; null for what is usual
 */
public record BriefBody(
        @Size(max = 80) @Nullable String plantId,

        @Size(max = 5) @Nullable List<@NotNull @Size(max = 80) @Pattern(regexp = "[^,]+") String> companionIds,

        @NotNull Stage stage,

        @Valid @Nullable PotBody pot,
        @Valid @Nullable PlaceBody place,
        @Valid @Nullable HabitBody habit,
        @Valid @Nullable WishesBody wishes,
        @Nullable Double spread) {

    /** A brief that says nothing. */
    public static final BriefBody OPEN = new BriefBody(null, null, Stage.ESTABLISHED, null, null, null, null, null);

    /** The same brief with another pot. */
    public BriefBody in(final PotBody other) {
        return new BriefBody(plantId, companionIds, stage, other, place, habit, wishes, spread);
    }

    /** The same brief at another place. */
    public BriefBody at(final PlaceBody other) {
        return new BriefBody(plantId, companionIds, stage, pot, other, habit, wishes, spread);
    }

    /** A brief of the core as it travels. */
    public static BriefBody of(final Brief brief) {
        return new BriefBody(
                brief.plant().map(Plant::id).orElse(null),
                brief.companions().isEmpty()
                        ? null
                        : brief.companions().stream().map(Plant::id).toList(),
                brief.stage(),
                brief.pot().map(PotBody::of).orElse(null),
                brief.place().map(PlaceBody::of).orElse(null),
                brief.habit().map(HabitBody::of).orElse(null),
                WishesBody.of(brief.wishes()),
                brief.spread().isPresent() ? brief.spread().getAsDouble() : null);
    }

    /**
     * The brief as the core understands it.
     *
     * @throws UnknownName if a plant is not in the Book
     * @throws looseknit.core.measure.OutOfRangeException if a figure is out of range
     */
    public Brief toCore(final Books books) {
        return new Brief(
                Optional.ofNullable(plantId).filter(id -> !id.isBlank()).map(id -> plant(books, "brief.plantId", id)),
                Optional.ofNullable(companionIds).orElse(List.of()).stream()
                        .map(id -> plant(books, "brief.companionIds", id))
                        .toList(),
                stage,
                Optional.ofNullable(pot).map(each -> each.toCore(books)),
                Optional.ofNullable(place).map(PlaceBody::toCore),
                Optional.ofNullable(habit).map(HabitBody::toCore),
                Optional.ofNullable(wishes).map(WishesBody::toCore).orElse(Wishes.NONE),
                spread == null ? OptionalDouble.empty() : OptionalDouble.of(spread));
    }

    private static Plant plant(final Books books, final String field, final String id) {
        return books.plants()
                .plant(id)
                .orElseThrow(() -> new UnknownName(
                        field,
                        "plant",
                        id,
                        books.plants().named(id.replace('_', ' '), 3).hits().stream()
                                .map(hit -> hit.thing().name())
                                .collect(Collectors.joining(", ", "Nearest: ", "."))));
    }
}
