-- what is made beside pots, where a split batch came from, and what lists show
ALTER TABLE batch ADD COLUMN store_litres DOUBLE PRECISION DEFAULT 0 NOT NULL;
ALTER TABLE batch ADD COLUMN tubs_full INT DEFAULT 0 NOT NULL;
ALTER TABLE batch ADD COLUMN split_from UUID REFERENCES batch (id);
ALTER TABLE batch ADD COLUMN begun_with VARCHAR(20000);
ALTER TABLE batch ADD COLUMN test_on DATE;
ALTER TABLE batch ADD COLUMN left_litres DOUBLE PRECISION;

-- what was done with a batch once it was mixed: added, taken out, thrown away, mixed into another
CREATE TABLE bin_event (
    id UUID PRIMARY KEY,
    batch_id UUID NOT NULL REFERENCES batch (id),
    number BIGINT NOT NULL,
    told_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    happened_on DATE NOT NULL,
    kind VARCHAR(20) NOT NULL,
    thing_id VARCHAR(140) NOT NULL,
    amount DOUBLE PRECISION NOT NULL,
    reason VARCHAR(200) NOT NULL,
    other_batch_id UUID,
    content VARCHAR(20000),
    undoes UUID,
    UNIQUE (batch_id, number)
);

-- what came off which lot, so that a batch can be traced to its bags and given back
CREATE TABLE batch_lot (
    id UUID PRIMARY KEY,
    batch_id UUID NOT NULL REFERENCES batch (id),
    for_id UUID NOT NULL,
    material_id VARCHAR(60) NOT NULL,
    lot_id UUID,
    litres DOUBLE PRECISION NOT NULL
);
CREATE INDEX batch_lot_by_batch ON batch_lot (batch_id);

ALTER TABLE bench_test ADD COLUMN batch_id UUID REFERENCES batch (id);
ALTER TABLE bench_test ADD COLUMN ages_weeks VARCHAR(4000);
CREATE INDEX bench_test_by_batch ON bench_test (batch_id);

-- a probe that was pushed into something at a moment; what it shows follows from the time since
CREATE TABLE probe_sitting (
    id UUID PRIMARY KEY,
    medium VARCHAR(20) NOT NULL,
    batch_id UUID REFERENCES batch (id),
    begun_at TIMESTAMP(6) WITH TIME ZONE NOT NULL,
    ph DOUBLE PRECISION NOT NULL,
    water DOUBLE PRECISION NOT NULL,
    holds DOUBLE PRECISION NOT NULL,
    stones DOUBLE PRECISION NOT NULL,
    kept DOUBLE PRECISION
);
