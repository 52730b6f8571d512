package looseknit.server.assay;

import jakarta.persistence.Converter;
import looseknit.server.store.VersionedColumn;
import org.hibernate.annotations.Immutable;

@Converter
@Immutable
class TestColumn extends VersionedColumn<TestBody, StoredTest> {

    TestColumn() {
        super(StoredTest.class, StoredTest::of, StoredTest::body);
    }
}
