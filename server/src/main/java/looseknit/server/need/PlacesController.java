package looseknit.server.need;

import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import looseknit.core.need.UsualPlaces;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Places to choose from: the person's own first, then usual ones. */
@RestController
@RequestMapping("/api/places")
class PlacesController {

    private final NamedPlaces places;

    PlacesController(final NamedPlaces places) {
        this.places = places;
    }

    /** A place, and whether the person named it. */
    record ChoiceBody(PlaceBody place, boolean own) {}

    @GetMapping
    @Transactional(readOnly = true)
    List<ChoiceBody> all() {
        final List<ChoiceBody> choices = new ArrayList<>(places.findAllByOrderByName().stream()
                .map(each -> new ChoiceBody(each.place(), true))
                .toList());
        UsualPlaces.all().stream()
                .map(PlaceBody::of)
                .filter(usual -> choices.stream()
                        .noneMatch(choice -> choice.place().name().equalsIgnoreCase(usual.name())))
                .forEach(usual -> choices.add(new ChoiceBody(usual, false)));
        return choices;
    }

    /** Remembers a place under its name; a place of that name is changed. */
    @PutMapping
    @Transactional
    ChoiceBody remember(@RequestBody @Valid final PlaceBody body) {
        final PlaceBody checked = PlaceBody.of(body.toCore());
        places.findByName(checked.name())
                .ifPresentOrElse(
                        found -> found.become(checked), () -> places.save(new NamedPlace(UUID.randomUUID(), checked)));
        return new ChoiceBody(checked, true);
    }
}
