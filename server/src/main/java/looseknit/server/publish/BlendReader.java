package looseknit.server.publish;

import jakarta.validation.Validator;
import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import looseknit.core.blend.Recipe;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.OutOfRangeException;
import looseknit.core.message.Message;
import looseknit.core.need.Plant;
import looseknit.core.need.Stage;
import looseknit.core.written.RecipeReader;
import looseknit.core.written.WrittenRecipe;
import looseknit.server.frame.Books;
import looseknit.server.frame.FieldWords;
import looseknit.server.frame.PictureFile;
import looseknit.server.frame.Refused;
import looseknit.server.need.BriefBody;
import looseknit.server.reading.RecipeBody;
import looseknit.server.shelf.OwnMaterialFacts;
import looseknit.server.shelf.OwnMaterials;
import net.coobird.thumbnailator.Thumbnails;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** Reads a blend from a text in Markdown, or from a picture of its code. */
@Component
class BlendReader {

    private static final int LONGEST_TEXT = 20_000;
    private static final int LONGEST_ID = 45;
    private static final int LONGEST_MATERIAL = 80;
    private static final int LONGEST_NAME = 120;
    private static final int LONGEST_NOTE = 2000;
    private static final int LARGEST_PICTURE = 2400;
    private static final double SCOOP_LITRES = 0.5;

    private final Books books;
    private final OwnMaterials own;
    private final JsonMapper json;
    private final Validator validator;
    private final FieldWords words;

    BlendReader(
            final Books books,
            final OwnMaterials own,
            final JsonMapper json,
            final Validator validator,
            final FieldWords words) {
        this.books = books;
        this.own = own;
        this.json = json;
        this.validator = validator;
        this.words = words;
    }

    /**
     * What was read.
     *
     * @param notes what was taken for granted
     */
    record Found(SharedBlendBody blend, List<Message> notes) {}

    /**
     * The blend in a picture of its code.
     *
     * @throws Refused if it is no picture, or shows no such code
     */
    Found picture(final byte[] file) {
        final int size = Math.min(LARGEST_PICTURE, PictureFile.longerSide(file));
        try {
            final BufferedImage upright = Thumbnails.of(new ByteArrayInputStream(file))
                    .useExifOrientation(true)
                    .size(size, size)
                    .imageType(BufferedImage.TYPE_INT_RGB)
                    .asBufferedImage();
            return checked(json.readValue(BlendCode.file(BlendCode.read(upright)), SharedBlendBody.class), List.of());
        } catch (final IOException e) {
            throw PictureFile.unknown();
        } catch (final JacksonException e) {
            throw new Refused("Not taken", "The code in this picture is not that of a blend.");
        }
    }

    /**
     * The blend in a text.
     *
     * @throws Refused if there is no recipe in it, or something in that is not known here
     */
    Found text(final String text) {
        if (text.length() > LONGEST_TEXT) {
            throw new Refused(
                    "Not taken",
                    "The text has %,d letters; up to %,d are read.".formatted(text.length(), LONGEST_TEXT));
        }
        final BlendMarkdown.Read read = BlendMarkdown.read(text);
        if (read.mix().isEmpty()) {
            throw new Refused(
                    "Not taken",
                    "There is no recipe in this text. Allowed: a list with an amount and a material on each line, such as “- 3 parts peat”.");
        }
        final List<Message> notes = new ArrayList<>();
        final Map<String, OwnMaterialFacts> mixes = mixes(read, notes);
        final MaterialBook book = books.materials().with(materials(mixes));
        final WrittenRecipe written = read(book, read.mix(), notes);
        return checked(
                new SharedBlendBody(
                        SharedBlendBody.FORMAT,
                        SharedBlendBody.VERSION,
                        plain(read.name().isEmpty() ? "From a text" : read.name(), LONGEST_NAME),
                        plain(read.note(), LONGEST_NOTE),
                        brief(read.plant()),
                        new RecipeBody(
                                written.measure(),
                                written.lines().stream()
                                        .filter(line -> !line.dose())
                                        .map(line -> new RecipeBody.PartBody(
                                                line.choices().get(0).id(), line.amount()))
                                        .toList(),
                                written.lines().stream()
                                        .filter(WrittenRecipe.Line::dose)
                                        .map(line -> new RecipeBody.DoseBody(
                                                line.choices().get(0).id(), line.amount()))
                                        .toList(),
                                null),
                        mixes.entrySet().stream()
                                .map(each -> new SharedBlendBody.OwnBody(each.getKey(), each.getValue()))
                                .toList(),
                        List.of()),
                notes);
    }

