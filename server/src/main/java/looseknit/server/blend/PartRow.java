package looseknit.server.blend;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import looseknit.server.reading.RecipeBody.PartBody;

/** A stored part of a recipe. */
@Embeddable
public record PartRow(
        @Column(name = "material_id") String materialId,
        @Column(name = "amount") double amount) {

    /** What travels, to be stored. */
    public static PartRow of(final PartBody body) {
        return new PartRow(body.materialId(), body.amount());
    }

    /** What is stored, to travel. */
    public PartBody body() {
        return new PartBody(materialId, amount);
    }
}
