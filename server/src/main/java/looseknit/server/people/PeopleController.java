package looseknit.server.people;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import java.security.Principal;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import looseknit.server.frame.Refused;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.data.domain.Limit;
import org.springframework.http.HttpStatus;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseStatus;
import org.springframework.web.bind.annotation.RestController;

/** People who share the house: signing in and out, who they are, and who did what. */
@RestController
@RequestMapping("/api/people")
class PeopleController {

    private static final int MOST_DEEDS = 300;

    private final ObjectProvider<People> people;
    private final ObjectProvider<Reception> reception;
    private final DeedRepository deeds;

    PeopleController(
            final ObjectProvider<People> people,
            final ObjectProvider<Reception> reception,
            final DeedRepository deeds) {
        this.people = people;
        this.reception = reception;
        this.deeds = deeds;
    }

    /** Somebody who shares the house. */
    record PersonBody(String name, long revision, Role role, Instant since) {

        static PersonBody of(final Account account) {
            return new PersonBody(account.name(), account.revision(), account.role(), account.madeAt());
        }
    }

    /** Somebody who signs in. */
    record SignInBody(@NotNull String name, @NotNull String password) {}

    /** Somebody new. */
    record NewPersonBody(
            @NotNull String name,
            @NotNull Role role,
            @NotNull String password) {}

    /** Another role. */
    record RoleBody(long revision, @NotNull Role role) {}

    /** A new password, and for one's own the one before. */
    record PasswordBody(@Nullable String before, @NotNull String password) {}

    /** Something that somebody did: the request in words, and where. */
    record DeedBody(Instant at, String who, String what, String address) {}

    @PostMapping("/sign-in")
    PersonBody signIn(
            @RequestBody @Valid final SignInBody body,
            final HttpServletRequest request,
            final HttpServletResponse response) {
        return PersonBody.of(reception().signIn(body.name(), body.password(), request, response));
    }

    @PostMapping("/sign-out")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void signOut(
            final HttpServletRequest request,
            final Principal who,
            @RequestParam(defaultValue = "false") final boolean everywhere) {
        reception().signOut(who.getName(), everywhere, request);
    }

    /** One's own password, by the one before; all sessions end. */
    @PutMapping("/own-password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void ownPassword(@RequestBody @Valid final PasswordBody body, final Principal who) {
        reception().changePassword(who.getName(), body.before() == null ? "" : body.before(), body.password());
    }

    @GetMapping
    List<PersonBody> all() {
        return people().all().stream().map(PersonBody::of).toList();
    }

    @PostMapping
    PersonBody add(@RequestBody @Valid final NewPersonBody body) {
        return PersonBody.of(people().add(body.name(), body.role(), body.password()));
    }

    @PutMapping("/{name}/role")
    PersonBody change(@PathVariable final String name, @RequestBody @Valid final RoleBody body) {
        return PersonBody.of(people().change(name, body.revision(), body.role()));
    }

    @PutMapping("/{name}/password")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void setPassword(@PathVariable final String name, @RequestBody @Valid final PasswordBody body) {
        people().setPassword(name, body.password());
    }

    @DeleteMapping("/{name}")
    @ResponseStatus(HttpStatus.NO_CONTENT)
    void remove(@PathVariable final String name) {
        people().remove(name);
    }

    /** Who did what, the last first. */
    @GetMapping("/deeds")
    List<DeedBody> deeds(@RequestParam(defaultValue = "") final String about) {
        return (about.isEmpty()
                        ? deeds.findAllByOrderByDoneAtDesc(Limit.of(MOST_DEEDS))
                        : deeds.findByAddressContainingOrderByDoneAtDesc(about, Limit.of(MOST_DEEDS)))
                .stream()
                        .map(each -> new DeedBody(each.doneAt(), each.doneBy(), each.what(), each.address()))
                        .toList();
    }

    private People people() {
        return Optional.ofNullable(people.getIfAvailable()).orElseThrow(PeopleController::notShared);
    }

    private Reception reception() {
        return Optional.ofNullable(reception.getIfAvailable()).orElseThrow(PeopleController::notShared);
    }

    private static Refused notShared() {
        return new Refused(
                "Not shared",
                "This house is not shared: nobody signs in to it. Start it with --share to share it in your own network.");
    }
}