    /** What does not come as the body of a request is held to the same limits. */
    private Found checked(final SharedBlendBody blend, final List<Message> notes) {
        validator.validate(blend).stream().findFirst().ifPresent(broken -> {
            throw new Refused(
                    "Not taken",
                    "This blend cannot be used: %s %s."
                            .formatted(words.of(broken.getPropertyPath().toString()), broken.getMessage()));
        });
        return new Found(blend, notes);
    }

    /** Mixes of somebody's own that the recipe names and that have a section of their own. */
    private Map<String, OwnMaterialFacts> mixes(final BlendMarkdown.Read read, final List<Message> notes) {
        final Map<String, OwnMaterialFacts> mixes = new LinkedHashMap<>();
        read.others().forEach((heading, section) -> {
            if (!heading.isEmpty() && read.mix().stream().anyMatch(line -> names(line, heading))) {
                final WrittenRecipe parts = read(books.materials(), section.items(), notes);
                final OwnMaterialFacts facts = new OwnMaterialFacts(
                        plain(heading, LONGEST_MATERIAL),
                        null,
                        null,
                        new OwnMaterialFacts.OwnMixBody(
                                parts.lines().stream()
                                        .filter(line -> !line.dose())
                                        .map(line -> new OwnMaterialFacts.MixPartBody(
                                                line.choices().get(0).id(), line.amount()))
                                        .toList(),
                                BlendMarkdown.certainty(section),
                                BlendMarkdown.fed(section)));
                mixes.put(id(facts), facts);
            }
        });
        return mixes;
    }

    /** The id of a mix: that of the same one here, else one of its own by its name. */
    private String id(final OwnMaterialFacts facts) {
        final List<String> called = books.materials().materials().stream()
                .filter(each -> each.name().equals(facts.name()))
                .map(Material::id)
                .toList();
        final Optional<String> same = own.told(called).entrySet().stream()
                .filter(each -> each.getValue().equals(facts))
                .map(Map.Entry::getKey)
                .findFirst();
        final String slug = facts.name().toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "_");
        return same.orElse("own_" + slug.substring(0, Math.min(LONGEST_ID, slug.length())));
    }

    private static boolean names(final String line, final String heading) {
        return line.replaceAll("[“”\"]", "").endsWith(heading);
    }

    private List<Material> materials(final Map<String, OwnMaterialFacts> mixes) {
        return mixes.entrySet().stream()
                .map(each -> own.preview(each.getKey(), each.getValue()))
                .toList();
    }

    private static WrittenRecipe read(final MaterialBook book, final List<String> lines, final List<Message> notes) {
        final WrittenRecipe written;
        try {
            written = new RecipeReader(book, Set.of(), SCOOP_LITRES, OptionalDouble.empty())
                    .read(String.join("\n", lines));
        } catch (final OutOfRangeException e) {
            throw new Refused(
                    "Not taken",
                    "The list of this text is not a recipe: up to %d lines with an amount and a material each are read."
                            .formatted(Recipe.MOST_PARTS));
        }
        for (final WrittenRecipe.Line line : written.lines()) {
            if (!line.known() || line.choices().isEmpty()) {
                throw new Refused(
                        "Not taken",
                        "“%s” names nothing that is known here. Note it as a material of your own first, or ask for the blend as a file, which brings its materials with it."
                                .formatted(line.typed()));
            }
            if (!line.certain()) {
                notes.add(line.says());
            }
        }
        notes.addAll(written.notes());
        return written;
    }

    private BriefBody brief(final String plant) {
        return books.plants().plants().stream()
                .filter(each -> each.name().equalsIgnoreCase(plant))
                .findFirst()
                .map(Plant::id)
                .map(id -> new BriefBody(id, null, Stage.ESTABLISHED, null, null, null, null, null))
                .orElse(BriefBody.OPEN);
    }

    private static String plain(final String text, final int longest) {
        final String tame = text.replaceAll("[<>\\u0000-\\u0008\\u202a-\\u202e]", "");
        return tame.substring(0, Math.min(longest, tame.length()));
    }
}
