package looseknit.server.material;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import looseknit.core.material.MakeUp;
import looseknit.core.material.Material;
import looseknit.core.material.MaterialBook;

/** A plain material of a mix and its share of the volume. */
public record ConstituentBody(String id, String name, double percent) {

    /** The plain materials of a mix, the largest share first; none for what is no mix. */
    public static List<ConstituentBody> of(final Material material, final MaterialBook book) {
        final Map<String, Double> shares = new LinkedHashMap<>();
        material.makeUp().map(MakeUp::shares).orElse(List.of()).forEach(each -> {
            final String id = each.material().id();
            shares.merge(id.substring(id.lastIndexOf('/') + 1), each.share(), Double::sum);
        });
        return shares.entrySet().stream()
                .map(each -> new ConstituentBody(
                        each.getKey(),
                        book.material(each.getKey()).map(Material::name).orElse(each.getKey()),
                        100 * each.getValue()))
                .sorted(Comparator.comparingDouble(each -> -each.percent()))
                .toList();
    }
}
