package looseknit.core.need;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import looseknit.core.message.TableText;

/** Entries for those who do not know the plant's name: any plant of a genus, any plant of a kind. */
final class UnknownPlants {

    private static final String SOURCE = "what most of its kin in the Book ask for; common practice (no source)";

    private UnknownPlants() {}

    /** Id of the entry that stands for any plant of a kind. */
    static String id(final PlantKind kind) {
        return "any_" + kind.id();
    }

    /** An entry for every kind and group. */
    static List<Plant> ofKinds(final Collection<PlantKind> kinds) {
        return kinds.stream().map(UnknownPlants::ofKind).toList();
    }

    private static Plant ofKind(final PlantKind kind) {
        return new Plant(
                id(kind),
                kind.general(),
                "",
                Stream.concat(kind.called().stream(), Stream.of(kind.name())).toList(),
                kind,
                Optional.empty(),
                Plant.Breadth.KIND,
                kind.needs(),
                kind.growing(),
                kind.usual(),
                kind.poison(),
                kind.trade(),
                new TableText("The middle of its kind: find out its name before you repot it a second time."),
                kind.source());
    }

    /** An entry for every genus of several plants; several where a genus has plants of several groups. */
    static List<Plant> ofGenera(final List<Plant> named) {
        final Map<String, List<Plant>> genera =
                named.stream().collect(Collectors.groupingBy(Plant::genus, LinkedHashMap::new, Collectors.toList()));
        final List<Plant> entries = new ArrayList<>();
        genera.forEach((genus, plants) -> {
            final Map<PlantGroup, List<Plant>> groups = plants.stream()
                    .collect(Collectors.groupingBy(Plant::group, LinkedHashMap::new, Collectors.toList()));
            groups.values().stream()
                    .filter(each -> plants.size() > 1)
                    .map(each -> ofGenus(genus, each, groups.size() > 1))
                    .forEach(entries::add);
        });
        return entries;
    }

    private static Plant ofGenus(final String genus, final List<Plant> plants, final boolean several) {
        final Plant first = plants.get(0);
        final PlantKind kind = most(plants, Plant::kind);
        final String among = several ? " among the " + kind.group().name() : "";
        return new Plant(
                "genus_" + genus.toLowerCase(Locale.ROOT)
                        + (several ? "_" + kind.group().id() : ""),
                "%s, species unknown%s".formatted(genus, among),
                genus + (several ? " (%s)".formatted(kind.group().id()) : " spp."),
                List.of(),
                kind,
                first.family(),
                Plant.Breadth.GENUS,
                needs(plants),
                growing(plants),
                most(plants, Plant::usual),
                cautioned(plants, Plant::poison),
                cautioned(plants, Plant::trade),
                new TableText("What most of its %d in the Book ask for.".formatted(plants.size())),
                SOURCE);
    }

    private static Needs needs(final List<Plant> plants) {
        final List<Needs> all = plants.stream().map(Plant::needs).toList();
        return new Needs(
                most(all, Needs::air),
                most(all, Needs::bearableAir),
                most(all, Needs::water),
                most(all, Needs::easyWater),
                most(all, Needs::ph),
                most(all, Needs::nitrogen),
                most(all, Needs::mostEcDsPerM),
                most(all, Needs::trigger),
                most(all, Needs::lifeYears),
                most(all, Needs::spread),
                most(all, Needs::cropCoefficient));
    }

    private static Growing growing(final List<Plant> plants) {
        final List<Growing> all = plants.stream().map(Plant::growing).toList();
        final Light low = most(all, Growing::lightLow);
        final Light high = most(all, Growing::lightHigh);
        return new Growing(
                low,
                high.compareTo(low) < 0 ? low : high,
                most(all, Growing::tempLowC),
                most(all, Growing::tempHighC),
                most(all, Growing::minerals),
                most(all, Growing::texture),
                most(all, Growing::rootDepthCm),
                most(all, Growing::thirst),
                most(all, Growing::planting),
                most(all, Growing::rest),
                most(all, Growing::repotYears),
                most(all, Growing::repotting),
                most(all, Growing::kgPerPotLitre),
                most(all, Growing::heightOverWidth));
    }

    /** The caution of any of them: who does not know which it is has to heed it. */
    private static TableText cautioned(final List<Plant> plants, final Function<Plant, TableText> caution) {
        final List<TableText> said = plants.stream()
                .map(caution)
                .filter(Predicate.not(TableText::isEmpty))
                .toList();
        return said.isEmpty() ? TableText.NONE : most(said, Function.identity());
    }

    /** What most of them have; of equally frequent ones the first. */
    private static <T, V> V most(final List<T> all, final Function<T, V> what) {
        final Map<V, Integer> counted = new LinkedHashMap<>();
        all.forEach(each -> counted.merge(what.apply(each), 1, Integer::sum));
        return Collections.max(counted.entrySet(), Map.Entry.comparingByValue()).getKey();
    }
}
