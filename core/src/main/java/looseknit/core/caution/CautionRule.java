package looseknit.core.caution;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Predicate;
import looseknit.core.caution.Condition.Case;
import looseknit.core.message.TableText;
import looseknit.core.need.Plant;
import org.jspecify.annotations.Nullable;

/** A rule: speaks up when every condition that it states holds. */
record CautionRule(Caution words, List<Predicate<Case>> conditions, boolean namesPlant) {

    /** Reads a rule as it stands in the data. */
    static CautionRule of(final Map<String, Object> stated) {
        final String id = text(stated, "id", "?");
        final Caution words = new Caution(
                id,
                level(id, text(stated, "level", id)),
                new TableText(text(stated, "why", id)),
                new TableText(text(stated, "instead", id)),
                new TableText(Objects.toString(stated.getOrDefault("defers", ""), "")));
        if (!(stated.get("when") instanceof Map<?, ?> when) || when.isEmpty()) {
            throw new IllegalArgumentException("caution '%s' states no condition under \"when\"".formatted(id));
        }
        @SuppressWarnings("unchecked")
        final Stated.Rule rule = new Stated.Rule(id, (Map<String, Object>) when);
        final List<Predicate<Case>> conditions = new ArrayList<>();
        rule.when().forEach((word, value) -> {
            final var condition = Condition.WORDS.get(word);
            if (condition == null) {
                throw new IllegalArgumentException(
                        "caution '%s' asks for \"%s\"; allowed: %s".formatted(id, word, Condition.WORDS.keySet()));
            }
            conditions.add(condition.apply(new Stated(id, word, value), rule));
        });
        return new CautionRule(
                words, List.copyOf(conditions), words.why().text().contains("{plant}"));
    }

    /** The caution in this case, if the rule speaks up. */
    Optional<Caution> in(final Case asked) {
        if (!conditions.stream().allMatch(condition -> condition.test(asked))) {
            return Optional.empty();
        }
        return Optional.of(namesPlant ? named(asked) : words);
    }

    private Caution named(final Case asked) {
        final Plant plant = asked.plants()
                .filter(each -> !words.why().text().contains("{poison}")
                        || !each.poison().isEmpty())
                .filter(each ->
                        !words.why().text().contains("{trade}") || !each.trade().isEmpty())
                .findFirst()
                .orElseThrow();
        final boolean first = words.why().text().startsWith("{plant}");
        return words.because(new TableText(words.why()
                .text()
                .replace("{plant}", first ? plant.name() : plant.name().toLowerCase(Locale.ROOT))
                .replace("{poison}", plant.poison().text())
                .replace("{trade}", plant.trade().text())));
    }

    private static Caution.Level level(final String id, final String text) {
        for (final Caution.Level level : Caution.Level.values()) {
            if (level.name().equalsIgnoreCase(text)) {
                return level;
            }
        }
        throw new IllegalArgumentException(
                "caution '%s' has level \"%s\"; allowed: %s".formatted(id, text, List.of(Caution.Level.values())));
    }

    private static String text(final Map<String, Object> stated, final String key, final String id) {
        final @Nullable Object value = stated.get(key);
        if (value == null || value.toString().isBlank()) {
            throw new IllegalArgumentException("caution '%s' lacks \"%s\"".formatted(id, key));
        }
        return value.toString();
    }
}
