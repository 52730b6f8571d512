package looseknit.server.material;

import looseknit.core.message.Dimension;
import looseknit.core.message.MeasureSystem;
import looseknit.core.message.Message;
import looseknit.core.message.Quantity;
import looseknit.core.sheet.MaterialSheet;

/** A figure of a material with its spread, in the units that are asked for. */
public record SheetLineBody(Message name, String unit, double value, double sd, int decimals) {

    /** A line of the core as it travels. */
    public static SheetLineBody of(final MaterialSheet.Line line, final MeasureSystem system) {
        final Quantity quantity = line.quantity();
        final Dimension dimension = quantity.dimension();
        return new SheetLineBody(
                line.name(),
                dimension.unit(system),
                dimension.shown(quantity.value(), system),
                dimension.difference(line.sd(), system),
                dimension.decimals(quantity.decimals(), system));
    }
}
