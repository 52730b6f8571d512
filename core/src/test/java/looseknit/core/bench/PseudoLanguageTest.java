package looseknit.core.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import java.util.stream.Stream;
import looseknit.core.blend.Acidity;
import looseknit.core.blend.RandomRecipes;
import looseknit.core.blend.Recipe;
import looseknit.core.blend.RecipeChanges;
import looseknit.core.change.PotAndMix;
import looseknit.core.find.Answer;
import looseknit.core.find.Candidate;
import looseknit.core.find.FindMixes;
import looseknit.core.find.Limits;
import looseknit.core.find.Question;
import looseknit.core.find.SearchListener;
import looseknit.core.material.Amendment;
import looseknit.core.material.Lexicon;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;
import looseknit.core.measure.CsvTable;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Messages;
import looseknit.core.message.TableSentence;
import looseknit.core.message.Wording;
import looseknit.core.need.Brief;
import looseknit.core.need.BriefChanges;
import looseknit.core.need.Plant;
import looseknit.core.need.PlantBook;
import looseknit.core.need.PlantGroup;
import looseknit.core.need.RandomBriefs;
import looseknit.core.outlook.Outlook;
import looseknit.core.reading.Knowledge;
import looseknit.core.sheet.MaterialSheet;
import looseknit.core.sheet.StandIn;
import looseknit.core.written.RecipeReader;
import org.junit.jupiter.api.Test;

/** A made-up language in which every letter of every text is another: what is still readable was never in the message file. */
class PseudoLanguageTest {

    /** What belongs to the message format, or else a word. */
    private static final Pattern SYNTAX_OR_WORD = Pattern.compile(
            "\\{\\w+(?=[,}])|, (?:plural|select),|(?<=plural, |\\} )(?:one|other)(?= \\{)|=\\d+ |([A-Za-z]+)");

    private static final Pattern WORD = Pattern.compile("[A-Za-z]{2,}");

    /** Symbols of units and formulas, and what the tables say, stay as they are. */
    private static final Pattern SYMBOL =
            Pattern.compile("\\b(?:ph|mg|meq|per|ds|mol|day|cm|mm|kg|ml|kpa|yr|oz|lb|wk)\\b");

    /** Names and questions of the tables. */
    private static final List<String> NAMES = Stream.of(
                    MaterialBook.shipped().materials().stream().map(Material::name),
                    MaterialBook.shipped().amendments().stream().map(Amendment::name),
                    PlantBook.shipped().plants().stream().map(Plant::name),
                    PlantBook.shipped().groups().stream().map(PlantGroup::name),
                    CsvTable.resource(Lexicon.class, "lexicon.csv", row -> row.text("question")).stream()
                            .filter(question -> !question.isEmpty()),
                    Stream.of("somewhere", "cups", "cup"))
            .flatMap(names -> names)
            .map(name -> name.toLowerCase(Locale.UK))
            .distinct()
            .sorted((a, b) -> Integer.compare(b.length(), a.length()))
            .toList();

    private final Wording pseudo =
            Wording.of(pseudo(Wording.shipped()), Locale.forLanguageTag("ru"), MeasureSystem.METRIC);

    /** Turns every letter outside of arguments into one of another script. */
    private static Map<String, String> pseudo(final Map<String, String> texts) {
        final Map<String, String> changed = new HashMap<>();
        texts.forEach((key, text) -> changed.put(key, pseudo(text)));
        return changed;
    }

    private static String pseudo(final String text) {
        return SYNTAX_OR_WORD.matcher(text).replaceAll(found -> {
            final String word = found.group(1);
            return word == null
                    ? Matcher.quoteReplacement(found.group())
                    : word.chars()
                            .mapToObj(c -> String.valueOf((char) (0x0400 + c)))
                            .collect(Collectors.joining());
        });
    }

    @Test
    void nothingIsSaidBesideTheMessageFile() {
        final Set<String> rendered = said().map(message -> message.code().key() + ": " + pseudo.of(message))
                .collect(Collectors.toSet());
        assertThat(rendered).hasSizeGreaterThan(1000);
        assertThat(rendered.stream().filter(PseudoLanguageTest::readable)).isEmpty();
    }

    private static boolean readable(final String saying) {
        String words = saying.substring(saying.indexOf(": ")).toLowerCase(Locale.UK);
        for (final String name : NAMES) {
            words = words.replace(name, "");
        }
        return WORD.matcher(SYMBOL.matcher(words).replaceAll("")).find();
    }

    /** Messages of all kinds: what the bench, a search, an outlook, sheets and written recipes say. */
    private static Stream<Message> said() {
        final List<Message> all = new ArrayList<>();
        final MaterialBook book = MaterialBook.shipped();
        LongStream.range(0, 60).forEach(seed -> {
            final Recipe recipe = new RandomRecipes(seed).next(1, 5);
            final Brief brief = RandomBriefs.next(new Random(seed));
            all.addAll(Messages.in(Evaluator.evaluate(recipe, brief)));
            all.addAll(Messages.in(Outlook.of(recipe, brief, Knowledge.NOTHING, Acidity.Drift.NONE)));
            all.addAll(Messages.in(RecipeChanges.between(recipe, new RandomRecipes(seed + 1).next(1, 5))));
            all.addAll(Messages.in(BriefChanges.between(brief, RandomBriefs.next(new Random(seed + 1)))));
            if (brief.place().isPresent()) {
                all.addAll(Messages.in(PotAndMix.of(recipe, brief, Knowledge.NOTHING)));
            }
        });
        LongStream.range(0, 6).forEach(seed -> all.addAll(Messages.in(answer(seed))));
        for (final Material material : book.materials()) {
            all.addAll(Messages.in(MaterialSheet.of(material)));
            all.add(material.grade());
            material.advice().standIns().stream()
                    .flatMap(id -> book.material(id).stream())
                    .forEach(other ->
                            all.addAll(Messages.in(StandIn.of(material, other).changes())));
        }
        for (final String written : List.of(
                "4 bark, 2 perlite, a dusting of lime", "50% peat, 2 cups grit, the rest pumice", "2 coir, bark")) {
            all.addAll(Messages.in(new RecipeReader(book, Set.of(), 0.5, OptionalDouble.of(2)).read(written)));
        }
        return all.stream().filter(message -> message.code() != TableSentence.TEXT);
    }

    private static Answer answer(final long seed) {
        final List<Candidate> candidates = new RandomRecipes(seed)
                .next(5, 5).parts().stream()
                        .map(Recipe.Part::material)
                        .distinct()
                        .map(Candidate::of)
                        .toList();
        return FindMixes.find(
                Question.of(
                        RandomBriefs.next(new Random(seed)),
                        candidates,
                        new Limits(3, 6, OptionalDouble.empty(), 5_000)),
                SearchListener.NOBODY);
    }
}
