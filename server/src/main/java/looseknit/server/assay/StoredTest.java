package looseknit.server.assay;

import looseknit.core.assay.Assay;
import org.jspecify.annotations.Nullable;

/** A test as it is stored. */
record StoredTest(
        TestBody.Kind kind,
        @Nullable Double containerL,
        @Nullable Double heightCm,
        @Nullable Double waterInL,
        @Nullable Double drainedL,
        @Nullable Double moistureL,
        @Nullable Double wetG,
        @Nullable Double dryG,
        Assay.Squeeze.@Nullable Shows shows,
        @Nullable Double depthCm,
        @Nullable Double seconds,
        @Nullable Double reading,
        Assay.Ph.@Nullable Method method,
        @Nullable Double weeks,
        @Nullable Double dsPerM,
        Assay.Salts.@Nullable Extract extract,
        @Nullable Double water) {

    static StoredTest of(final TestBody test) {
        return new StoredTest(
                test.kind(),
                test.containerL(),
                test.heightCm(),
                test.waterInL(),
                test.drainedL(),
                test.moistureL(),
                test.wetG(),
                test.dryG(),
                test.shows(),
                test.depthCm(),
                test.seconds(),
                test.reading(),
                test.method(),
                test.weeks(),
                test.dsPerM(),
                test.extract(),
                test.water());
    }

    TestBody body() {
        return new TestBody(
                kind,
                containerL,
                heightCm,
                waterInL,
                drainedL,
                moistureL,
                wetG,
                dryG,
                shows,
                depthCm,
                seconds,
                reading,
                method,
                weeks,
                dsPerM,
                extract,
                water);
    }
}
