package looseknit.server.name;

import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Function;
import java.util.stream.Stream;
import looseknit.core.material.Amendment;
import looseknit.core.material.Lexicon;
import looseknit.core.material.Material;
import looseknit.core.name.NameIndex;
import looseknit.core.need.Plant;
import looseknit.server.batch.BatchNameBody;
import looseknit.server.batch.Batches;
import looseknit.server.blend.BlendCards;
import looseknit.server.blend.BlendNameBody;
import looseknit.server.frame.Books;
import looseknit.server.name.NamedThing.Kind;
import looseknit.server.pot.PottingNameBody;
import looseknit.server.pot.Pottings;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** All that has a name, in indexes that are built anew only when something was named anew. */
@Service
class NamedThings {

    private final Books books;
    private final BlendCards blends;
    private final Batches batches;
    private final Pottings pottings;
    private final Kept<Plant> plantIndex = new Kept<>();
    private final Kept<Material> materialIndex = new Kept<>();
    private final Kept<Amendment> amendmentIndex = new Kept<>();
    private final Kept<BlendNameBody> blendIndex = new Kept<>();
    private final Kept<BatchNameBody> batchIndex = new Kept<>();
    private final Kept<PottingNameBody> potIndex = new Kept<>();

    NamedThings(final Books books, final BlendCards blends, final Batches batches, final Pottings pottings) {
        this.books = books;
        this.blends = blends;
        this.batches = batches;
        this.pottings = pottings;
    }

    /** The index of a list, for as long as the list stays the same. */
    private static final class Kept<T> {

        private record Of<T>(List<T> things, NameIndex<NamedThing> index) {}

        private final AtomicReference<@Nullable Of<T>> kept = new AtomicReference<>();

        NameIndex<NamedThing> of(
                final List<T> things, final Function<T, NamedThing> thing, final Function<T, NameIndex.Names> names) {
            final Of<T> before = kept.get();
            if (before != null && before.things().equals(things)) {
                return before.index();
            }
            record Both(NamedThing thing, NameIndex.Names names) {}
            final List<Both> all = things.stream()
                    .map(each -> new Both(thing.apply(each), names.apply(each)))
                    .toList();
            final Of<T> now = new Of<>(things, new NameIndex<Both>(all, Both::names).map(Both::thing));
            kept.set(now);
            return now.index();
        }
    }

    /**
     * What a typed name fits among things of some kinds.
     *
     * @param also further things that can be found
     */
    NameIndex.Found<NamedThing> find(
            final String typed, final Set<Kind> kinds, final Collection<NamedThing> also, final int most) {
        final Stream<NameIndex<NamedThing>> indexes = kinds.stream().map(kind -> switch (kind) {
            case ALSO -> new NameIndex<>(also, each -> NameIndex.Names.of(each.name()));
            case BLEND -> blends();
            case POT -> pots();
            case BATCH -> batches();
            case PLANT -> plants();
            case MATERIAL -> materials();
            case AMENDMENT -> amendments();
        });
        return NameIndex.Found.best(
                indexes.map(index -> index.search(typed, most)).toList(), most);
    }

    private NameIndex<NamedThing> plants() {
        final Set<String> retired = books.retired();
        return plantIndex.of(
                books.plants().plants().stream()
                        .filter(each -> !retired.contains(each.id()))
                        .toList(),
                each -> new NamedThing(Kind.PLANT, each.id(), each.name(), each.botanical(), null),
                each -> new NameIndex.Names(each.name(), each.botanical(), each.otherNames()));
    }

    private NameIndex<NamedThing> materials() {
        final Set<String> retired = books.retired();
        return materialIndex.of(
                books.materials().materials().stream()
                        .filter(Material::forRecipes)
                        .filter(each -> !retired.contains(each.id()))
                        .toList(),
                each -> new NamedThing(Kind.MATERIAL, each.id(), each.name(), null, each.id()),
                each -> new NameIndex.Names(each.name(), "", Lexicon.shipped().formsOf(each.id())));
    }

    private NameIndex<NamedThing> amendments() {
        return amendmentIndex.of(
                books.materials().amendments(),
                each -> new NamedThing(Kind.AMENDMENT, each.id(), each.name(), null, each.id()),
                each -> new NameIndex.Names(each.name(), "", Lexicon.shipped().formsOf(each.id())));
    }

    private NameIndex<NamedThing> blends() {
        return blendIndex.of(
                blends.names(),
                each -> new NamedThing(
                        Kind.BLEND, each.id().toString(), each.name(), plantName(each.plantId()), each.materialId()),
                each -> NameIndex.Names.of(each.name()));
    }

    private NameIndex<NamedThing> pots() {
        return potIndex.of(
                pottings.names(),
                each -> new NamedThing(Kind.POT, each.id().toString(), each.label(), each.placeName(), null),
                each -> NameIndex.Names.of(each.label()));
    }

    private NameIndex<NamedThing> batches() {
        return batchIndex.of(
                batches.names(),
                each -> new NamedThing(Kind.BATCH, each.id().toString(), each.lot(), each.blendName(), null),
                each -> new NameIndex.Names(each.lot(), "", List.of(each.blendName())));
    }

    private @Nullable String plantName(final @Nullable String id) {
        return id == null ? null : books.plants().plant(id).map(Plant::name).orElse(null);
    }
}
