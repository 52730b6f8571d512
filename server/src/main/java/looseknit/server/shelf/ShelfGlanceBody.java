package looseknit.server.shelf;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import looseknit.core.material.Section;
import looseknit.core.shelf.RunningOut;

/**
 * The shelf at a glance: what a page shows of it before somebody asks for more.
 *
 * @param count lots on the shelf
 * @param lowCount lots that are nearly used up
 * @param low materials to buy soon, the first of them
 * @param lowMaterials how many such materials there are
 * @param there ids of materials that have a lot
 * @param withSomeLeft ids of materials of which something is left
 * @param largestLitres litres to scoop of the largest lot, as bars to one scale need it
 * @param sections lots by what they are there for, those without any left out
 */
record ShelfGlanceBody(
        int count,
        int lowCount,
        List<LowBody> low,
        int lowMaterials,
        List<String> there,
        List<String> withSomeLeft,
        double largestLitres,
        List<ShelfSectionBody> sections) {

    /** So many lots of each section are shown at first. */
    static final int FIRST = 40;

    private static final int FIRST_LOW = 60;

    /**
     * Lots that are there for the same.
     *
     * @param count how many there are
     * @param lots the first of them, in the order in which they were stored
     */
    record ShelfSectionBody(Section section, int count, List<ShelfLotBody> lots) {}

    /**
     * A material that runs out.
     *
     * @param leftLitres what is left of it that may be used
     */
    record LowBody(String materialId, String materialName, double leftLitres) {}

    static ShelfGlanceBody of(
            final List<ShelfLotBody> all,
            final List<RunningOut<ShelfLotBody>> low,
            final Function<ShelfLotBody, Section> sectionOf) {
        final Map<Section, List<ShelfLotBody>> sections = all.stream()
                .collect(Collectors.groupingBy(
                        sectionOf, () -> new EnumMap<>(Section.class), Collectors.toUnmodifiableList()));
        return new ShelfGlanceBody(
                all.size(),
                (int) all.stream().filter(ShelfLotBody::low).count(),
                low.stream()
                        .limit(FIRST_LOW)
                        .map(each -> new LowBody(
                                each.lot().materialId(), each.lot().id().materialName(), each.leftLitres()))
                        .toList(),
                low.size(),
                all.stream().map(each -> each.facts().materialId()).distinct().toList(),
                all.stream()
                        .filter(each -> each.facts().leftLitres() > 0)
                        .map(each -> each.facts().materialId())
                        .distinct()
                        .toList(),
                all.stream()
                        .mapToDouble(
                                each -> Math.max(each.fullLitres(), each.facts().leftLitres()))
                        .max()
                        .orElse(0),
                sections.entrySet().stream()
                        .map(each -> new ShelfSectionBody(
                                each.getKey(),
                                each.getValue().size(),
                                each.getValue().stream().limit(FIRST).toList()))
                        .toList());
    }
}
