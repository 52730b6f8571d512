package looseknit.server.batch;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class ContentColumn extends VersionedColumn<BinContent, StoredContent> {

    ContentColumn() {
        super(StoredContent.class, StoredContent::of, StoredContent::content);
    }
}
