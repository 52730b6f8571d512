package looseknit.server.measure;

import java.util.Arrays;
import java.util.List;
import looseknit.core.measure.LengthUnit;
import looseknit.core.measure.MassUnit;
import looseknit.core.measure.VolumeUnit;
import looseknit.core.written.RecipeReader;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RestController;

/** Units and their factors, so that the pages convert by the core's table. */
@RestController
class UnitsController {

    /** A unit; {@code factor} is litres, centimetres or grams in one of it. */
    record UnitBody(String id, String symbol, double factor) {}

    /** All units by kind. */
    record UnitsBody(List<UnitBody> volume, List<UnitBody> length, List<UnitBody> mass, double handfulLitres) {}

    @GetMapping("/api/units")
    UnitsBody units() {
        return new UnitsBody(
                Arrays.stream(VolumeUnit.values())
                        .map(unit -> new UnitBody(unit.name(), unit.symbol(), unit.litres()))
                        .toList(),
                Arrays.stream(LengthUnit.values())
                        .map(unit -> new UnitBody(unit.name(), unit.symbol(), unit.centimetres()))
                        .toList(),
                Arrays.stream(MassUnit.values())
                        .map(unit -> new UnitBody(unit.name(), unit.symbol(), unit.grams()))
                        .toList(),
                RecipeReader.HANDFUL_LITRES);
    }
}
