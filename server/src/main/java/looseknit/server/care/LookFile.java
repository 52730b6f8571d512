package looseknit.server.care;

import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.care.Answer;
import looseknit.core.measure.CsvTable.Row;
import looseknit.server.frame.Refused;
import looseknit.server.pot.Potting;
import looseknit.server.pot.PottingNameBody;
import looseknit.server.pot.Pottings;
import looseknit.server.table.Cells;
import looseknit.server.table.Occurrences;
import looseknit.server.table.TableFile;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Looks as a table: one line for each, of a pot that is here, as they were noted elsewhere. What was told stays: looks are added, not changed. */
@Component
class LookFile implements TableFile<LookFile.LookLine> {

    private static final double MOST_GRAMS = 500_000;

    private final Pottings pottings;
    private final LookRepository looks;
    private final Rounds rounds;
    private final Clock clock;

    LookFile(final Pottings pottings, final LookRepository looks, final Rounds rounds, final Clock clock) {
        this.pottings = pottings;
        this.looks = looks;
        this.rounds = rounds;
        this.clock = clock;
    }

    /** A look of the table. */
    record LookLine(
            UUID id,
            UUID pot,
            String label,
            LocalDate on,
            Answer answer,
            @Nullable Double grams) {}

    /** The pots that are here, by id and by what stands on their labels. */
    private record Pots(Map<UUID, String> labels, Map<String, List<PottingNameBody>> byLabel) {
        static Pots of(final List<PottingNameBody> all) {
            return new Pots(
                    all.stream().collect(Collectors.toMap(PottingNameBody::id, PottingNameBody::label)),
                    all.stream().collect(Collectors.groupingBy(PottingNameBody::label)));
        }

        UUID named(final Row row) {
            final String id = row.textIfAny("pot");
            if (!id.isEmpty()) {
                final UUID pot = Cells.id(row, "pot");
                if (!labels.containsKey(pot)) {
                    throw row.bad("pot", id, "the id of a pot that is here, or nothing and its label");
                }
                return pot;
            }
            final String label = row.filled("label");
            final List<PottingNameBody> alike = byLabel.getOrDefault(label, List.of());
            if (alike.size() != 1) {
                throw row.bad(
                        "label",
                        label,
                        alike.isEmpty()
                                ? "what stands on the label of a pot that is here"
                                : "a label that one pot only has, or the pot's id: %d have this one"
                                        .formatted(alike.size()));
            }
            return alike.get(0).id();
        }
    }

    @Override
    public String kind() {
        return "looks";
    }

    @Override
    public List<String> columns() {
        return List.of("label", "looked_on", "answer");
    }

    @Override
    public LookLine read(final Row row, final Occurrences before) {
        final Pots pots = before.once(Pots.class, () -> Pots.of(pottings.names()));
        final UUID pot = pots.named(row);
        final LocalDate on = Cells.day(row, "looked_on");
        final Answer answer = row.oneOf("answer", Answer.class);
        final String id = row.textIfAny("id");
        final String identity = "%s|%s|%s".formatted(pot, on, answer);
        return new LookLine(
                id.isEmpty()
                        ? UUID.nameUUIDFromBytes(
                                (identity + "|" + before.next(identity)).getBytes(StandardCharsets.UTF_8))
                        : Cells.id(row, "id"),
                pot,
                String.valueOf(pots.labels().get(pot)),
                on,
                answer,
                Cells.ifAny(row, "weighed_g", 1, MOST_GRAMS));
    }

    @Override
    public String key(final LookLine line) {
        return line.id().toString();
    }

    @Override
    public String name(final LookLine line) {
        return line.label() + ", " + line.on();
    }

    @Override
    public Map<String, LookLine> stored(final List<LookLine> lines) {
        final Map<UUID, String> labels = Pots.of(pottings.names()).labels();
        return looks.findAllById(lines.stream().map(LookLine::id).toList()).stream()
                .map(look -> new LookLine(
                        look.id(),
                        look.pottingId(),
                        String.valueOf(labels.get(look.pottingId())),
                        look.lookedOn(),
                        look.answer(),
                        look.grams()))
                .collect(Collectors.toMap(this::key, Function.identity()));
    }

    @Override
    public Optional<String> stays(final LookLine stored, final LookLine line) {
        return Optional.of(
                "another look has this id here; allowed: the look as it was told, or no id. Take a look back at its pot to tell it anew");
    }

    @Override
    public void checkTogether(final List<LookLine> lines) {
        final Set<String> told = stored(lines).keySet();
        final Set<UUID> seen = new HashSet<>();
        final Map<UUID, LocalDate> last = new HashMap<>();
        final LocalDate today = LocalDate.now(clock);
        for (final LookLine line : lines) {
            if (told.contains(key(line))) {
                continue;
            }
            if (seen.add(line.pot())) {
                last.put(line.pot(), lookedAt(line));
            }
            if (line.on().isBefore(last.get(line.pot())) || line.on().isAfter(today)) {
                throw new IllegalArgumentException(
                        "the look at %s on %s cannot be told; allowed: days from %s, when it was looked at or potted last, to %s, in their order"
                                .formatted(line.label(), line.on(), last.get(line.pot()), today));
            }
            last.put(line.pot(), line.on());
        }
    }

    private LocalDate lookedAt(final LookLine line) {
        final Potting potting = pottings.get(line.pot());
        if (potting.state() != Potting.State.HERE) {
            throw new IllegalArgumentException(
                    "%s is not here: it was lent, given away, lost or repotted; allowed: pots that stand here"
                            .formatted(line.label()));
        }
        return looks.findFirstByPottingIdOrderBySequenceDesc(line.pot())
                .map(Look::lookedOn)
                .orElse(potting.pottedOn());
    }

    /** Pot after pot, as a round takes them, so that a file and a round at once never wait for one another; the looks at a pot as they are told. */
    @Override
    public List<LookLine> inOrder(final List<LookLine> lines) {
        return lines.stream().sorted(Comparator.comparing(LookLine::pot)).toList();
    }

    /**
     * Tells it.
     *
     * @throws Refused if the pot is not here any more
     */
    @Override
    public void store(final LookLine line) {
        rounds.look(new Rounds.Told(line.id(), line.pot(), line.answer(), line.on(), null, line.grams()));
    }
}
