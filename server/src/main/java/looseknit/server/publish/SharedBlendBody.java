package looseknit.server.publish;

import jakarta.validation.Valid;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import looseknit.server.assay.TestBody;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.OwnMaterialFacts;
import org.jspecify.annotations.Nullable;

/**
 * A blend to be passed on, with all that another house needs to understand it.
 *
 * @param format what it is
 * @param version of the format
 * @param note what was noted when it was kept last; empty for nothing
 * @param materials own materials that it names, and those of which they are mixed
 * @param tests what was measured of it
 */
record SharedBlendBody(
        @NotNull String format,
        int version,

        @NotNull @Size(min = 1, max = 120) @Pattern(regexp = PLAIN, message = NO_TAGS)
        String name,

        @NotNull @Size(max = 2000) @Pattern(regexp = PLAIN, message = NO_TAGS)
        String note,

        @NotNull @Valid BriefBody brief,
        @NotNull @Valid RecipeBody recipe,
        @NotNull @Size(max = 40) List<@Valid OwnBody> materials,
        @NotNull @Size(max = 50) List<@Valid MeasuredOnBody> tests) {

    static final String FORMAT = "loose-knit blend";
    static final int VERSION = 1;

    private static final int LONGEST_QUOTED = 60;

    /** Text that is text and nothing that a page could take for its own. */
    static final String PLAIN = "(?s)[^<>\\u0000-\\u0008\\u202a-\\u202e]*";

    static final String NO_TAGS = "is plain text: no < and >";

    /** An own material, by the id that the recipe names. */
    record OwnBody(@NotNull String id, @NotNull @Valid OwnMaterialFacts facts) {}

    /** A test and its day. */
    record MeasuredOnBody(
            @NotNull LocalDate madeOn, @NotNull @Valid TestBody test) {}

    /** The same without what was measured of it. */
    SharedBlendBody withoutTests() {
        return new SharedBlendBody(format, version, name, note, brief, recipe, materials, List.of());
    }

    /** What is wrong with its format, in a sentence; null for nothing. */
    static @Nullable String wrongFormat(final SharedBlendBody body) {
        if (!body.format().equals(FORMAT)) {
            return "The format of the file is “%s”. Allowed: %s.".formatted(shortened(body.format()), FORMAT);
        }
        return body.version() == VERSION
                ? null
                : "The file was written by a newer Loose Knit (format %d; this program knows up to %d)."
                        .formatted(body.version(), VERSION);
    }

    private static String shortened(final String text) {
        return text.length() > LONGEST_QUOTED ? text.substring(0, LONGEST_QUOTED - 1) + "…" : text;
    }
}
