package looseknit.server.blend;

import jakarta.persistence.EntityManager;
import jakarta.persistence.TypedQuery;
import java.util.List;
import java.util.Map;
import looseknit.server.store.LikePattern;
import org.springframework.stereotype.Component;

/** The cards of the swatch book that pass. Their orders are few and written out, so that the store has read each question but once. */
@Component
class SiftedCards {

    private static final String FROM = "from BlendCard c join %s c.blend b where b.deletedAt is null ";

    private static final String IN_NAME_OR_MIX = "and c.words like :text escape '!' ";

    private static final String PASS = """
            and (:archived = true or b.archivedAt is null)
            and (:group = '' or c.groupName = :group)
            and (:fitting = false or c.fits = true)
            """;

    private static final String OF_ALL =
            "and (select count(m) from BlendCard d join d.materials m where d = c and m in :materials) = :count ";

    private static final String ALL =
            "from Blend b where b.deletedAt is null and (:archived = true or b.archivedAt is null) ";

    private static final String STORED = "select new looseknit.server.blend.ReadForPlants$Stored(b.id, b.revision) ";

    private static final String CHANGED = "b.changedAt desc";

    private static final Map<BlendCards.Order, String> ORDERS = Map.of(
            BlendCards.Order.CHANGED, CHANGED,
            BlendCards.Order.NAME, "lower(b.name)",
            BlendCards.Order.FIT, by("fit"),
            BlendCards.Order.AIR, by("air"),
            BlendCards.Order.WATER, by("water"),
            BlendCards.Order.DRY_DAYS, by("dryDays"),
            BlendCards.Order.PH, by("ph"),
            BlendCards.Order.FOOD, by("food"),
            BlendCards.Order.WEIGHT, by("weight"),
            BlendCards.Order.LIFE, by("life"));

    private final EntityManager store;

    SiftedCards(final EntityManager store) {
        this.store = store;
    }

    private static String by(final String column) {
        return "c." + column + " desc nulls last, " + CHANGED;
    }

    /** How many pass. Where nothing is looked for the cards, which are long, need not be read for it. */
    long count(final BlendCards.Sift sift, final boolean fitting) {
        if (ofAllBlends(sift) && !fitting) {
            return store.createQuery("select count(b) " + ALL, Long.class)
                    .setParameter("archived", sift.archived())
                    .getSingleResult();
        }
        return asked("select count(c) " + FROM.formatted(""), "", sift, fitting, Long.class)
                .getSingleResult();
    }

    /** Some of those that pass, in the order that is asked for. */
    List<BlendCard> some(final BlendCards.Sift sift, final boolean fitting, final long first, final int most) {
        return inOrder(sift, sift.order(), fitting)
                .setFirstResult((int) Math.min(Integer.MAX_VALUE, first))
                .setMaxResults(most)
                .getResultList();
    }

    /** All that pass however they fit: those that were changed last first, or by name where that is asked for. */
    List<ReadForPlants.Stored> stored(final BlendCards.Sift sift) {
        final String order = "order by "
                + ORDERS.get(sift.order() == BlendCards.Order.NAME ? BlendCards.Order.NAME : BlendCards.Order.CHANGED);
        return ofAllBlends(sift)
                ? store.createQuery(STORED + ALL + order, ReadForPlants.Stored.class)
                        .setParameter("archived", sift.archived())
                        .getResultList()
                : asked(STORED + FROM.formatted(""), order, sift, false, ReadForPlants.Stored.class)
                        .getResultList();
    }

    private static boolean ofAllBlends(final BlendCards.Sift sift) {
        return sift.text().isBlank()
                && sift.group().isEmpty()
                && sift.materialIds().isEmpty();
    }

    private TypedQuery<BlendCard> inOrder(
            final BlendCards.Sift sift, final BlendCards.Order order, final boolean fitting) {
        return asked(
                "select c " + FROM.formatted("fetch"), "order by " + ORDERS.get(order), sift, fitting, BlendCard.class);
    }

    private <T> TypedQuery<T> asked(
            final String what,
            final String order,
            final BlendCards.Sift sift,
            final boolean fitting,
            final Class<T> type) {
        final String text = sift.text().strip();
        final boolean ofAll = !sift.materialIds().isEmpty();
        final TypedQuery<T> query = store.createQuery(
                        what + (text.isEmpty() ? "" : IN_NAME_OR_MIX) + PASS + (ofAll ? OF_ALL : "") + order, type)
                .setParameter("group", sift.group())
                .setParameter("fitting", fitting)
                .setParameter("archived", sift.archived());
        if (!text.isEmpty()) {
            query.setParameter("text", LikePattern.anywhere(text));
        }
        if (ofAll) {
            query.setParameter("materials", sift.materialIds())
                    .setParameter("count", (long) sift.materialIds().size());
        }
        return query;
    }
}
