package looseknit.server.find;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.util.List;
import java.util.UUID;
import looseknit.core.material.Material;
import looseknit.core.message.Message;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import org.jspecify.annotations.Nullable;

/**
 * A search as it is asked for.
 *
 * @param form what kind of search
 * @param briefs what the blend is for; one, but for {@link Form#SHARED} two to eight
 * @param blendId the blend on the bench; tests of lots count, those of this blend alone do not; null for none
 * @param recipe the blend that is to be bettered, or of which rows are locked; null for none
 * @param lockedRows rows of it that stay as they are
 * @param row row of it that is missing, for {@link Form#REPLACE}
 * @param among which materials
 * @param chosenIds their ids, for {@link Among#CHOSEN}
 * @param shares least and greatest shares of materials
 * @param mostMaterials most materials
 * @param mostParts most parts in all
 * @param batchLitres finished mix for which what is left must suffice; null if any amount will do
 * @param limeId lime that may be dosed; null for none
 * @param acidifierId what may be dosed against too high a pH; null for none
 * @param feedId feed that may be dosed; null for none
 */
public record FindBody(
        @NotNull Form form,
        @NotNull @Size(min = 1, max = 8) List<@Valid @NotNull BriefBody> briefs,
        @Nullable UUID blendId,
        @Valid @Nullable RecipeBody recipe,
        @Nullable @Size(max = 40) List<Integer> lockedRows,
        @Nullable Integer row,
        @NotNull Among among,
        @Nullable @Size(max = 60) List<@NotNull String> chosenIds,
        @Nullable @Size(max = 60) List<@Valid @NotNull ShareBody> shares,
        int mostMaterials,
        int mostParts,
        @Nullable Double batchLitres,
        @Nullable String limeId,
        @Nullable String acidifierId,
        @Nullable String feedId) {

    /** What kind of search. */
    public enum Form {
        /** The best blend for a brief. */
        FIND,
        /** The fewest extra parts for a blend that is there. */
        IMPROVE,
        /** What to take for a row that is missing. */
        REPLACE,
        /** The most out of what is left. */
        USE_UP,
        /** One blend for several plants, or a few. */
        SHARED
    }

    /** Which materials a search looks among. */
    public enum Among {
        /** What is on the shelf. */
        SHELF,
        /** What is on the shelf and what is on offer. */
        SHELF_AND_OFFERS,
        /** What the person has picked. */
        CHOSEN
    }

    /** Least and greatest share of a material, in per cent of the parts. */
    public record ShareBody(@NotNull String materialId, double leastPercent, double mostPercent) {}

    /** Something that is left out of a search, and why. */
    public record LeftOutBody(String materialId, String name, Message why) {
        static LeftOutBody of(final Material material, final Message why) {
            return new LeftOutBody(material.id(), material.name(), why);
        }
    }
}
