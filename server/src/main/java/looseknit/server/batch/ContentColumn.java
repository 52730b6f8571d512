package looseknit.server.batch;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;

@Converter
class ContentColumn extends VersionedColumn<BinContent, StoredContent> {

    ContentColumn() {
        super(StoredContent.class, StoredContent::of, StoredContent::content);
    }
}
