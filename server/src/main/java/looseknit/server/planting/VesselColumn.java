package looseknit.server.planting;

import jakarta.persistence.Converter;
import looseknit.core.planting.PotForm;
import looseknit.server.need.StoredPot;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

/** A vessel in one column. */
@Converter
@Immutable
class VesselColumn extends VersionedColumn<VesselFacts, VesselColumn.StoredVessel> {

    /** A vessel as it is stored. */
    record StoredVessel(PotForm form, StoredPot pot) {}

    VesselColumn() {
        super(
                StoredVessel.class,
                facts -> new StoredVessel(facts.form(), StoredPot.of(facts.pot())),
                stored -> new VesselFacts(stored.form(), stored.pot().body()));
    }
}
