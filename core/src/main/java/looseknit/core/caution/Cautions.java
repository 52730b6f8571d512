package looseknit.core.caution;

import java.io.IOException;
import java.io.InputStreamReader;
import java.io.Reader;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import looseknit.core.blend.Recipe;
import looseknit.core.need.Brief;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.constructor.SafeConstructor;

/**
 * Rules about what must not be done and what needs care. They repeat usual cautions and do not replace labels, local rules and licensed
 * practice.
 */
public final class Cautions {

    private static final Cautions SHIPPED = load();

    private final List<CautionRule> rules;

    private Cautions(final List<CautionRule> rules) {
        this.rules = rules;
    }

    /** The rules that ship with the application. */
    public static Cautions shipped() {
        return SHIPPED;
    }

    /**
     * Reads rules.
     *
     * @throws IllegalArgumentException if a rule lacks something, asks for what is not known, or has the id of another
     */
    public static Cautions read(final Reader yaml) {
        final Object loaded = new Yaml(new SafeConstructor(new LoaderOptions())).load(yaml);
        if (!(loaded instanceof List<?> list)) {
            throw new IllegalArgumentException("cautions must be a list of rules");
        }
        final List<CautionRule> rules = new ArrayList<>();
        final Set<String> ids = new HashSet<>();
        for (final Object each : list) {
            if (!(each instanceof Map<?, ?> stated)) {
                throw new IllegalArgumentException("a caution must be a set of keys: " + each);
            }
            @SuppressWarnings("unchecked")
            final CautionRule rule = CautionRule.of((Map<String, Object>) stated);
            if (!ids.add(rule.words().id())) {
                throw new IllegalArgumentException(
                        "two cautions with id '%s'".formatted(rule.words().id()));
            }
            rules.add(rule);
        }
        return new Cautions(List.copyOf(rules));
    }

    /** Every rule as it is worded, in the order of the data. */
    public List<Caution> all() {
        return rules.stream().map(CautionRule::words).toList();
    }

    /**
     * The cautions for a recipe, most serious first. Mixes are opened: what is in a bag counts like what is scooped.
     *
     * @param signs what the computation says of the pot
     */
    public List<Caution> of(final Recipe recipe, final Brief brief, final Signs signs) {
        final Condition.Case asked = new Condition.Case(recipe, recipe.opened(), brief, signs);
        return rules.stream()
                .flatMap(rule -> rule.in(asked).stream())
                .sorted(Comparator.comparing(Caution::level))
                .toList();
    }

    /** The stops among cautions that nobody has knowingly set aside. */
    public static List<Caution> unaccepted(final List<Caution> cautions, final Collection<String> acceptedIds) {
        return cautions.stream()
                .filter(each -> each.level() == Caution.Level.STOP && !acceptedIds.contains(each.id()))
                .toList();
    }

    private static Cautions load() {
        try (Reader text = new InputStreamReader(
                Objects.requireNonNull(Cautions.class.getResourceAsStream("cautions.yaml")), StandardCharsets.UTF_8)) {
            return read(text);
        } catch (final IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
