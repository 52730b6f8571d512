package looseknit.server.need;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import looseknit.core.need.UsualPlaces;
import looseknit.server.frame.Seen;
import org.jspecify.annotations.Nullable;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** Places to choose from: the person's own first, then usual ones. */
@RestController
@RequestMapping("/api/places")
class PlacesController {

    private final NamedPlaces places;

    PlacesController(final NamedPlaces places) {
        this.places = places;
    }

    /**
     * A place, and whether the person named it.
     *
     * @param revision how it stands; null for one that nobody has named
     */
    record ChoiceBody(
            PlaceBody place, boolean own, @Nullable Long revision) {

        static ChoiceBody of(final NamedPlace named) {
            return new ChoiceBody(named.place(), true, named.revision());
        }
    }

    @GetMapping
    @Transactional(readOnly = true)
    List<ChoiceBody> all() {
        final List<ChoiceBody> choices = new ArrayList<>(
                places.findAllByOrderByName().stream().map(ChoiceBody::of).toList());
        UsualPlaces.all().stream()
                .map(PlaceBody::of)
                .filter(usual -> choices.stream()
                        .noneMatch(choice -> choice.place().name().equalsIgnoreCase(usual.name())))
                .forEach(usual -> choices.add(new ChoiceBody(usual, false, null)));
        return choices;
    }

    /**
     * Remembers a place under its name; a place of that name is changed.
     *
     * @param revision how the place stood that is changed; none for a new one
     */
    @PutMapping
    @Transactional
    ChoiceBody remember(
            @RequestBody @Valid final PlaceBody body, @RequestParam(required = false) final @Nullable Long revision) {
        final PlaceBody checked = PlaceBody.of(body.toCore());
        final NamedPlace place =
                places.findByName(checked.name()).orElseGet(() -> new NamedPlace(UUID.randomUUID(), checked));
        if (!checked.equals(place.place())) {
            Seen.check("place", revision, place.revision(), () -> ChoiceBody.of(place));
            place.become(checked);
        }
        return ChoiceBody.of(places.saveAndFlush(place));
    }
}
