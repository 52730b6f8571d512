package looseknit.server.blend;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import looseknit.server.reading.RecipeBody.DoseBody;

/** A stored dose of a recipe. */
@Embeddable
public record DoseRow(
        @Column(name = "amendment_id") String amendmentId,
        @Column(name = "g_per_l") double gPerL) {

    /** What travels, to be stored. */
    public static DoseRow of(final DoseBody body) {
        return new DoseRow(body.amendmentId(), body.gPerL());
    }

    /** What is stored, to travel. */
    public DoseBody body() {
        return new DoseBody(amendmentId, gPerL);
    }
}
