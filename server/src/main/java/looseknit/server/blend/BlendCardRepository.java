package looseknit.server.blend;

import java.util.Collection;
import java.util.List;
import java.util.UUID;
import org.springframework.data.domain.Limit;
import org.springframework.data.jpa.repository.JpaRepository;
import org.springframework.data.jpa.repository.Query;

/** Kept cards of the swatch book. */
interface BlendCardRepository extends JpaRepository<BlendCard, UUID> {

    /** Some recipes of what is made of the same things. */
    @Query("""
            select new looseknit.server.blend.BlendCards$Made(b.id, b.name, c.ingredients, b.recipe)
            from BlendCard c join c.blend b where b.deletedAt is null and c.ingredients in :ingredients""")
    List<BlendCards.Made> madeOf(Collection<String> ingredients, Limit most);

    /** What of some blends is read. */
    @Query("""
            select new looseknit.server.blend.ReadForPlants$Written(b.id, b.revision, b.brief, b.recipe)
            from Blend b where b.id in :ids""")
    List<ReadForPlants.Written> written(Collection<UUID> ids);

    /** Cards with their blends. */
    @Query("select c from BlendCard c join fetch c.blend where c.id in :ids")
    List<BlendCard> withBlends(Collection<UUID> ids);

    /** Blends by name, for whoever looks something up. */
    @Query("""
            select new looseknit.server.blend.BlendNameBody(b.id, b.name, c.plantId, c.firstMaterial)
            from BlendCard c join c.blend b where b.deletedAt is null order by b.changedAt desc""")
    List<BlendNameBody> names();

    /** The first blends of a name that is like something, those that were changed last first. */
    @Query("""
            select new looseknit.server.blend.BlendNameBody(b.id, b.name, c.plantId, c.firstMaterial)
            from BlendCard c join c.blend b where b.deletedAt is null and lower(b.name) like :like escape '!'
            order by b.changedAt desc""")
    List<BlendNameBody> named(String like, Limit most);

    /** Groups of plants that there are blends for; a deleted blend is sifted by nothing. */
    @Query("select distinct c.groupName from BlendCard c where c.groupName is not null order by c.groupName")
    List<String> groups();

    /** What is in any blend. */
    @Query(value = "select distinct material_id from blend_card_material", nativeQuery = true)
    List<String> materialsInUse();

    @Query("select count(b) from Blend b where b.deletedAt is null and b.archivedAt is not null")
    long laidAway();

    long countByEditionLessThan(int current);

    /** Some that were read before something changed that they rest on. */
    @Query("select c.id from BlendCard c join c.blend b where c.edition < :current order by b.changedAt desc")
    List<UUID> readBefore(int current, Limit most);

    @Query("select b.id from Blend b where not exists (select c from BlendCard c where c.id = b.id)")
    List<UUID> withoutCard(Limit most);
}
